package org.waxbell.clock;

import org.waxbell.clock.ClockState.Phase;
import org.waxbell.fixture.Face;

/**
 * What a clock shows: everything else follows from the moment, so a page that slept is right as soon as it looks.
 *
 * @param up     whether it counts up
 * @param moment while it runs: when it reaches nothing, or when it stood at nothing; milliseconds since 1970 UTC
 * @param stands while it does not run: what it shows, in milliseconds
 * @param whole  how long it is in all, in milliseconds
 * @param round  which round it is, in words; empty text for a clock without rounds
 * @param rests  whether it is a rest
 */
public record ClockFace(Phase phase, boolean up, long moment, long stands, long whole, String round, boolean rests)
        implements Face {}
