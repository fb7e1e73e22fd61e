package org.waxbell.act;

import org.waxbell.check.Problems;

/**
 * One field of an act.
 *
 * @param key   how the asker names it
 * @param title what stands beside it in a form
 * @param number whether it is a whole number, else text
 * @param least  the least number, not looked at for text
 * @param most   the greatest number, or the greatest length of a text
 * @param fresh  what stands there before anybody wrote
 */
public record ActField(String key, String title, boolean number, long least, long most, String fresh) {
    /** A whole number from {@code least} to {@code most}. */
    public static ActField number(String key, String title, long least, long most, long fresh) {
        return new ActField(key, title, true, least, most, Long.toString(fresh));
    }

    /** Text of at most {@code most} characters. */
    public static ActField text(String key, String title, long most) {
        return new ActField(key, title, false, 0, most, "");
    }

    /** Adds why it cannot be that, where it cannot. */
    public void check(String value, Problems here) {
        if (!faultOf(value).isEmpty()) {
            here.add(value, faultOf(value), "Give another.");
        }
    }

    /** Why it cannot be that, as a sentence; empty text where it can. */
    public String faultOf(String value) {
        if (!number) {
            return value.length() <= most ? "" : title + " is longer than " + most + " characters.";
        }
        boolean fits = value.strip().matches("-?\\d{1,15}")
                && Long.parseLong(value.strip()) >= least
                && Long.parseLong(value.strip()) <= most;
        return fits ? "" : title + " is a whole number from " + least + " to " + most + ".";
    }
}
