package org.waxbell.engine;

import org.waxbell.directive.SetMark;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.state.Memory;

/** Moments that somebody marks by hand, as they were a while before it was written what they were. */
final class HandMarks implements Handler {
    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact && fact.is(Facts.MARKED)) {
            turn.directed(new SetMark(
                    "hand" + turn.decision(),
                    at - fact.number("back"),
                    fact.text("text"),
                    fact.actor().id()));
        }
    }

    @Override
    public void save(Memory memory) {}
}
