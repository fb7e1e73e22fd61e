package org.waxbell.app.inbox;

/** The engine met a fault at an input: it was not done and is set aside, and the evening goes on. */
public final class Faulted extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param fault what was thrown */
    public Faulted(Throwable fault) {
        super("Wax Bell met a fault at this: " + fault, fault);
    }
}
