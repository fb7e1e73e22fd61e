package org.waxbell.time;

/** Tells the present moment of the show, in milliseconds since 1970 UTC; the system's or a virtual one. */
@FunctionalInterface
public interface ShowClock {
    /** The present moment in milliseconds since 1970 UTC. */
    long now();
}
