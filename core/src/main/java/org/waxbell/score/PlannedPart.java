package org.waxbell.score;

/**
 * A part with its start and length worked out for one ring.
 *
 * @param fromMs start in milliseconds from the start of the score, {@link #OPEN} where it hangs on what is not known yet
 */
public record PlannedPart(Part part, long fromMs, Settled settled) {
    /** A moment that is not known yet. */
    public static final long OPEN = Long.MIN_VALUE;

    /** End in milliseconds from the start of the score, {@link #OPEN} where that is not known. */
    public long endMs() {
        return fromMs == OPEN || !settled.known() ? OPEN : fromMs + settled.lengthMs();
    }

    /** The end at the latest, in milliseconds from the start of the score; the caller has seen that the start is known. */
    public long toMs() {
        return fromMs + settled.claimMs();
    }
}
