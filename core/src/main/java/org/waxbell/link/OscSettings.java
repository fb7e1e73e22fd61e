package org.waxbell.link;

import org.waxbell.check.Problems;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/**
 * A desk or program that speaks Open Sound Control 1.0, such as one for lights.
 *
 * @param host   the computer it is on; empty text where it is not told anything
 * @param port   on which it listens
 * @param way    {@code udp} or {@code tcp}
 * @param hears  the port on which we listen to it, by the same way; 0 for none
 */
public record OscSettings(String host, int port, String way, int hears) implements LinkSettings {
    /** What they say of themselves. */
    public static final Kind<OscSettings> KIND = Kind.<OscSettings>of(
                    OscSettings.class, "osc", "A desk that speaks Open Sound Control", "OSC desk")
            .also("osc lights lighting fader show control open sound control")
            .with(
                    Field.of(Field.Type.CODE, "host", "Its computer")
                            .matching(
                                    "[A-Za-z0-9.:-]{1,253}",
                                    "This is no name of a computer.",
                                    "Write one such as 192.168.1.30.")
                            .needed()
                            .wide(3),
                    Field.number("port", "Its port", 1, 65_535)
                            .called("The port")
                            .wide(1),
                    Field.choice("way", "By", new Choice("udp", "UDP"), new Choice("tcp", "TCP"))
                            .wide(2),
                    Field.number("hears", "We listen to it on the port", 0, 65_535)
                            .called("The port on which we listen")
                            .hint("0 for not at all. By the same way, and only what comes from its computer counts."))
            .making(on -> new OscSettings("", 9_000, "udp", 0));

    /** Whether it is reached by TCP. */
    public boolean tcp() {
        return way.equals("tcp");
    }

    @Override
    public boolean complete() {
        return !host.isEmpty();
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
