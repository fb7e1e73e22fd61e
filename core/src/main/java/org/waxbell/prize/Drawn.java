package org.waxbell.prize;

/**
 * One draw.
 *
 * @param round  from 1 on, over all prizes
 * @param prize  what for
 * @param number of whom it fell on
 * @param at     when, milliseconds since 1970 UTC
 * @param claim  what became of it
 */
public record Drawn(int round, String prize, int number, String person, String name, long at, Claim claim) {
    /** What became of a draw. */
    public enum Claim {
        /** They have time to speak up. */
        WAITS,
        /** The prize is theirs. */
        WON,
        /** They did not speak up in time, or the host drew again. */
        MISSED
    }

    Drawn with(Claim other) {
        return new Drawn(round, prize, number, person, name, at, other);
    }
}
