package org.waxbell.app.wiring;

import org.jspecify.annotations.Nullable;

/** Somebody else has changed the document meanwhile. */
public final class Conflict extends RuntimeException {
    private final transient @Nullable Document there;

    /** A conflict of another kind. */
    Conflict(@Nullable Document there, String message) {
        super(message);
        this.there = there;
    }

    /** @param there what is stored now, null where it is gone */
    public Conflict(@Nullable Document there) {
        super(
                there == null
                        ? "It was deleted meanwhile."
                        : "It was changed meanwhile, by another page or another person.");
        this.there = there;
    }

    /** What is stored now, null where it is gone. */
    public @Nullable Document there() {
        return there;
    }
}
