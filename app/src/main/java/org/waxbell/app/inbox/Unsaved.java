package org.waxbell.app.inbox;

/** What was done could not be kept; it is tried again until it can. */
public final class Unsaved extends RuntimeException {
    /** Why the store refused. */
    public Unsaved(Throwable cause) {
        super("The data folder could not be written: " + cause.getMessage(), cause);
    }
}
