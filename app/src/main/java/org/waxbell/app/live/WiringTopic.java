package org.waxbell.app.live;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.wiring.WiringChanged;

/** Tells consoles that the wiring is another now; they read it again. */
@Component
class WiringTopic {
    private final LiveSocket live;
    private final SystemClock clock;

    WiringTopic(LiveSocket live, SystemClock clock) {
        this.live = live;
        this.clock = clock;
    }

    @EventListener
    void changed(WiringChanged changed) {
        live.tell("wiring", clock.now());
    }
}
