package org.waxbell.app.rest;

import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.rest.WiringViews.SavedVersion;
import org.waxbell.app.rest.WiringViews.SheetSave;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.NewDesk;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringStore;

/** Makes and changes desks that stand by themselves. */
@RestController
@RequestMapping("/api/sheets")
class SheetController {
    private final WiringEdits edits;
    private final WiringStore wiring;
    private final Drafting drafting;
    private final DeskBoards boards;

    SheetController(WiringEdits edits, WiringStore wiring, Drafting drafting, DeskBoards boards) {
        this.boards = boards;
        this.edits = edits;
        this.wiring = wiring;
        this.drafting = drafting;
    }

    /** A desk that was made. */
    record MadeSheet(String id) {}

    @PostMapping
    CompletableFuture<MadeSheet> make(@RequestBody NewDesk.NewSheet wanted, Actor by) {
        NewDesk planned = NewDesk.plan(drafting.on(wiring.current().wiring()), boards.places(), wanted);
        return edits.make(planned, by).thenApply(done -> new MadeSheet(planned.id()));
    }

    @PutMapping("/{id}")
    CompletableFuture<SavedVersion> save(@PathVariable String id, @RequestBody SheetSave save, Actor by) {
        WiringController.sameId(id, save.desk().id());
        return saved(edits.save(DocumentKind.DESK, id, save.desk(), save.version(), by));
    }

    @DeleteMapping("/{id}")
    CompletableFuture<SavedVersion> delete(
            @PathVariable String id,
            @RequestParam long version,
            @RequestParam(defaultValue = "false") boolean withCues,
            Actor by) {
        return saved(edits.removeDesk(id, version, withCues, by));
    }

    private static CompletableFuture<SavedVersion> saved(CompletableFuture<@Nullable Document> edit) {
        return edit.thenApply(document -> new SavedVersion(document == null ? 0 : document.version()));
    }
}
