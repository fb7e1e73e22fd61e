package org.waxbell.cue;

/** By which rule one of several takes is chosen. */
public enum TakeRule {
    /** The first whose condition holds. */
    FIRST,
    /** Drawn by weight. */
    WEIGHT,
    /** One after the other. */
    TURN
}
