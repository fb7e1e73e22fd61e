package org.waxbell.engine;

import org.waxbell.event.Fact;
import org.waxbell.event.ShowEvent;

/** Counts what channels tell, as values of the slate that nobody need wire. */
final class Tallies implements Handler {
    private final SlateKeeper slate;

    Tallies(SlateKeeper slate) {
        this.slate = slate;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact && fact.what().ofChannel()) {
            slate.tally(fact, turn);
        }
    }
}
