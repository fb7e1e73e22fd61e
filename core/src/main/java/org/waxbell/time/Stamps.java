package org.waxbell.time;

/** Stamps inputs once, when they are taken from the queue; a wall clock set back never makes a stamp go back. */
public final class Stamps {
    private final ShowClock clock;
    private long last = Long.MIN_VALUE;

    /** Stamps read from {@code clock}. */
    public Stamps(ShowClock clock) {
        this.clock = clock;
    }

    /** The stamp of the input in hand, in milliseconds since 1970 UTC, never below an earlier one. */
    public long next() {
        last = Math.max(last, clock.now());
        return last;
    }
}
