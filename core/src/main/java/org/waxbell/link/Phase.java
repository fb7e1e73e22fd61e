package org.waxbell.link;

/** What a link is doing, from the best to the worst. */
public enum Phase {
    /** It works. */
    UP,
    /** The host paused it; it is not forgotten. */
    PAUSED,
    /** It is being set up and has nothing to connect to yet. */
    UNSET,
    /** It connects, for the first time or again. */
    CONNECTING,
    /** It does not work; the state says why and what to do. */
    BROKEN
}
