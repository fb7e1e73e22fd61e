package org.waxbell.evening;

/**
 * When a timed pull of a cue came last.
 *
 * @param pull  which of its pulls, counted from 0
 * @param at    when, milliseconds since 1970 UTC
 * @param lines how many lines of chat the show had by then
 * @param ready when enough lines had come since, 0 where they have not
 */
public record Came(String cueId, int pull, long at, long lines, long ready) {}
