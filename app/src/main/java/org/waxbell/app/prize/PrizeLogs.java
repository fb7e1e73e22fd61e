package org.waxbell.app.prize;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.store.PrizeLogMapper;
import org.waxbell.app.thread.Daemons;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.engine.Outcome;
import org.waxbell.prize.DrawLog;
import org.waxbell.prize.Drawn;
import org.waxbell.prize.Entrant;
import org.waxbell.prize.PrizeDesk;
import org.waxbell.prize.PrizeDraw;
import org.waxbell.prize.PrizeHead;
import org.waxbell.state.Change;

/** Keeps what was published of a prize draw once it is over, for the next one begins with nobody. */
@Component
class PrizeLogs implements OutcomeWatcher {
    private static final PrizeDesk DESK = new PrizeDesk();
    private static final long END_MS = 2_000;
    private final PrizeLogMapper logs;
    private final WiringStore wiring;
    private final DeskBoards boards;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(Daemons.named("prize logs"));

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

    /** What the next draw would take away is looked at now; it is written down apart from the engine. */
    private void keep(String id, PrizeHead head) {
        wiring.current().wiring().desk(id, PrizeDraw.class).ifPresent(draw -> {
            Iterable<Entrant> entrants = boards.now(DESK, id, draw).entrants();
            thread.execute(() -> logs.put(id, head.opened(), winners(head), DrawLog.written(head, entrants)));
        });
    }

    private static String winners(PrizeHead head) {
        return head.draws().stream()
                .filter(each -> each.claim() == Drawn.Claim.WON)
                .map(Drawn::name)
                .collect(Collectors.joining(", "));
    }

    @EventListener(ContextClosedEvent.class)
    void end() throws InterruptedException {
        thread.shutdown();
        thread.awaitTermination(END_MS, TimeUnit.MILLISECONDS);
    }
}
