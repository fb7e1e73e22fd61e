package org.waxbell.gate;

/**
 * One ring that was let through the gates, remembered for cooldowns.
 *
 * @param ring   number of the ring
 * @param viewer identity of who rang it, empty text for nobody
 * @param at     when, milliseconds since 1970 UTC
 */
public record Let(long ring, String cueId, String viewer, long at) {
}
