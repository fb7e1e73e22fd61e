package org.waxbell.points;

/**
 * One movement of points; the entries of a person add up to their balance.
 *
 * @param number counts entries from 1
 * @param at     when, milliseconds since 1970 UTC
 * @param person identity of whose points they are
 * @param amount what was added, negative for what was taken
 * @param why    in words, such as {@code Dye the pool}
 */
public record LedgerEntry(long number, long at, String person, long amount, String why) {}
