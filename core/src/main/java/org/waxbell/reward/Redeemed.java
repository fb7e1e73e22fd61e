package org.waxbell.reward;

import java.util.Set;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;

/**
 * One that was redeemed.
 *
 * @param number counts them from 1 on
 * @param person identity
 * @param input  what was written, empty text for nothing
 * @param paid   for it, in points
 * @param at     when, milliseconds since 1970 UTC
 * @param tonight whether it counts for this show
 * @param state  what became of it
 */
public record Redeemed(
        int number,
        String person,
        String name,
        Set<Standing> standings,
        int months,
        String reward,
        String input,
        int paid,
        long at,
        boolean tonight,
        State state) {
    /** What became of it. */
    public enum State {
        /** The host has to say. */
        WAITS,
        /** It was done. */
        DONE,
        /** It was given back. */
        BACK
    }

    public Redeemed {
        standings = Set.copyOf(standings);
    }

    Viewer viewer() {
        return new Viewer(person, name, standings, months);
    }

    Redeemed with(State other) {
        return new Redeemed(number, person, name, standings, months, reward, input, paid, at, tonight, other);
    }

    Redeemed past() {
        return new Redeemed(number, person, name, standings, months, reward, input, paid, at, false, state);
    }
}
