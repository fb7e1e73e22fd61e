package org.waxbell.score;

/**
 * How a part behaves within its score.
 *
 * @param ifFails what happens to the rest when it fails
 * @param atOnce  whether it does not wait with the others for busy places; only for parts that take none
 * @param toEnd   whether it lasts until all others of the score are over, in place of a length of its own
 */
public record Manner(IfFails ifFails, boolean atOnce, boolean toEnd) {
    /** The rest goes on; it waits with the others; it has its own length. */
    public static final Manner PLAIN = new Manner(IfFails.GO_ON, false, false);

    /** What happens when a part fails. */
    public enum IfFails {
        /** The rest of the score goes on. */
        GO_ON,
        /** The score ends. */
        STOP,
        /** The score ends and the take that the cue keeps for that is played, once. */
        OTHER_TAKE
    }
}
