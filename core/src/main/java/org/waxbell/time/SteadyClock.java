package org.waxbell.time;

import java.util.function.LongSupplier;

/**
 * The wall clock as a show can live by it: set forward, or behind a sleep of the machine, it follows at once; set back it does not follow, but
 * goes on evenly from where it was, for whatever plays must end. How far it was set back is remembered until the wall clock has caught up.
 */
public final class SteadyClock implements ShowClock {
    /** What the wall clock is corrected by less than this is not worth a word, in milliseconds. */
    public static final long TRIFLE = 2_000;

    private static final double MICROS = 1e3;
    private static final double NANOS = 1e6;
    /** By how much the wall clock must be ahead to be followed, in milliseconds. */
    private static final double SET = 0.5;

    private final LongSupplier wall;
    private final LongSupplier nanos;
    private double ahead;
    private double back;

    /** @param wall microseconds since 1970 UTC, set by whoever may @param nanos of a clock that nobody sets */
    public SteadyClock(LongSupplier wall, LongSupplier nanos) {
        this.wall = wall;
        this.nanos = nanos;
        ahead = wall.getAsLong() / MICROS - nanos.getAsLong() / NANOS;
    }

    @Override
    public long now() {
        return (long) exact();
    }

    /** The present moment with fractions of a millisecond, never before one that was told earlier. */
    public synchronized double exact() {
        // First the wall clock: a thread that has to wait between the two must not take that for a clock that was set
        // forward.
        double told = wall.getAsLong() / MICROS;
        double even = nanos.getAsLong() / NANOS + ahead;
        double off = told - even;
        if (off >= SET) {
            ahead += off;
            even += off;
        }
        back = Math.max(0, -off);
        return even;
    }

    /** How far the wall clock is behind this one since somebody set it back, in milliseconds; 0 where it is not, or by a trifle. */
    public synchronized long setBack() {
        exact();
        return back < TRIFLE ? 0 : (long) back;
    }
}
