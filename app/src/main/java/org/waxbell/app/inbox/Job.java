package org.waxbell.app.inbox;

import java.util.Optional;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.rehearsal.Step;

/** Something for the engine's thread to do; whatever changes state is one. */
public interface Job {
    /** Does it, at the stamp given to it; the outcome is kept and its directives leave. */
    Outcome decide(Engine engine, long at);

    /** What it did, once it is done, as a recording of the evening keeps it; empty where it did nothing that a rehearsal would need. */
    default Optional<Step> recorded() {
        return Optional.empty();
    }

    /** What it is given, for a report where the engine meets a fault at it: a step of a script, or words. */
    default Object input() {
        return recorded().<Object>map(step -> step).orElse("a question that changes nothing");
    }

    /** What it did was let out; whether it could be kept is told elsewhere. */
    default void over() {}

    /** Whether it rewrites by {@link #keep} what is kept of the evening, so that the engine has to be made anew of that. It decides nothing then. */
    default boolean makesAnew() {
        return false;
    }

    /** Writes what else belongs to it, in the same transaction as the outcome. */
    default void keep() {}
}
