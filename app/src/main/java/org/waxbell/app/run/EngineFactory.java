package org.waxbell.app.run;

import java.security.SecureRandom;
import org.springframework.stereotype.Component;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.engine.Engine;
import org.waxbell.port.Calendars;

/** Makes the engine that goes on from where the last one stopped. */
@Component
class EngineFactory {
    private final StateStore state;
    private final WiringStore wiring;
    private final SystemClock clock;
    private final Calendars calendars;

    EngineFactory(StateStore state, WiringStore wiring, SystemClock clock, Calendars calendars) {
        this.state = state;
        this.wiring = wiring;
        this.clock = clock;
        this.calendars = calendars;
    }

    Engine make() {
        return new Engine(wiring.book(), state.load(clock.now(), new SecureRandom().nextLong()), Lead.LEAST, calendars);
    }
}
