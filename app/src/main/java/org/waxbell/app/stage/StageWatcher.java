package org.waxbell.app.stage;

/** Is told which pages show a stage and what they report; it must not block. */
public interface StageWatcher {
    /** A page of the stage came, went, or reported of itself. */
    void pagesChanged(String stage);

    /** A page painted the first frame of a part at {@code at}, milliseconds since 1970 UTC with fractions. */
    void started(String partRun, double at);
}
