package org.waxbell.app.attention;

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
import org.waxbell.chapter.OrderState;
import org.waxbell.evening.Soon;

/** A chapter of the evening whose time is up. */
@Component
class OrderNeeds extends DeskNeeds<EveningOrder, OrderState> {
    private static final OrderDesk DESK = new OrderDesk();

    OrderNeeds(WiringStore wiring, DeskBoards boards, SystemClock clock) {
        super(DESK, wiring, boards, clock);
    }

    @Override
    List<Need> needs(EveningOrder order, OrderState now, long at) {
        OrderBoard board = DESK.board(order, now, at);
        return board.until() > 0 && board.until() < at && !board.next().isEmpty()
                ? List.of(need(order, board))
                : List.of();
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
