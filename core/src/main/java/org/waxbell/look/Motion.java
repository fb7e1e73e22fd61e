package org.waxbell.look;

/** A way to come in, and backwards to go out; each moves and fades only, so that a page's compositor can do it by itself. */
public enum Motion {
    /** Runs down from above, stretched, and settles, like wax. */
    POUR("pours from above"),
    /** Rises from below. */
    RISE("rises"),
    /** Comes forward, a little too large, and sits. */
    SETTLE("settles"),
    /** Swings in on its upper edge, once, like a bell. */
    SWING("swings in"),
    /** Drifts in from the left. */
    DRIFT("drifts from the left"),
    /** Washes in from the right. */
    TIDE("washes from the right"),
    /** Unrolls from its left edge. */
    UNROLL("unrolls"),
    /** Grows from a spark. */
    KINDLE("kindles");

    private final String words;

    Motion(String words) {
        this.words = words;
    }

    /** What it does, in words: {@code pours from above}. */
    public String inWords() {
        return words;
    }
}
