package org.waxbell.rehearsal;

import org.waxbell.actor.Actor;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ShowEvent;
import org.waxbell.wiring.WiringPatch;

/** One thing that is done to the engine at a moment of a script. */
public sealed interface Step
        permits Step.Happens, Step.Hush, Step.Reported, Step.Rewired, Step.Led, Step.Stopped, Step.Hastened {
    /** When, milliseconds since 1970 UTC or from any other start; steps never go back. */
    long at();

    /** Does it. */
    Outcome play(Engine engine);

    /** An event arrives. */
    record Happens(long at, ShowEvent event) implements Step {
        @Override
        public Outcome play(Engine engine) {
            return engine.accept(at, event);
        }
    }

    /** The host pulls Hush. @param by who it was */
    record Hush(long at, Actor by) implements Step {
        @Override
        public Outcome play(Engine engine) {
            return engine.hush(at, by);
        }
    }

    /** An adapter reported of a part. */
    record Reported(long at, String partRun, Completion result) implements Step {
        @Override
        public Outcome play(Engine engine) {
            return engine.completed(at, partRun, result);
        }
    }

    /** The wiring was edited. */
    record Rewired(long at, WiringPatch patch) implements Step {
        @Override
        public Outcome play(Engine engine) {
            return engine.rewire(
                    at, engine.book().next(patch.applyTo(engine.book().wiring())));
        }
    }

    /** A person ends or skips a ring. @param ring its number @param by who it was */
    record Stopped(long at, long ring, Actor by) implements Step {
        @Override
        public Outcome play(Engine engine) {
            return engine.stop(at, ring, by);
        }
    }

    /** A person lets a ring go before the others that wait. @param ring its number @param by who it was */
    record Hastened(long at, long ring, Actor by) implements Step {
        @Override
        public Outcome play(Engine engine) {
            return engine.hasten(at, ring, by);
        }
    }

    /** Parts are told another time ahead from now on. @param ms that time, in milliseconds */
    record Led(long at, long ms) implements Step {
        @Override
        public Outcome play(Engine engine) {
            engine.lead(ms);
            return Outcome.NOTHING;
        }
    }
}
