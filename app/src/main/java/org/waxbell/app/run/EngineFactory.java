package org.waxbell.app.run;

import java.security.SecureRandom;
import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Lead;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.engine.AtWork;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.port.Calendars;
import org.waxbell.show.Recovery;
import org.waxbell.show.Show;

/** Makes the engine that goes on from where the last one stopped. */
@Component
class EngineFactory {
    private final StateStore store;
    private final WiringStore wiring;
    private final SystemClock clock;
    private final Calendars calendars;

    EngineFactory(StateStore store, WiringStore wiring, SystemClock clock, Calendars calendars) {
        this.store = store;
        this.wiring = wiring;
        this.clock = clock;
        this.calendars = calendars;
    }

    Engine make() {
        return make(kept(List.of()));
    }

    private Engine make(EngineState state) {
        return Show.engine(wiring.book(), state, Lead.LEAST, calendars);
    }

    /** After a fault. @param owed outcomes that could not be kept yet, in order */
    Recovery again(List<Outcome> owed, AtWork work, long at, String what, String why) {
        return Recovery.of(kept(owed), work, this::make, at, what, why);
    }

    private EngineState kept(List<Outcome> owed) {
        EngineState state = store.load(clock.now(), new SecureRandom().nextLong());
        for (Outcome outcome : owed) {
            state = state.after(outcome);
        }
        return state;
    }
}
