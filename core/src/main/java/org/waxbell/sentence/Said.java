package org.waxbell.sentence;

import java.util.List;

/**
 * A piece of the sentence of a cue: words around what can be pressed and changed.
 *
 * @param chip  what is pressed
 * @param code  whether it is written as it is typed
 * @param after words behind it, empty text for none
 */
public record Said(String chip, boolean code, String after) {
    /** What is pressed, with no words behind it. */
    public static Said of(String chip) {
        return new Said(chip, false, "");
    }

    /** {@code a, b or c}; empty text for none. */
    public static String either(List<String> names) {
        if (names.size() < 2) {
            return names.isEmpty() ? "" : names.get(0);
        }
        return String.join(", ", names.subList(0, names.size() - 1)) + " or " + names.get(names.size() - 1);
    }

    /** {@code a, b and c}; empty text for none. */
    public static String listed(List<String> names) {
        int last = names.size() - 1;
        return last < 1
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }

    /** {@code a and b} of what is not empty; empty text for none. */
    public static String both(String one, String other) {
        return one.isEmpty() ? other : other.isEmpty() ? one : one + " and " + other;
    }

    /** {@code once}, {@code twice}, {@code 3 times}. */
    public static String times(long count) {
        return count == 1 ? "once" : count == 2 ? "twice" : count + " times";
    }
}
