package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.engine.Outcome;

/** Tells consoles what was decided. */
@Component
class DecisionTopic implements OutcomeWatcher {
    private final Notices notices;
    private final LiveSocket live;

    DecisionTopic(LiveSocket live, Notices notices) {
        this.notices = notices;
        this.live = live;
    }

    @Override
    public void left(Outcome outcome) {
        outcome.decisions().forEach(decision -> live.tell("decision", notices.of(decision)));
    }
}
