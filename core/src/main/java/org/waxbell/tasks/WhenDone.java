package org.waxbell.tasks;

/** Where a task goes on the stage when it is done. */
public enum WhenDone {
    /** It is struck and stays where it is. */
    STAY("stays where it is, struck"),
    /** It goes behind all that is not done. */
    LAST("goes last"),
    /** A seal is pressed on it, and then it goes last. */
    SEALED("is sealed and goes last"),
    /** It leaves. */
    GONE("leaves the stage");

    private final String says;

    WhenDone(String says) {
        this.says = says;
    }

    /** How a sentence says it. */
    String says() {
        return says;
    }
}
