package org.waxbell.app.live;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.seen.SeenRing;

/** Tells consoles whether a ring could be seen and heard. */
@Component
class SeenTopic {
    private final LiveSocket live;

    SeenTopic(LiveSocket live) {
        this.live = live;
    }

    @EventListener
    void seen(SeenRing seen) {
        live.tell("seen", seen);
    }
}
