package org.waxbell.engine;

import org.waxbell.cue.FirstLinePull;
import org.waxbell.evening.FirstLines;
import org.waxbell.evening.Spent;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Identity;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.state.Memory;

/** Whose first line tonight is spent, for which cue; it begins anew with every show. */
final class FirstLinesTonight implements Handler {
    private final FirstLines lines;
    private final Shows shows;

    FirstLinesTonight(Memory memory, Shows shows) {
        this.lines = new FirstLines(memory.all(Books.SPENT));
        this.shows = shows;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact && (fact.is(Facts.SHOW_OPENED) || fact.is(Facts.SHOW_CLOSED))) {
            lines.clear();
            turn.changed(Books.SPENT.goneBelow(""));
        }
    }

    boolean isSpent(String cueId, FirstLinePull pull, Viewer viewer) {
        return !shows.evening().open() || lines.isSpent(cueId, pull.spentBy(viewer));
    }

    void spend(String cueId, FirstLinePull pull, Viewer viewer, Turn turn) {
        if (shows.evening().open() && pull.concerns(viewer) && lines.spend(cueId, pull.spentBy(viewer))) {
            Spent spent = new Spent(cueId, Identity.key(pull.spentBy(viewer)));
            turn.changed(Books.SPENT.put(spent.key(), spent));
        }
    }

    void unite(String from, String to, Turn turn) {
        lines.unite(from, to).forEach(each -> turn.changed(Books.SPENT.put(each.key(), each)));
    }

    @Override
    public void save(Memory memory) {
        lines.save().forEach(each -> memory.put(Books.SPENT, each.key(), each));
    }
}
