package org.waxbell.time;

/** A clock that stands still until it is moved, for rehearsals and tests. */
public final class VirtualClock implements ShowClock {
    private long now;

    /** A clock standing at {@code start}, milliseconds since 1970 UTC. */
    public VirtualClock(long start) {
        now = start;
    }

    @Override
    public long now() {
        return now;
    }

    /** Moves on to {@code moment}; a moment already past leaves the clock where it is, for time never goes back. */
    public void moveTo(long moment) {
        now = Math.max(now, moment);
    }
}
