package org.waxbell.score;

/**
 * A part with its start and length worked out for one ring.
 *
 * @param fromMs start in milliseconds from the start of the score
 */
public record PlannedPart(Part part, long fromMs, Settled settled) {
    /** End in milliseconds from the start of the score. */
    public long toMs() {
        return fromMs + settled.lengthMs();
    }
}
