package org.waxbell.app.rest;

import java.util.List;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.store.PrizeLogMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.prize.DrawLog;
import org.waxbell.prize.PrizeDesk;
import org.waxbell.prize.PrizeDraw;

/** What is carried out of a prize draw. */
@RestController
class PrizeController {
    private static final int MOST = 50;
    private final DeskBoards boards;
    private final WiringStore wiring;
    private final PrizeLogMapper logs;

    PrizeController(DeskBoards boards, WiringStore wiring, PrizeLogMapper logs) {
        this.logs = logs;
        this.boards = boards;
        this.wiring = wiring;
    }

    /** Draws that are over, the newest first. */
    @GetMapping("/api/prizes/{id}/draws")
    List<PrizeLogMapper.DrawRow> draws(@PathVariable String id) {
        return logs.of(id, MOST);
    }

    /** What was published of one of them. @param opened milliseconds since 1970 UTC */
    @GetMapping("/api/prizes/{id}/draws/{opened}/draw.csv")
    ResponseEntity<byte[]> earlier(@PathVariable String id, @PathVariable long opened) {
        String csv = Optional.ofNullable(logs.csv(id, opened))
                .orElseThrow(() -> new Refused(
                        "opened", Long.toString(opened), "There was no such draw.", "Choose one that is listed."));
        return Carried.text(id + "-" + opened + "-draw.csv", "text/csv", csv);
    }

    /** What was published of the last draw, as comma-separated values (RFC 4180), from which anybody can draw the same again. */
    @GetMapping("/api/prizes/{id}/draw.csv")
    ResponseEntity<byte[]> draw(@PathVariable String id) {
        PrizeDraw draw = wiring.current()
                .wiring()
                .desk(id, PrizeDraw.class)
                .orElseThrow(() -> new Refused("id", id, "There is no such prize draw.", "Choose one under Desks."));
        return Carried.text(id + "-draw.csv", "text/csv", DrawLog.written(boards.now(new PrizeDesk(), id, draw)));
    }
}
