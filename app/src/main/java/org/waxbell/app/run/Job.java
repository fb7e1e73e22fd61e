package org.waxbell.app.run;

import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;

/** Something for the engine's thread to do; whatever changes state is one. */
public interface Job {
    /** Does it, at the stamp given to it; the outcome is kept and its directives leave. */
    Outcome decide(Engine engine, long at);

    /** Writes what else belongs to it, in the same transaction as the outcome. */
    default void keep() {
    }
}
