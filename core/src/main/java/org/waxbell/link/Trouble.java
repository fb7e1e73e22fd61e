package org.waxbell.link;

/**
 * Why a link does not work.
 *
 * @param says   what happened, as a sentence
 * @param remedy what to do about it, as a sentence; empty text where waiting is all
 * @param again  whether trying again by itself may help; a wrong password is not tried again
 */
public record Trouble(String says, String remedy, boolean again) {
    /** Something that may be over when it is tried again. */
    public static Trouble passing(String says, String remedy) {
        return new Trouble(says, remedy, true);
    }

    /** Something that only the host can mend. */
    public static Trouble lasting(String says, String remedy) {
        return new Trouble(says, remedy, false);
    }
}
