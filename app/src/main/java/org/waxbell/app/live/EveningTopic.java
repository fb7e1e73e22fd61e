package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.engine.Books;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Target;

/** Tells consoles how the evening stands. */
@Component
class EveningTopic implements OutcomeWatcher {
    private final LiveSocket live;

    EveningTopic(LiveSocket live) {
        this.live = live;
    }

    /** Something outside, or a rack, stands another way now. */
    record TargetNotice(Target target, String shown) {}

    @Override
    public void left(Outcome outcome) {
        outcome.now(Books.EVENING).forEach(evening -> live.tell("evening", evening));
        outcome.now(Books.SHUTTERS).forEach(shut -> live.tell("shutters", shut));
        outcome.now(Books.TARGETS)
                .forEach(state -> live.tell("target", new TargetNotice(state.target(), state.shown())));
    }
}
