package org.waxbell.tasks;

/** Who ticks a task off, beside the host and moderators. */
public enum Tick {
    /** Whoever wrote it. */
    OWN("whoever wrote a task"),
    /** Anyone who may write to the list. */
    ANYONE("anyone");

    private final String says;

    Tick(String says) {
        this.says = says;
    }

    /** How a sentence says it. */
    String says() {
        return says;
    }
}
