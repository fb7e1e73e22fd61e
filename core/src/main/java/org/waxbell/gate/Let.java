package org.waxbell.gate;

/**
 * One ring that was let through the gates, remembered for cooldowns; also one answer of a cue that held, remembered so that
 * it is not said again at once.
 *
 * @param ring   number of the ring; for an answer the number of the decision, negative
 * @param viewer identity of who rang it, empty text for nobody
 * @param at     when, milliseconds since 1970 UTC
 */
public record Let(long ring, String cueId, String viewer, long at) {
    /** The answer that a held cue gave in a decision. */
    public static Let said(long decision, String cueId, String viewer, long at) {
        return new Let(-decision, answersOf(cueId), viewer, at);
    }

    /** The name under which a cue's answers are remembered, which no cue can have as its id. */
    public static String answersOf(String cueId) {
        return cueId + "/answers";
    }
}
