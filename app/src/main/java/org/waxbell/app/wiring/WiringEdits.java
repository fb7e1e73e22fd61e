package org.waxbell.app.wiring;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.run.EngineLoop;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.EditRow;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.port.Calendars;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.House;

/** Edits of the wiring: each is checked, versioned, kept in the log and can be undone by the server. */
@Component
public class WiringEdits {
    private static final int LONGEST_RACK_NAME = 40;
    private final EngineLoop loop;
    private final WiringStore store;
    private final DocumentMapper mapper;
    private final Documents json;
    private final Calendars calendars;

    WiringEdits(EngineLoop loop, WiringStore store, DocumentMapper mapper, Documents json, Calendars calendars) {
        this.loop = loop;
        this.store = store;
        this.mapper = mapper;
        this.json = json;
        this.calendars = calendars;
    }

    /** Saves a cue; {@code version} is the one that the editor saw, 0 for a new cue. */
    public CompletableFuture<Document> saveCue(Cue cue, long version) {
        String what = (version == 0 ? "new cue " : "edit of ") + cue.name();
        return submit(new Change(DocumentKind.CUE, cue.id(), version, cue, what));
    }

    /** Deletes a cue. */
    public CompletableFuture<Document> deleteCue(String id, long version) {
        String name = store.current().find(DocumentKind.CUE, id).map(each -> ((Cue) each.value()).name()).orElse(id);
        return submit(new Change(DocumentKind.CUE, id, version, null, "deletion of " + name));
    }

    /** Saves a rack, such as to switch it. */
    public CompletableFuture<Document> saveRack(Rack rack, long version) {
        return submit(new Change(DocumentKind.RACK, rack.id(), version, rack, "edit of rack " + rack.name()));
    }

    /** Saves what holds for the whole wiring. */
    public CompletableFuture<Document> saveHouse(House house, long version) {
        return submit(new Change(DocumentKind.HOUSE, "house", version, house, "edit of the house"));
    }

    /** Undoes the newest edit. */
    public CompletableFuture<Document> undo() {
        return submit(new Replay(mapper.newest(), true));
    }

    /** Does again what was undone last. */
    public CompletableFuture<Document> redo() {
        return submit(new Replay(mapper.newestUndone(), false));
    }

    /** What undo would undo, empty where there is nothing. */
    public Optional<String> undoable() {
        return Optional.ofNullable(mapper.newest()).map(EditRow::what);
    }

    /** What redo would do again, empty where there is nothing. */
    public Optional<String> redoable() {
        return Optional.ofNullable(mapper.newestUndone()).map(EditRow::what);
    }

    private CompletableFuture<Document> submit(Edit edit) {
        return loop.submit(edit).thenApply(outcome -> edit.after());
    }

    private List<Problem> check(DocumentSet current, @Nullable Object value) {
        if (value instanceof Cue cue) {
            return CueCheck.check(current.wiring(), cue, calendars);
        }
        Problems problems = new Problems();
        if (value instanceof House house) {
            house.check(problems);
        }
        if (value instanceof Rack rack) {
            problems.at("name").text(rack.name(), LONGEST_RACK_NAME, "The name");
            if (!rack.id().matches("[a-z0-9][a-z0-9-]{0,59}")) {
                problems.at("id").add(rack.id(), "An id has small letters, digits and hyphens only.", "Write one such as at-the-bench.");
            }
        }
        return problems.found();
    }

    private static void refuse(List<Problem> problems) {
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
    }

    /** An edit by a person. */
    private final class Change extends Edit {
        private final Aim aim;
        private final long version;
        private final String what;

        Change(DocumentKind kind, String id, long version, @Nullable Object value, String what) {
            super(WiringEdits.this.store, WiringEdits.this.mapper, WiringEdits.this.json);
            this.aim = new Aim(kind, id, value, null);
            this.version = version;
            this.what = what;
        }

        @Override
        Aim aim(DocumentSet current) {
            Document there = current.find(aim.kind(), aim.id()).orElse(null);
            if ((there == null ? 0 : there.version()) != version) {
                throw new Conflict(there);
            }
            refuse(check(current, aim.value()));
            return aim;
        }

        @Override
        void log(long at, @Nullable String beforeJson, @Nullable String afterJson, Document document) {
            mapper.forgetUndone();
            mapper.log(new EditRow(0, at, document.kind().stored(), document.id(), what, beforeJson, afterJson, document.position(), 0));
        }
    }

    /** An edit taken back or done again. */
    private final class Replay extends Edit {
        private final @Nullable EditRow row;
        private final boolean back;

        Replay(@Nullable EditRow row, boolean back) {
            super(WiringEdits.this.store, WiringEdits.this.mapper, WiringEdits.this.json);
            this.row = row;
            this.back = back;
        }

        @Override
        Aim aim(DocumentSet current) {
            if (row == null) {
                throw new Refused("", "", "There is nothing to " + (back ? "undo" : "do again") + ".", "Edit something first.");
            }
            DocumentKind kind = DocumentKind.valueOf(row.kind().toUpperCase(Locale.ROOT));
            String text = back ? row.beforeJson() : row.afterJson();
            Object value = text == null ? null : json.read(text, kind.type());
            refuse(check(current, value));
            return new Aim(kind, row.documentId(), value, row.position());
        }

        @Override
        void log(long at, @Nullable String beforeJson, @Nullable String afterJson, Document document) {
            mapper.mark(Objects.requireNonNull(row).number(), back ? 1 : 0);
        }
    }
}
