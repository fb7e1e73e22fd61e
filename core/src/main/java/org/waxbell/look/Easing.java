package org.waxbell.look;

/** How a motion spends its time. */
public enum Easing {
    /** Quick at first, then at rest. */
    SOFT,
    /** At one pace. */
    EVEN,
    /** A little beyond, and back. */
    SPRINGY
}
