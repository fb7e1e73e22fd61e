package org.waxbell.app.rest;

import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.prize.DrawLog;
import org.waxbell.prize.PrizeDesk;
import org.waxbell.prize.PrizeDraw;

/** What is carried out of a prize draw. */
@RestController
class PrizeController {
    private final DeskBoards boards;
    private final WiringStore wiring;

    PrizeController(DeskBoards boards, WiringStore wiring) {
        this.boards = boards;
        this.wiring = wiring;
    }

    /** What was published of the last draw, as comma-separated values (RFC 4180), from which anybody can draw the same again. */
    @GetMapping("/api/prizes/{id}/draw.csv")
    ResponseEntity<byte[]> draw(@PathVariable String id) {
        PrizeDraw draw = wiring.current()
                .wiring()
                .desk(id)
                .filter(PrizeDraw.class::isInstance)
                .map(PrizeDraw.class::cast)
                .orElseThrow(() -> new Refused("id", id, "There is no such prize draw.", "Choose one under Desks."));
        return Carried.text(id + "-draw.csv", "text/csv", DrawLog.written(boards.now(new PrizeDesk(), id, draw)));
    }
}
