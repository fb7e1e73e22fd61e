package org.waxbell.bridge;

import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture.Place;

/**
 * What a message of the program means: what a person did there. {@code {1}} stands for what comes with the message first.
 *
 * @param address of Open Sound Control, as it comes
 * @param change  a kind of change, by the names of the mixer link
 * @param full    what the program sends for all of it, where it tells a level: 1 or 100
 */
record Heard(String address, String change, String scene, String source, String filter, double full) {
    private static final String FIRST = "{1}";
    private static final double PERCENT = 100;

    Heard {
        full = full == 0 ? 1 : full;
    }

    /** The change that was made there. @param arguments what came with the message */
    MixerChange made(List<Object> arguments) {
        Object first = arguments.isEmpty() ? "" : arguments.get(0);
        boolean on = first instanceof Number number ? number.doubleValue() != 0 : !Boolean.FALSE.equals(first);
        double share = first instanceof Number number ? number.doubleValue() / full : 0;
        String words = String.valueOf(first);
        return new MixerChange(
                change,
                named(scene, words),
                named(source, words),
                words,
                (int) Math.round(share * PERCENT),
                on,
                named(filter, words),
                new Place(0, 0, 0, 0));
    }

    private static String named(String name, String first) {
        return name == null ? "" : name.replace(FIRST, first);
    }

    /** Adds what is wrong with it. */
    void check(Problems here) {
        if (address == null || !address.startsWith("/")) {
            here.at("address").add(address, "It is no address of OSC.", "Begin it with /.");
        }
        if (change == null || change.isBlank()) {
            here.at("change").add("", "It is missing.", "Write what the message means, such as \"scene.cut\".");
        }
        if (full < 0) {
            here.at("full").add(full, "It is less than nothing.", "Write 1 or 100.");
        }
    }
}
