package org.waxbell.link;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/**
 * Where the lamps and plugs of the room are.
 *
 * @param practice    whether they are those of the practice room
 * @param address     of a broker of MQTT 5 otherwise, such as {@code mqtts://192.168.1.20:8883}; empty text where there is none yet
 * @param user        with which it is signed in there, empty text for none
 * @param certificate of the authority that signed the broker's, as PEM, where this machine trusts none that did; else empty text
 * @param presence    the topic on which the broker tells others whether Wax Bell is there, empty text for none
 * @param devices     what it reaches
 */
public record RoomSettings(
        boolean practice, String address, String user, String certificate, String presence, List<Device> devices)
        implements LinkSettings {
    /** The secret that goes with the user. */
    public static final String PASSWORD = "password";

    private static final int MOST_DEVICES = 100;
    private static final String ONLY = "practice";
    /** What they say of themselves. */
    public static final Kind<RoomSettings> KIND = Kind.<RoomSettings>of(
                    RoomSettings.class, "room", "Lamps and plugs", "Room")
            .also("lamp plug light mqtt broker home")
            .with(
                    Field.flag(ONLY, "The practice room that ships with Wax Bell"),
                    Field.of(Field.Type.CODE, "address", "Address of the broker")
                            .matching(
                                    "mqtts?://([A-Za-z0-9.-]+|\\[[0-9a-fA-F:]+\\])(:\\d{1,5})?",
                                    "This is no address of a broker.",
                                    "Write one such as mqtt://192.168.1.20:1883, or take the practice room.")
                            .hint(
                                    "Such as mqtt://192.168.1.20:1883, or mqtts:// where it is encrypted. It has to speak MQTT 5.")
                            .when(ONLY, "false"),
                    Field.text("user", "User", 100).wide(3).when(ONLY, "false"),
                    Field.secret(PASSWORD, "Password").wide(3).when(ONLY, "false"),
                    Field.of(Field.Type.OTHER, "devices", "Lamps and plugs").when(ONLY, "false"),
                    Field.of(Field.Type.CODE, "presence", "Tells that Wax Bell is there on")
                            .most(200)
                            .matching("[^+#\\x00$][^+#\\x00]*", "This is no topic.", "Write one such as waxbell/state.")
                            .under("More")
                            .when(ONLY, "false"),
                    Field.of(Field.Type.LINES, "certificate", "The certificate of its authority (PEM)")
                            .hint("Where no known authority signed the broker's own.")
                            .under("More")
                            .when(ONLY, "false"))
            .making(on -> new RoomSettings(true, "", "", "", "waxbell/state", List.of()));

    public RoomSettings {
        devices = List.copyOf(devices);
    }

    /** Whether what is said there is encrypted. */
    public boolean encrypted() {
        return address.startsWith("mqtts:");
    }

    @Override
    public boolean complete() {
        return practice || !address.isEmpty();
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
        if (practice) {
            return;
        }
        if (devices.size() > MOST_DEVICES) {
            problems.at("devices")
                    .add(
                            Integer.toString(devices.size()),
                            "These are too many devices.",
                            "Keep the " + MOST_DEVICES + " that cues use.");
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < devices.size(); i++) {
            Problems here = problems.at("devices", i);
            devices.get(i).check(here);
            if (!names.add(devices.get(i).name().toLowerCase(Locale.ROOT))) {
                here.at("name")
                        .add(devices.get(i).name(), "Another device has this name.", "Give each a name of its own.");
            }
        }
    }
}
