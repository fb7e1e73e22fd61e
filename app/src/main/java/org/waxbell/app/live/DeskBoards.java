package org.waxbell.app.live;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.act.DeskDocument;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.store.StateStore;
import org.waxbell.desk.Desk;
import org.waxbell.engine.Outcome;
import org.waxbell.show.Desks;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/** How every desk stands, followed beside the engine, so that looking at one never holds the evening up. */
@Component
public final class DeskBoards implements OutcomeWatcher {
    private final StateStore store;
    private final Set<String> ofDesk = Desks.ofDesks().stream().map(Book::name).collect(Collectors.toSet());
    private final LiveSocket live;
    private Memory memory = new Memory();
    private boolean loaded;
    /** How those stand that were looked at, until they change. */
    private final Map<String, Object> looked = new HashMap<>();

    DeskBoards(StateStore store, LiveSocket live) {
        this.store = store;
        this.live = live;
    }

    /** Desks of these sorts stand otherwise now. @param books in which it is kept */
    record DeskNotice(Set<String> books) {}

    @Override
    public void left(Outcome outcome) {
        Set<String> moved = new TreeSet<>();
        for (Change change : outcome.changes()) {
            if (ofDesk.contains(change.book().name())) {
                take(change);
                moved.add(change.book().name());
            }
        }
        if (!moved.isEmpty() && live.isHeard()) {
            live.tell("desk", new DeskNotice(moved));
        }
    }

    private synchronized void take(Change change) {
        load();
        memory.take(change);
        looked.keySet()
                .removeIf(about -> change.key().equals(about)
                        || change.key().startsWith(about + "/")
                        || change instanceof Change.Gone);
    }

    /** What was kept before the first change that is heard of; it is the same whether that change is in it already or not. */
    private void load() {
        if (!loaded) {
            memory = store.memory(Desks.ofDesks());
            loaded = true;
        }
    }

    /** What is kept was rewritten: it is read again. */
    public synchronized void readAgain() {
        loaded = false;
        looked.clear();
    }

    /** The places of all of which anything is kept, also of those whose document was taken away. */
    public synchronized Set<String> places() {
        load();
        Set<String> all = new TreeSet<>();
        Desks.ALL.forEach(desk -> all.addAll(memory.keys(desk.book())));
        return all;
    }

    /** How one stands. @param about its place */
    public synchronized <D extends DeskDocument, S> S now(Desk<D, S> desk, String about, D document) {
        load();
        if (memory.get(desk.book(), about).isEmpty()) {
            return desk.fresh(document);
        }
        return cast(looked.computeIfAbsent(about, place -> Objects.requireNonNull(desk.restored(place, memory))));
    }

    /** What stands at a place was made by its very desk. */
    @SuppressWarnings({"unchecked", "TypeParameterUnusedInFormals"})
    private static <S> S cast(Object now) {
        return (S) now;
    }
}
