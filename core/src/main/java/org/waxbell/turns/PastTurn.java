package org.waxbell.turns;

/**
 * A turn that is over.
 *
 * @param number  counts the turns of this queue from 1
 * @param joined  when they joined, milliseconds since 1970 UTC
 * @param began   when they were up, likewise
 * @param ended   when it was over, likewise
 * @param outcome how it ended, as the host calls it
 */
public record PastTurn(
        long number, String person, String name, String note, long joined, long began, long ended, String outcome) {}
