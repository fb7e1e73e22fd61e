package org.waxbell.app.inbox;

import org.waxbell.engine.Outcome;

/** Is told of every outcome once it is kept. It runs on the engine's thread and must not block. */
public interface OutcomeWatcher {
    /** An outcome left. */
    void left(Outcome outcome);
}
