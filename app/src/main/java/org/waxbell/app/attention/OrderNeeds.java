package org.waxbell.app.attention;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Right;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.chapter.EveningOrder;
import org.waxbell.chapter.OrderBoard;
import org.waxbell.chapter.OrderDesk;
import org.waxbell.evening.Soon;

/** A chapter of the evening whose time is up. */
@Component
class OrderNeeds implements NeedSource {
    private static final OrderDesk DESK = new OrderDesk();
    private final WiringStore wiring;
    private final DeskBoards boards;
    private final SystemClock clock;

    OrderNeeds(WiringStore wiring, DeskBoards boards, SystemClock clock) {
        this.wiring = wiring;
        this.boards = boards;
        this.clock = clock;
    }

    @Override
    public List<Need> needs() {
        List<Need> all = new ArrayList<>();
        long now = clock.now();
        wiring.current().wiring().desks().forEach(desk -> {
            if (desk instanceof EveningOrder order) {
                OrderBoard board = DESK.board(order, boards.now(DESK, order.id(), order), now);
                if (board.until() > 0 && board.until() < now && !board.next().isEmpty()) {
                    all.add(need(order, board));
                }
            }
        });
        return all;
    }

    private static Need need(EveningOrder order, OrderBoard board) {
        return new Need(
                "order/" + order.id() + "/" + board.since(),
                Soon.LATER,
                "",
                "The time of " + board.name() + " is up; next is " + board.nextName() + ".",
                board.until(),
                "/desks/" + order.id(),
                List.of(new Need.NeedAct(
                        "Next: " + board.nextName(),
                        "/desks/order/enter",
                        Map.of("about", order.id(), "with", Map.of("chapter", board.next())),
                        Right.ASK)));
    }
}
