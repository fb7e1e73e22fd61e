package org.waxbell.app.wiring;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.SavedState;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.EditRow;
import org.waxbell.check.Problem;
import org.waxbell.port.Calendars;
import org.waxbell.shelf.Shelf;
import org.waxbell.show.Starters;
import org.waxbell.wiring.ShelfUse;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringCheck;
import org.waxbell.wiring.WiringDocument;

/** Edits of the wiring: each is checked, versioned, kept in the log and can be undone by the server. They are made one after another. */
@Component
public class WiringEdits {
    private final Inbox loop;
    private final WiringStore store;
    private final DocumentMapper mapper;
    private final Documents json;
    private final Calendars calendars;
    private final SavedState saved;
    private CompletableFuture<?> last = CompletableFuture.completedFuture(null);

    WiringEdits(
            Inbox loop,
            WiringStore store,
            DocumentMapper mapper,
            Documents json,
            Calendars calendars,
            SavedState saved) {
        this.saved = saved;
        this.loop = loop;
        this.store = store;
        this.mapper = mapper;
        this.json = json;
        this.calendars = calendars;
    }

    /** Saves a document in place of the one of its id; {@code version} is the one that the editor saw, 0 for a new one. */
    public CompletableFuture<Document> save(DocumentKind kind, String id, Object value, long version, Actor by) {
        return submit(
                by,
                new Change(
                        kind,
                        id,
                        version,
                        value,
                        (version == 0 ? "new " + kind.words() : "edit of " + before(kind)) + Document.nameOf(value)));
    }

    /** Deletes a document. */
    public CompletableFuture<Document> delete(DocumentKind kind, String id, long version, Actor by) {
        String name = store.current()
                .find(kind, id)
                .map(each -> Document.nameOf(each.value()))
                .orElse(id);
        return submit(by, new Change(kind, id, version, null, "deletion of " + before(kind) + name));
    }

    /** A cue is named without saying that it is one. */
    private static String before(DocumentKind kind) {
        return kind == DocumentKind.CUE ? "" : kind.words();
    }

    /**
     * Puts a wiring from outside in place of all that is there, or merges it.
     *
     * @param seen the revision that whoever decided this had seen; where there is another, it is refused as a conflict
     */
    public CompletableFuture<Document> bring(WiringDocument document, boolean whole, long seen, Actor by) {
        return submit(
                by, new Bringing(document, whole, seen, whole ? "import of a whole wiring" : "import into the wiring"));
    }

    /** Merges what a pack brings. @param what how the log calls it @param seen as above */
    public CompletableFuture<Document> merge(WiringDocument document, String what, long seen, Actor by) {
        return submit(by, new Bringing(document, false, seen, what));
    }

    /** Puts documents back to what they were, as far as they are there, in one step. @param what how the log calls it */
    public CompletableFuture<Document> putBack(List<Former> formers, String what, Actor by) {
        return submit(by, new Several(what, current -> Former.aims(formers, current)));
    }

    /** What bringing a wiring would do, after the same checks; throws {@link Refused}. */
    public WiringDifference preview(WiringDocument document, boolean whole) {
        DocumentSet current = store.current();
        WiringDifference difference = WiringDifference.of(current, document, whole);
        refuse(WiringCheck.whole(current.wiring(), difference.after().wiring(), calendars));
        return difference;
    }

    /**
     * Saves and deletes several cues in one step, which one undo takes back.
     *
     * @param what how the log calls it, such as {@code 12 cues switched off}
     */
    public CompletableFuture<Document> saveAll(List<Wish> wishes, String what, Actor by) {
        return submit(
                by,
                new Several(
                        what,
                        current ->
                                wishes.stream().map(wish -> wish.aim(current)).toList()));
    }

    /** Makes a desk with its chat words and its place on a stage, in one step. */
    public CompletableFuture<Document> make(NewDesk fresh, Actor by) {
        return submit(by, new Several("new desk " + fresh.desk().name(), fresh::aims));
    }

    /** Takes a desk away with the displays that show it, in one step. @param withCues whether cues that ask it or say its values go with it; else they keep it there */
    public CompletableFuture<Document> removeDesk(String id, long version, boolean withCues, Actor by) {
        String name = store.current()
                .find(DocumentKind.DESK, id)
                .map(each -> Document.nameOf(each.value()))
                .orElse(id);
        return submit(
                by, new Several("deletion of desk " + name, new GoneDesk(id, version, withCues, calendars)::aims));
    }

    /** Adds the chat words that something which a desk runs begins with; throws {@link Refused} where there are none. */
    public CompletableFuture<Document> starters(String desk, String about, Actor by) {
        return submit(
                by,
                new Several(
                        "chat words of " + about,
                        current -> Starters.of(current.wiring(), desk, about)
                                .map(NewDesk::aims)
                                .orElseThrow(() -> new Refused(
                                        "about",
                                        about,
                                        "Nothing with chat words of its own stands there.",
                                        "Save the stage first, or choose one that is on a stage."))));
    }

    /** The shelf has other things on it now, and cues and stages name them otherwise. */
    public CompletableFuture<Document> reshelved(
            Supplier<Shelf> now, Function<Wiring, ShelfUse.Moved> change, Actor by) {
        return submit(by, new Several("the shelf", current -> Arrangement.of(change.apply(current.wiring()))) {
            @Override
            Shelf shelf(DocumentSet current) {
                return now.get();
            }

            @Override
            void log(List<EditRow> rows) {
                // What lies on the shelf is no edit of the wiring, so undo passes it over.
            }
        });
    }

