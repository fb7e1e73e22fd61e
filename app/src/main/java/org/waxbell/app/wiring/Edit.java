package org.waxbell.app.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.DeskSheet;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Job;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.DocumentRow;
import org.waxbell.app.store.EditRow;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.rehearsal.Step;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.WiringPatch;

/**
 * Puts documents in place of others. What is heavy, checking and compiling, is done before the engine's thread is asked; edits are
 * made one after another, so that what was checked still holds there.
 */
abstract class Edit implements Job {
    private final WiringStore store;
    final DocumentMapper mapper;
    final Documents json;
    private final List<Swap> swaps = new ArrayList<>();
    private @Nullable DocumentSet next;
    private @Nullable CueBook book;
    private long at;
    private Actor by = Actor.PROGRAM;

    Edit(WiringStore store, DocumentMapper mapper, Documents json) {
        this.store = store;
        this.mapper = mapper;
        this.json = json;
    }

    /** What is to be done, in order. Throws {@link Refused} or {@link Conflict}. */
    abstract List<Aim> aims(DocumentSet current);

    /** What lies on the shelf after it. */
    Shelf shelf(DocumentSet current) {
        return current.shelf();
    }

    /** Throws {@link Refused} where {@code next} may not take the place of {@code current}. */
    abstract void check(DocumentSet current, DocumentSet next);

    /** Writes its lines in the log of edits. */
    abstract void log(List<EditRow> rows);

    /** What the log and undo call it. */
    abstract String what();

    /** @param value the new value, null to take the document away @param position null to leave it where it is */
    record Aim(
            DocumentKind kind,
            String id,
            @Nullable Object value,
            @Nullable Integer position) {
        /**
         * The aim at a document as its editor saw it; throws {@link Conflict} where it was changed meanwhile or is gone.
         *
         * @param version the one that the editor saw, 0 for a new one
         */
        static Aim seen(DocumentSet current, DocumentKind kind, String id, long version, @Nullable Object value) {
            Document there = current.find(kind, id).orElse(null);
            boolean nothing = there == null && value == null;
            if (nothing || (there == null ? 0 : there.version()) != version) {
                throw new Conflict(there);
            }
            return new Aim(kind, id, value, null);
        }
    }

    /** A document before and after; null where it is not there. */
    private record Swap(@Nullable Document before, @Nullable Document after) {
        private Document any() {
            return Objects.requireNonNull(after != null ? after : before);
        }
    }

    /** Who makes it. */
    final void by(Actor who) {
        by = who;
    }

    /** Checks it and makes it ready for the engine's thread. */
    final void prepare() {
        DocumentSet current = store.current();
        Map<String, Document> all = new LinkedHashMap<>();
        current.all().forEach(each -> all.put(each.kind() + "/" + each.id(), each));
        int last = current.nextPosition();
        for (Aim aim : aims(current)) {
            String key = aim.kind() + "/" + aim.id();
            Document before = all.remove(key);
            int position = aim.position() != null ? aim.position() : before == null ? last++ : before.position();
            Document after = aim.value() == null
                    ? null
                    : new Document(aim.kind(), aim.id(), versionAfter(before, aim.value()), position, aim.value());
            if (after != null) {
                all.put(key, after);
            }
            swaps.add(new Swap(before, after));
        }
        DocumentSet made = DocumentSet.of(List.copyOf(all.values()), shelf(current));
        check(current, made);
        next = made;
        book = store.book().next(made.wiring());
    }

    /** What only takes another place in its list is no other version, so that nobody who edits it is disturbed. */
    private static long versionAfter(@Nullable Document before, Object value) {
        return before == null ? 1 : before.value().equals(value) ? before.version() : before.version() + 1;
    }

    @Override
    public Outcome decide(Engine engine, long stamp) {
        at = stamp;
        CueBook ready = Objects.requireNonNull(book);
        Outcome outcome = engine.rewire(stamp, ready);
        // Only what the engine took in holds: where it meets a fault, the wiring of before does.
        store.become(Objects.requireNonNull(next), ready);
        return outcome;
    }

    @Override
    public void keep() {
        List<EditRow> rows = new ArrayList<>();
        for (Swap swap : swaps) {
            Document document = swap.any();
            String after = swap.after() == null ? null : json.write(swap.after().value());
            if (after == null) {
                mapper.remove(document.kind().stored(), document.id());
            } else {
                mapper.put(new DocumentRow(
                        document.kind().stored(), document.id(), document.version(), document.position(), after));
            }
            rows.add(new EditRow(
                    0,
                    at,
                    document.kind().stored(),
                    document.id(),
                    what(),
                    swap.before() == null ? null : json.write(swap.before().value()),
                    after,
                    document.position(),
                    0,
                    0,
                    swap.before() == null ? document.position() : swap.before().position(),
                    by.origin().name(),
                    by.id()));
        }
        log(rows);
    }

    @Override
    public void over() {
        store.publish(by);
    }

    @Override
    public Object input() {
        return what();
    }

    @Override
    public Optional<Step> recorded() {
        return Optional.of(new Step.Rewired(
                at,
                new WiringPatch(
                        fresh(House.class).stream().findFirst(),
                        fresh(Rack.class),
                        fresh(Stage.class),
                        fresh(DeskSheet.class),
                        fresh(Cue.class),
                        swaps.stream()
                                .filter(swap -> swap.after() == null)
                                .map(swap -> swap.any().kind().stored() + "/"
                                        + swap.any().id())
                                .toList())));
    }

    private <T> List<T> fresh(Class<T> type) {
        return swaps.stream()
                .filter(swap -> swap.after() != null)
                .map(swap -> swap.any().value())
                .filter(type::isInstance)
                .map(type::cast)
                .toList();
    }

    /** The document after the edit, null where it was taken away; of several the last. */
    @Nullable
    Document after() {
        return swaps.isEmpty() ? null : swaps.get(swaps.size() - 1).after();
    }
}
