package org.waxbell.app.prize;

import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.store.PrizeLogMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.engine.Outcome;
import org.waxbell.prize.DrawLog;
import org.waxbell.prize.Drawn;
import org.waxbell.prize.PrizeDesk;
import org.waxbell.prize.PrizeDraw;
import org.waxbell.prize.PrizeHead;
import org.waxbell.state.Change;

/** Keeps what was published of a prize draw once it is over, for the next one begins with nobody. */
@Component
class PrizeLogs implements OutcomeWatcher {
    private static final PrizeDesk DESK = new PrizeDesk();
    private final PrizeLogMapper logs;
    private final WiringStore wiring;
    private final DeskBoards boards;

    PrizeLogs(PrizeLogMapper logs, WiringStore wiring, DeskBoards boards) {
        this.logs = logs;
        this.wiring = wiring;
        this.boards = boards;
    }

    @Override
    public void left(Outcome outcome) {
        for (Change change : outcome.changes()) {
            if (change instanceof Change.Put put
                    && put.value() instanceof PrizeHead head
                    && head.phase() == PrizeHead.Phase.OVER) {
                keep(put.key(), head);
            }
        }
    }

    private void keep(String id, PrizeHead head) {
        wiring.current()
                .wiring()
                .desk(id)
                .filter(PrizeDraw.class::isInstance)
                .map(PrizeDraw.class::cast)
                .ifPresent(draw -> logs.put(
                        id,
                        head.opened(),
                        head.draws().stream()
                                .filter(each -> each.claim() == Drawn.Claim.WON)
                                .map(Drawn::name)
                                .collect(Collectors.joining(", ")),
                        DrawLog.written(head, boards.now(DESK, id, draw).entrants())));
    }
}
