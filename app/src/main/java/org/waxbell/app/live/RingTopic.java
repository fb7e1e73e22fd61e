package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.engine.Books;
import org.waxbell.engine.Outcome;
import org.waxbell.words.WordBook;

/** Tells consoles how rings stand. */
@Component
class RingTopic implements OutcomeWatcher {
    /** Only for the engine's thread. */
    private final Notices notices;

    private final WordBook words = new WordBook();

    private final LiveSocket live;

    RingTopic(LiveSocket live, Notices notices) {
        this.notices = notices;
        this.live = live;
    }

    @Override
    public void left(Outcome outcome) {
        if (live.isHeard()) {
            outcome.now(Books.RINGS).forEach(ring -> live.tell("ring", notices.of(ring, words)));
        }
    }
}
