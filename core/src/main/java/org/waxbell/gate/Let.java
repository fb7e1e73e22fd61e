package org.waxbell.gate;

import org.waxbell.event.Identity;

/**
 * Rings that were let through the gates, remembered for cooldowns and limits; also answers of a cue that held, remembered so
 * that they are not said again at once.
 *
 * @param ring  number of the ring, 0 for several put together that can no longer be taken back; for an answer the number of
 *              the decision, negative
 * @param who   key of who rang it, 0 where that makes no difference
 * @param at    when the last of them was, milliseconds since 1970 UTC
 * @param times how many they are in the show
 */
public record Let(long ring, String cueId, long who, long at, int times) {
    /** By what it is remembered: its ring, or its cue and person where it stands for several. */
    public String key() {
        return ring != 0 ? Long.toString(ring) : cueId + "/" + Long.toHexString(who);
    }

    /** The same, no longer counted among those of the show. */
    public Let uncounted() {
        return new Let(ring, cueId, who, at, 0);
    }

    /** The answer that a held cue gave in a decision. */
    public static Let said(long decision, String cueId, String viewer, long at) {
        return new Let(-decision, answersOf(cueId), Identity.key(viewer), at, 1);
    }

    /** The name under which a cue's answers are remembered, which no cue can have as its id. */
    public static String answersOf(String cueId) {
        return cueId + "/answers";
    }
}
