package org.waxbell.evening;

/** How soon something that needs the host is to be looked at, the soonest first. */
public enum Soon {
    /** Something is lost, or not seen, with every minute. */
    NOW,
    /** A viewer waits for an answer. */
    SOON,
    /** Good to know. */
    LATER
}
