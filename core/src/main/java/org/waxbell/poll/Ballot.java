package org.waxbell.poll;

/**
 * What somebody voted for.
 *
 * @param person identity
 * @param choice number of the answer from 0 on, the last one where there are several
 * @param votes  how many
 * @param paid   for them, in points
 */
public record Ballot(String person, int choice, int votes, long paid) {}
