package org.waxbell.turns;

/** When somebody who was up may join again. */
public enum Again {
    /** At once. */
    ALWAYS,
    /** After a rest. */
    RESTED,
    /** In the next show. */
    ONCE
}
