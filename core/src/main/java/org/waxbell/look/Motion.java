package org.waxbell.look;

/** A way to come in, and backwards to go out; each moves and fades only, so that a page's compositor can do it by itself. */
public enum Motion {
    /** Runs down from above, stretched, and settles, like wax. */
    POUR,
    /** Rises from below. */
    RISE,
    /** Comes forward, a little too large, and sits. */
    SETTLE,
    /** Swings in on its upper edge, once, like a bell. */
    SWING,
    /** Drifts in from the left. */
    DRIFT,
    /** Washes in from the right. */
    TIDE,
    /** Unrolls from its left edge. */
    UNROLL,
    /** Grows from a spark. */
    KINDLE
}
