package org.waxbell.app.attention;

import java.util.List;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.desk.Desk;

/** What the desks of one sort need of the host. */
abstract class DeskNeeds<D extends DeskSheet, S> implements NeedSource {
    private final Desk<D, S> desk;
    private final WiringStore wiring;
    private final DeskBoards boards;
    private final SystemClock clock;

    DeskNeeds(Desk<D, S> desk, WiringStore wiring, DeskBoards boards, SystemClock clock) {
        this.desk = desk;
        this.wiring = wiring;
        this.boards = boards;
        this.clock = clock;
    }

    @Override
    public final List<Need> needs() {
        long now = clock.now();
        return wiring.current().wiring().desksOf(desk.documents()).stream()
                .flatMap(each -> needs(each, boards.now(desk, each.id(), each), now).stream())
                .toList();
    }

    /** What one of them needs. @param now how it stands @param at milliseconds since 1970 UTC */
    abstract List<Need> needs(D document, S now, long at);
}
