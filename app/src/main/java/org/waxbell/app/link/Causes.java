package org.waxbell.app.link;

import java.util.concurrent.CompletionException;

/** Why something that was waited for failed. */
public final class Causes {
    private Causes() {}

    /** What was thrown first, below what waiting wrapped around it. */
    public static Throwable of(Throwable failed) {
        Throwable cause = failed;
        while (cause instanceof CompletionException && cause.getCause() != null) {
            cause = cause.getCause();
        }
        return cause;
    }

    /** The same as words. */
    public static String words(Throwable failed) {
        Throwable cause = of(failed);
        return cause.getMessage() == null ? "no answer came in time" : cause.getMessage();
    }
}
