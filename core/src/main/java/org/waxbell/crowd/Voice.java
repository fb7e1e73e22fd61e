package org.waxbell.crowd;

/**
 * What is known of one who plays.
 *
 * @param person identity
 * @param at     when they pressed last, milliseconds since 1970 UTC
 * @param word   for which they vote, empty text for none
 */
public record Voice(String person, long at, String word) {}
