package org.waxbell.app.run;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.waxbell.engine.Outcome;

/** What was decided in one turn and is committed together. */
final class Batch {
    private final List<Done> done = new ArrayList<>();

    /** One outcome, what else is written with it, what is done once it was let out, and who waits for it (null for nobody). */
    record Done(
            Outcome outcome,
            Runnable keep,
            Runnable over,
            @Nullable CompletableFuture<Outcome> future) {}

    void add(Outcome outcome) {
        add(new Done(outcome, () -> {}, () -> {}, null));
    }

    void add(Done one) {
        done.add(one);
    }

    int size() {
        return done.size();
    }

    /** What was decided since this was asked last. */
    List<Done> taken() {
        List<Done> taken = List.copyOf(done);
        done.clear();
        return taken;
    }
}
