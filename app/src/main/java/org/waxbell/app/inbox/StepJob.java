package org.waxbell.app.inbox;

import java.util.Objects;
import java.util.Optional;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.rehearsal.Step;

/** Does one step, at the stamp that the engine's thread gives it. */
final class StepJob implements Job {
    private final LongFunction<Step> make;
    private @Nullable Step step;

    StepJob(LongFunction<Step> make) {
        this.make = make;
    }

    @Override
    public Outcome decide(Engine engine, long at) {
        step = make.apply(at);
        return Objects.requireNonNull(step).play(engine);
    }

    @Override
    public Optional<Step> recorded() {
        return Optional.ofNullable(step);
    }
}
