package org.waxbell.engine;

import com.carrotsearch.hppc.LongHashSet;
import com.carrotsearch.hppc.procedures.LongProcedure;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.waxbell.evening.Circled;
import org.waxbell.evening.KnownPeople;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.CueBook;
import org.waxbell.words.WordKey;

/** Who was ever seen, and who is in which circle. */
final class People implements Handler {
    private final KnownPeople known;
    /** Keys of the names of those who were first seen in this show. */
    private final LongHashSet newcomers = new LongHashSet();

    private final Map<String, Set<String>> circles = new HashMap<>();
    private List<Circle> named = List.of();
    /** Identities of those who are in by what is kept of them, by circle. */
    private final Map<String, Set<String>> circled = new TreeMap<>();

    People(Memory memory, CueBook book) {
        known = new KnownPeople(memory.numbers(Books.KNOWN));
        memory.all(Books.NEWCOMERS).forEach(newcomers::add);
        memory.all(Books.CIRCLED).forEach(each -> circled(each.circle()).add(each.person()));
        define(book);
    }

    @Override
    public boolean takesLines() {
        return true;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        Viewer viewer = event.by().orElse(null);
        if (viewer != null && known.see(viewer.name())) {
            long key = KnownPeople.key(viewer.name());
            turn.changed(Books.KNOWN.put(Book.key(key), 1L));
            newcomers.add(key);
            turn.changed(Books.NEWCOMERS.put(Book.key(key), key));
        }
        if (event instanceof Fact fact && fact.is(Facts.SHOW_OPENED) && !newcomers.isEmpty()) {
            newcomers.clear();
            turn.changed(Books.NEWCOMERS.goneBelow(""));
        }
        // A circle that is no more by the time this comes has nobody.
        if (event instanceof Fact fact && fact.is(Facts.CIRCLED) && isKept(fact.text("circle"))) {
            String circle = fact.text("circle");
            fact.text("gone")
                    .lines()
                    .filter(circled(circle)::remove)
                    .forEach(person -> turn.changed(Books.CIRCLED.gone(new Circled(circle, person).key())));
            fact.text("come")
                    .lines()
                    .filter(circled(circle)::add)
                    .map(person -> new Circled(circle, person))
                    .forEach(each -> turn.changed(Books.CIRCLED.put(each.key(), each)));
        }
    }

    private boolean isKept(String circle) {
        return named.stream()
                .anyMatch(each -> each.id().equals(circle) && each.by().isKept());
    }

    private Set<String> circled(String circle) {
        return circled.computeIfAbsent(circle, id -> new TreeSet<>());
    }

    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        define(next);
        List<String> over =
                circled.keySet().stream().filter(each -> !isKept(each)).toList();
        over.forEach(circle -> {
            circled.remove(circle);
            turn.changed(Books.CIRCLED.goneBelow(circle));
        });
    }

    private void define(CueBook book) {
        named = book.wiring().house().circles();
        circles.clear();
        named.forEach(circle -> circles.put(
                circle.id(), circle.people().stream().map(WordKey::of).collect(Collectors.toSet())));
    }

    /** Whether somebody was never seen before this show, and is neither staff nor a member nor marked by the host. */
    boolean isStranger(Viewer viewer) {
        return viewer.standings().stream().allMatch(each -> each == Standing.ANYONE || each == Standing.FOLLOWER)
                && newcomers.contains(KnownPeople.key(viewer.name()));
    }

    boolean inCircle(String circle, Viewer viewer) {
        return circles.getOrDefault(circle, Set.of()).contains(WordKey.of(viewer.name()))
                || circled.getOrDefault(circle, Set.of()).contains(viewer.id());
    }

    String circleName(String circle) {
        return named.stream()
                .filter(each -> each.id().equals(circle))
                .map(Circle::name)
                .findFirst()
                .orElse(circle);
    }

    boolean knows(String name) {
        return known.knows(name);
    }

    @Override
    public void save(Memory memory) {
        memory.put(Books.KNOWN, known.save());
        circled.forEach((circle, all) -> all.stream()
                .map(person -> new Circled(circle, person))
                .forEach(each -> memory.put(Books.CIRCLED, each.key(), each)));
        newcomers.forEach((LongProcedure) key -> memory.put(Books.NEWCOMERS, Book.key(key), key));
    }
}
