package org.waxbell.app.attention;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Right;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.evening.Soon;
import org.waxbell.extension.Extension;
import org.waxbell.extension.ExtensionBoard;
import org.waxbell.extension.ExtensionDesk;
import org.waxbell.extension.ExtensionState;

/** An extension that was halted, and one that waits for an agreement though it is on. */
@Component
class ExtensionNeeds extends DeskNeeds<Extension, ExtensionState> {
    private static final ExtensionDesk DESK = new ExtensionDesk();

    ExtensionNeeds(WiringStore wiring, DeskBoards boards, SystemClock clock) {
        super(DESK, wiring, boards, clock);
    }

    @Override
    List<Need> needs(Extension extension, ExtensionState now, long at) {
        ExtensionBoard board = DESK.board(extension, now, at);
        return extension.on() && !board.runs() ? List.of(need(extension, board)) : List.of();
    }

    private static Need need(Extension extension, ExtensionBoard board) {
        return new Need(
                "extension/" + extension.id() + "/" + board.why().hashCode(),
                Soon.LATER,
                "",
                extension.name() + " does not run: " + board.why() + ".",
                0,
                "/desks/" + extension.id(),
                board.halted()
                        ? List.of(new Need.NeedAct(
                                "Let it go on",
                                "/desks/extension/goOn",
                                Map.of("about", extension.id(), "with", Map.of()),
                                Right.ASK))
                        : List.of());
    }
}
