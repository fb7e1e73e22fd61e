package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.engine.Outcome;

/** Tells consoles what was decided. */
@Component
class DecisionTopic implements OutcomeWatcher {
    private final LiveSocket live;

    DecisionTopic(LiveSocket live) {
        this.live = live;
    }

    @Override
    public void left(Outcome outcome) {
        outcome.decisions().forEach(decision -> live.tell("decision", Notices.of(decision)));
    }
}
