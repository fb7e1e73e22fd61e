package org.waxbell.clock;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How a clock stands.
 *
 * @param phase  whether it runs
 * @param moment while it runs: when it reaches nothing, or for one that counts up when it stood at nothing; milliseconds since 1970 UTC
 * @param stands while it does not run: what it shows, in milliseconds
 * @param whole  how long it was in all, so that a candle knows how much of it is burnt, in milliseconds; 0 for one that stands as it is written
 * @param turn   the turn of a clock with rounds, counted from 0
 * @param near   whether it was told already that it is nearly over
 * @param since  when this run began, milliseconds since 1970 UTC; 0 before any
 * @param added  how much events added in this run, by the number of the line of the table, in milliseconds
 * @param before how it stood before the last step of a person, so that it can be taken back; empty where there is none
 */
public record ClockState(
        Phase phase,
        long moment,
        long stands,
        long whole,
        int turn,
        boolean near,
        long since,
        Map<Integer, Long> added,
        Optional<ClockState> before) {
    /** Whether a clock runs. */
    public enum Phase {
        /** It was not started. */
        READY,
        /** It runs. */
        RUNNING,
        /** It stands still until it goes on. */
        PAUSED,
        /** It ran out. */
        OVER
    }

    public ClockState {
        added = Collections.unmodifiableMap(new TreeMap<>(added));
    }

    /** One that was not started and shows what is written. */
    static ClockState ready(long stands) {
        return new ClockState(Phase.READY, 0, stands, 0, 0, false, 0, Map.of(), Optional.empty());
    }

    /** Whether it was neither started nor set by hand, so that it follows what is written. */
    boolean isAsWritten() {
        return phase == Phase.READY && whole == 0;
    }

    /** Whether it runs. */
    public boolean runs() {
        return phase == Phase.RUNNING;
    }

    /** How much events added in this run, in milliseconds. */
    public long addedInAll() {
        return added.values().stream().mapToLong(Long::longValue).sum();
    }

    ClockState running(long reaches, long length) {
        return new ClockState(Phase.RUNNING, reaches, 0, length, turn, near, since, added, before);
    }

    ClockState standing(Phase as, long shows) {
        return new ClockState(as, moment, shows, Math.max(1, Math.max(whole, shows)), turn, near, since, added, before);
    }

    ClockState begun(long at) {
        return new ClockState(phase, moment, stands, whole, turn, false, at, Map.of(), before);
    }

    ClockState inTurn(int other) {
        return new ClockState(phase, moment, stands, whole, other, false, since, added, before);
    }

    ClockState nearly(boolean told) {
        return new ClockState(phase, moment, stands, whole, turn, told, since, added, before);
    }

    ClockState adding(int line, long ms) {
        Map<Integer, Long> more = new TreeMap<>(added);
        more.merge(line, ms, Long::sum);
        return new ClockState(phase, moment, stands, whole, turn, near, since, more, before);
    }

    /** The same, taken back as {@code other} would be. */
    ClockState undoingAs(ClockState other) {
        return new ClockState(phase, moment, stands, whole, turn, near, since, added, other.before);
    }

    /** The same, to be taken back to {@code other}, which itself forgets what was before it. */
    ClockState after(ClockState other) {
        ClockState once = new ClockState(
                other.phase,
                other.moment,
                other.stands,
                other.whole,
                other.turn,
                other.near,
                other.since,
                other.added,
                Optional.empty());
        return new ClockState(phase, moment, stands, whole, turn, near, since, added, Optional.of(once));
    }
}
