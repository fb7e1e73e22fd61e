package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.desk.Desk;
import org.waxbell.engine.Outcome;
import org.waxbell.show.Desks;
import org.waxbell.state.Change;

/** Tells consoles how a desk stands, whichever it is. */
@Component
class DeskTopic implements OutcomeWatcher {
    private final LiveSocket live;

    DeskTopic(LiveSocket live) {
        this.live = live;
    }

    /** A desk stands so now. @param about the place of its document @param state as the desk keeps it */
    record DeskNotice(String desk, String about, Object state) {}

    @Override
    public void left(Outcome outcome) {
        if (live.isHeard()) {
            outcome.changes().forEach(this::tell);
        }
    }

    private void tell(Change change) {
        boolean ofDesk = Desks.ALL.stream().map(Desk::book).anyMatch(book -> book.equals(change.book()));
        if (ofDesk && change instanceof Change.Put put) {
            live.tell("desk", new DeskNotice(put.book().name(), put.key(), put.value()));
        }
    }
}
