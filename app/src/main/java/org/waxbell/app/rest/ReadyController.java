package org.waxbell.app.rest;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.pack.PackLook;
import org.waxbell.app.ready.ReadyDrawings;
import org.waxbell.app.ready.ReadyDrawings.ReadyDrawing;
import org.waxbell.app.ready.ReadyShelf;
import org.waxbell.app.ready.ReadyShelf.ReadyAsked;
import org.waxbell.app.ready.ReadyShelf.ReadyPiece;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.Cue;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Tried;
import org.waxbell.wiring.Wiring;

/** The shelf of ready-made pieces: looked at, brought in as packs, tried. */
@RestController
@RequestMapping("/api/ready")
class ReadyController {
    private final ReadyShelf shelf;
    private final ReadyDrawings drawings;
    private final WiringStore wiring;
    private final Drafting drafting;
    private final Inbox loop;
    private final Notices notices;

    ReadyController(
            ReadyShelf shelf,
            ReadyDrawings drawings,
            WiringStore wiring,
            Drafting drafting,
            Inbox loop,
            Notices notices) {
        this.shelf = shelf;
        this.drawings = drawings;
        this.wiring = wiring;
        this.drafting = drafting;
        this.loop = loop;
        this.notices = notices;
    }

    @GetMapping
    List<ReadyPiece> all() {
        return shelf.all();
    }

    /** How a piece will look with these answers. */
    @PostMapping("/{id}/drawing")
    ReadyDrawing drawing(@PathVariable String id, @RequestBody ReadyAsked asked) {
        return drawings.of(id, asked);
    }

    /** The piece as a pack that comes: from there on it is as any other. */
    @PostMapping("/{id}/coming")
    PackLook come(@PathVariable String id, @RequestBody ReadyAsked asked) {
        return shelf.come(id, asked);
    }

    /** Rings what it brought, with made-up events and past its gates. */
    @PostMapping("/{id}/try")
    CompletableFuture<DecisionNotice> tryIt(@PathVariable String id, Actor by) {
        CompletableFuture<DecisionNotice> last = null;
        Wiring now = wiring.current().wiring();
        for (String each : shelf.tries(id)) {
            Cue cue = now.cues().stream()
                    .filter(one -> one.id().equals(each))
                    .findFirst()
                    .orElseThrow(() -> new Refused(
                            "id", each, "Its cue is not here any more.", "Bring the piece in again, then try it."));
            ShowEvent event = drafting.look(cue, now).events().get(0).event();
            last = loop.happen(new Tried(each, cue.name(), true, event, by)).thenApply(notices::of);
        }
        if (last == null) {
            throw new Refused("id", id, "There is nothing to try of it.", "It shows by itself.");
        }
        return last;
    }
}