    /** Moves cues into a rack, before another cue or to its end; in one step. @param before id of that cue, empty text for the end */
    public CompletableFuture<Document> arrange(List<String> cues, String rack, String before, Actor by) {
        return submit(by, new Several("order of cues", current -> new Arrangement(current).cues(cues, rack, before)));
    }

    /** Moves a rack before another, or to the end where none is named. */
    public CompletableFuture<Document> arrangeRack(String rack, String before, Actor by) {
        return submit(by, new Several("order of racks", current -> new Arrangement(current).racks(rack, before)));
    }

    /** Undoes the newest edit. */
    public CompletableFuture<Document> undo(Actor by) {
        return submit(by, new Replay(true));
    }

    /** Does again what was undone last. */
    public CompletableFuture<Document> redo(Actor by) {
        return submit(by, new Replay(false));
    }

    /** What undo would undo, empty where there is nothing. */
    public Optional<String> undoable() {
        return Optional.ofNullable(mapper.undoable());
    }

    /** What redo would do again, empty where there is nothing. */
    public Optional<String> redoable() {
        return Optional.ofNullable(mapper.redoable());
    }

    private synchronized CompletableFuture<Document> submit(Actor by, Edit edit) {
        edit.by(by);
        CompletableFuture<Document> done = last.handle((result, failure) -> result)
                .thenComposeAsync(before -> {
                    edit.prepare();
                    return loop.submit(edit);
                })
                .thenApply(outcome -> edit.after());
        last = done;
        return done;
    }

    private static void refuse(List<Problem> problems) {
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
    }

    private void logNew(List<EditRow> rows) {
        mapper.forgetUndone();
        long step = mapper.nextStep();
        rows.forEach(row -> mapper.log(new EditRow(
                0,
                row.at(),
                row.kind(),
                row.documentId(),
                row.what(),
                row.beforeJson(),
                row.afterJson(),
                row.position(),
                0,
                step,
                row.beforePosition(),
                row.origin(),
                row.actor())));
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
        List<Aim> aims(DocumentSet current) {
            return List.of(Aim.seen(current, aim.kind(), aim.id(), version, aim.value()));
        }

        @Override
        void check(DocumentSet current, DocumentSet next) {
            refuse(DocumentCheck.of(current, next, aim.kind(), aim.value(), calendars));
        }

        @Override
        String what() {
            return what;
        }

        @Override
        void log(List<EditRow> rows) {
            logNew(rows);
        }
    }

    /** Several documents at once. */
    private class Several extends Edit {
        private final String what;
        private final Function<DocumentSet, List<Aim>> aims;

        Several(String what, Function<DocumentSet, List<Aim>> aims) {
            super(WiringEdits.this.store, WiringEdits.this.mapper, WiringEdits.this.json);
            this.what = what;
            this.aims = aims;
        }

        @Override
        List<Aim> aims(DocumentSet current) {
            return aims.apply(current);
        }

        @Override
        void check(DocumentSet current, DocumentSet next) {
            refuse(WiringCheck.whole(current.wiring(), next.wiring(), calendars));
        }

        @Override
        String what() {
            return what;
        }

        @Override
        void log(List<EditRow> rows) {
            logNew(rows);
        }
    }

    /** A wiring brought from outside. */
    private final class Bringing extends Edit {
        private final WiringDocument document;
        private final boolean whole;
        private final long seen;
        private final String what;

        Bringing(WiringDocument document, boolean whole, long seen, String what) {
            super(WiringEdits.this.store, WiringEdits.this.mapper, WiringEdits.this.json);
            this.document = document;
            this.whole = whole;
            this.seen = seen;
            this.what = what;
        }

        @Override
        List<Aim> aims(DocumentSet current) {
            if (store.revision() != seen) {
                throw new Conflict(null, "The wiring was changed since you looked. Look again at what this would do.");
            }
            return WiringDifference.of(current, document, whole).aims();
        }

        @Override
        void check(DocumentSet current, DocumentSet next) {
            refuse(WiringCheck.whole(current.wiring(), next.wiring(), calendars));
        }

        @Override
        String what() {
            return what;
        }

        @Override
        void log(List<EditRow> rows) {
            logNew(rows);
        }
    }

    /** An edit taken back or done again. */
    private final class Replay extends Edit {
        private final boolean back;
        private List<EditRow> rows = List.of();

        Replay(boolean back) {
            super(WiringEdits.this.store, WiringEdits.this.mapper, WiringEdits.this.json);
            this.back = back;
        }

        @Override
        List<Aim> aims(DocumentSet current) {
            if (!saved.now().ok()) {
                throw new Refused(
                        "",
                        "",
                        "Nothing can be kept just now, so nothing is " + (back ? "undone." : "done again."),
                        "Make room on the disk or free the database first.");
            }
            rows = back ? mapper.newest() : mapper.newestUndone();
            if (rows.isEmpty()) {
                throw new Refused(
                        "", "", "There is nothing to " + (back ? "undo" : "do again") + ".", "Edit something first.");
            }
            return rows.stream().map(this::aim).toList();
        }

        private Aim aim(EditRow row) {
            DocumentKind kind = DocumentKind.valueOf(row.kind().toUpperCase(Locale.ROOT));
            String text = back ? row.beforeJson() : row.afterJson();
            return new Aim(
                    kind,
                    row.documentId(),
                    text == null ? null : json.read(text, kind.type()),
                    back ? row.beforePosition() : row.position());
        }

        @Override
        void check(DocumentSet current, DocumentSet next) {
            refuse(WiringCheck.whole(current.wiring(), next.wiring(), calendars));
        }

        @Override
        String what() {
            return rows.get(0).what();
        }

        @Override
        void log(List<EditRow> ignored) {
            mapper.mark(rows.get(0).step(), back ? 1 : 0);
        }
    }
}
