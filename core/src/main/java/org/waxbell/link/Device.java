package org.waxbell.link;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.check.Problems;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.room.DeviceSort;
import org.waxbell.room.Light;
import org.waxbell.words.Wording;

/**
 * A lamp or plug that a broker reaches, and how it is spoken to.
 *
 * @param name       by which cues name it
 * @param sort       what it is
 * @param topic      to which it listens
 * @param payload    what is written there: words with the values of {@link #values}
 * @param tells      the topic on which it tells how it stands; empty text where it does not
 * @param onWord     what it calls being on
 * @param offWord    what it calls being off
 * @param state      where that word stands in what it tells, as a JSON Pointer; empty text where it is all of it
 * @param brightness where its brightness stands, as a JSON Pointer; empty text where it tells none
 * @param most       the number that is its full brightness
 * @param colour     where its colour stands, as a JSON Pointer to a text such as {@code #c8841a} or to {@code r}, {@code g} and {@code b}; empty text where it tells none
 */
public record Device(
        String name,
        DeviceSort sort,
        String topic,
        String payload,
        String tells,
        String onWord,
        String offWord,
        String state,
        String brightness,
        int most,
        String colour) {
    /** The payload of a lamp that takes JSON; braces that are not values stand in quotes. */
    public static final String JSON_LAMP =
            "'{'\"state\":\"{state}\",\"brightness\":{level},\"color\":'{'\"r\":{red},\"g\":{green},\"b\":{blue}'}}'";

    private static final int LONGEST_TOPIC = 200;
    private static final String POINTER = "(/[^/]+)+";
    private static final String TELLS = "What it tells of itself";

    /** What it says of itself. */
    public static final Kind<Device> KIND = Kind.<Device>of(Device.class, "device", "Lamp or plug", "Device")
            .also("lamp plug light switch topic")
            .with(
                    Field.text("name", "What you call it", 40)
                            .called("The name")
                            .matching(
                                    "[^/]+",
                                    "A name has no slash in it.",
                                    "Write letters, digits and spaces, such as Bench.")
                            .needed()
                            .wide(4),
                    Field.choice("sort", "It is", new Choice("lamp", "a lamp"), new Choice("plug", "a plug"))
                            .wide(2),
                    topic("topic", "Listens to the topic").needed(),
                    Field.of(Field.Type.CODE, "payload", "What is written there")
                            .called("What is written there")
                            .most(500)
                            .needed()
                            .hint(
                                    "Values: {state}, {brightness} in percent, {level}, {colour}, {red}, {green}, {blue}. A brace that is no value stands in quotes: '{'."),
                    topic("tells", "Tells how it stands on").under(TELLS),
                    Field.text("onWord", "On is", 40)
                            .called("The word for on")
                            .needed()
                            .wide(2)
                            .under(TELLS),
                    Field.text("offWord", "Off is", 40)
                            .called("The word for off")
                            .needed()
                            .wide(2)
                            .under(TELLS),
                    Field.number("most", "Full brightness is", 1, 65_535)
                            .called("Full brightness")
                            .wide(2)
                            .under(TELLS),
                    pointer("state", "That word stands at"),
                    pointer("brightness", "Brightness at").when("sort", "lamp"),
                    pointer("colour", "Colour at").when("sort", "lamp"))
            .making(on -> new Device(
                    "", DeviceSort.LAMP, "", JSON_LAMP, "", "ON", "OFF", "/state", "/brightness", 255, "/color"));

    private static Field topic(String key, String label) {
        return Field.of(Field.Type.CODE, key, label)
                .called("The topic")
                .most(LONGEST_TOPIC)
                .matching(
                        "[^+#\\x00$][^+#\\x00]*",
                        "This is no topic.",
                        "Write one such as room/bench/set, without + and #.");
    }

    private static Field pointer(String key, String label) {
        return Field.of(Field.Type.CODE, key, label)
                .matching(POINTER, "This is no JSON Pointer.", "Write one such as /state, or nothing.")
                .wide(2)
                .under(TELLS);
    }

    /** The values that a payload may use, for a light. */
    public Map<String, String> values(Light light) {
        Map<String, String> values = new TreeMap<>();
        values.put("state", light.on() ? onWord : offWord);
        values.put("colour", light.colour());
        values.put("brightness", Integer.toString(light.on() ? light.brightness() : 0));
        values.put("level", Long.toString(Math.round((light.on() ? light.brightness() : 0) * most / 100.0)));
        values.put("red", Integer.toString(light.part(0)));
        values.put("green", Integer.toString(light.part(1)));
        values.put("blue", Integer.toString(light.part(2)));
        return values;
    }

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        KIND.check(this, problems);
        Problems here = problems.at("payload");
        Wording.Fault fault = Wording.faultOf(payload);
        if (fault != null) {
            here.add(
                    payload,
                    "What is written cannot be read at character " + (fault.at() + 1) + ": " + fault.message() + ".",
                    "Write a value as {state}, and a brace that is none in quotes: '{'.");
            return;
        }
        Set<String> known = values(Light.OFF).keySet();
        Wording.uses(payload).stream()
                .filter(use -> !known.contains(use.name()))
                .forEach(use -> here.add(
                        "{" + use.name() + "}",
                        "A device has no value called \"" + use.name() + "\".",
                        "Use one of " + known + "."));
    }
}
