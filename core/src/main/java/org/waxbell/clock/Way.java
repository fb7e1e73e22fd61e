package org.waxbell.clock;

/** How a clock runs. */
public enum Way {
    /** From a length to nothing. */
    DOWN("counts down"),
    /** To a time of day. */
    UNTIL("counts down to"),
    /** From nothing on, without an end. */
    UP("counts up"),
    /** Work and rest in turn. */
    ROUNDS("goes round in");

    private final String says;

    Way(String says) {
        this.says = says;
    }

    /** As a sentence says it. */
    String says() {
        return says;
    }
}
