package org.waxbell.app.run;

/** Is told of parts that turned out to have failed when their ring was over already, such as an answer that could not be said. */
@FunctionalInterface
public interface LateFailure {
    /** The part failed, and why. */
    void failedLate(String partRun, String why);
}
