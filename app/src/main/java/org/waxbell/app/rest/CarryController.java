package org.waxbell.app.rest;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.json.Documents;
import org.waxbell.app.rest.WiringViews.SavedVersion;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.DocumentMapper.EditLine;
import org.waxbell.app.wiring.WiringDifference;
import org.waxbell.app.wiring.WiringDifference.Named;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringReader;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.wiring.WiringDocument;

/** Carries the wiring out and in as one document, and tells what was changed. */
@RestController
@RequestMapping("/api")
class CarryController {
    private static final int CHANGES_SHOWN = 100;
    private final WiringStore store;
    private final WiringEdits edits;
    private final WiringReader reader;
    private final DocumentMapper log;
    private final Documents json;

    CarryController(WiringStore store, WiringEdits edits, WiringReader reader, DocumentMapper log, Documents json) {
        this.store = store;
        this.edits = edits;
        this.reader = reader;
        this.log = log;
        this.json = json;
    }

    /** What an import would do. @param revision of the wiring that it was worked out on, to be said again when it is done */
    record ImportPreview(
            List<Named> adds, List<Named> replaces, List<Named> leaves, List<Named> removes, long revision) {}

    /** What one edit did to one document; texts are its JSON, empty where it was not there. */
    record ChangedDocument(String kind, String id, String before, String after) {}

    @GetMapping(value = "/wiring/document", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> document() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"waxbell-wiring.json\"")
                .contentType(MediaType.APPLICATION_JSON)
                .body(json.writeOut(WiringDocument.of(store.current().wiring())));
    }

    /** What bringing the wiring in the body would do, or why it cannot be. */
    @PostMapping(value = "/wiring/document/preview", consumes = MediaType.APPLICATION_JSON_VALUE)
    ImportPreview preview(@RequestBody byte[] body, @RequestParam boolean whole) {
        long revision = store.revision();
        WiringDifference difference = edits.preview(reader.read(body), whole);
        return new ImportPreview(
                difference.adds(), difference.replaces(), difference.leaves(), difference.removes(), revision);
    }

    /** Brings the wiring in the body. @param revision as the preview said it */
    @PostMapping(value = "/wiring/document", consumes = MediaType.APPLICATION_JSON_VALUE)
    CompletableFuture<SavedVersion> bring(
            @RequestBody byte[] body, @RequestParam boolean whole, @RequestParam long revision, Actor by) {
        return edits.bring(reader.read(body), whole, revision, by).thenApply(document -> {
            return new SavedVersion(store.revision());
        });
    }

    /** The newest edits before a step, newest first. */
    @GetMapping("/changes")
    List<EditLine> changes(@RequestParam(defaultValue = "9223372036854775807") long before) {
        return log.edits(before, CHANGES_SHOWN);
    }

    /** What one edit did. */
    @GetMapping("/changes/{step}")
    List<ChangedDocument> change(@PathVariable long step) {
        return log.edit(step).stream()
                .map(row -> new ChangedDocument(
                        row.kind(), row.documentId(), text(row.beforeJson()), text(row.afterJson())))
                .toList();
    }

    private static String text(@Nullable String stored) {
        return stored == null ? "" : stored;
    }
}
