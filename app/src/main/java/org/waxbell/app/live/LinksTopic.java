package org.waxbell.app.live;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.link.LinksMoved;

/** Tells consoles how the links stand. */
@Component
class LinksTopic {
    private final LiveSocket live;

    LinksTopic(LiveSocket live) {
        this.live = live;
    }

    @EventListener
    void moved(LinksMoved moved) {
        live.tell("links", moved.links());
    }
}
