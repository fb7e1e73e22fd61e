package org.waxbell.tune;

/** What plays while nobody asks. */
public enum Fallback {
    /** Nothing. */
    NOTHING("silence"),
    /** The list that the host keeps. */
    KEPT("your own list, shuffled"),
    /** Everything that may be played. */
    ALL("all that may be played, shuffled");

    private final String says;

    Fallback(String says) {
        this.says = says;
    }

    /** How a sentence says it. */
    String says() {
        return says;
    }
}
