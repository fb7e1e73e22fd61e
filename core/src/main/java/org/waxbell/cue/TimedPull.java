package org.waxbell.cue;

import java.util.Set;
import org.waxbell.actor.Actor;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;

/** A pull that the passing of the evening sets off; the engine works out its next moment. */
public sealed interface TimedPull extends Pull permits EveryPull, AfterLinesPull, CalendarPull {
    /** What came, as a short sentence: {@code every 10 min}. */
    String words();

    @Override
    default ShowEvent sample(Sampling on) {
        return Facts.TIME.by(Actor.PROGRAM, on.cue(), 0L, words());
    }

    @Override
    default Set<String> fields() {
        return Set.of();
    }

    @Override
    default void enter(PullIndex index) {
        String cue = index.cueId();
        index.byKind(
                "time", event -> event instanceof Fact fact && fact.text("cue").equals(cue));
    }
}
