package org.waxbell.app.store;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.engine.Books;
import org.waxbell.engine.Ring;
import org.waxbell.evening.Evening;
import org.waxbell.evening.KnownPeople;
import org.waxbell.evening.Spent;
import org.waxbell.event.Identity;
import org.waxbell.gate.Let;
import org.waxbell.points.LedgerEntry;
import org.waxbell.points.Pending;
import org.waxbell.show.Desks;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;
import org.waxbell.state.Numbers;

/**
 * Which table keeps which book: the table of facts, by book and key, unless a book is so large or so often asked that it has
 * one of its own. A new desk needs none.
 */
@Component
class BookTables {
    private final EngineMapper engine;
    private final EveningMapper evening;
    private final PersonMapper people;
    private final Documents json;
    private final Map<String, BookTable> all = new LinkedHashMap<>();

    BookTables(EngineMapper engine, EveningMapper evening, PersonMapper people, Documents json) {
        this.engine = engine;
        this.evening = evening;
        this.people = people;
        this.json = json;
        // The evening first: what others count depends on when its show was opened.
        all.put(Books.EVENING.name(), facts(Books.EVENING));
        Desks.books().forEach(book -> all.putIfAbsent(book.name(), own(book)));
    }

    /** All of them, in the order in which they are loaded. */
    Iterable<BookTable> all() {
        return all.values();
    }

    BookTable of(Book<?> book) {
        return Objects.requireNonNull(all.get(book.name()), book::name);
    }

    private BookTable own(Book<?> book) {
        if (book.equals(Books.RINGS)) {
            return BookTable.growing((key, value) -> ring((Ring) value), this::rings);
        } else if (book.equals(Books.LETS)) {
            return new BookTable(
                    (key, value) -> engine.putLet((Let) value),
                    gone -> engine.removeLet(Long.parseLong(gone.key())),
                    this::lets);
        } else if (book.equals(Books.DRAWN)) {
            return BookTable.growing(
                    (key, value) -> engine.putDrawn(key, (String) value),
                    memory -> engine.drawn().forEach(row -> memory.put(Books.DRAWN, row.purpose(), row.name())));
        } else if (book.equals(Books.SPENT)) {
            return new BookTable(
                    (key, value) -> evening.spend((Spent) value), gone -> evening.forgetSpent(), this::spent);
        } else if (book.equals(Books.ENTRIES)) {
            return BookTable.growing((key, value) -> evening.addEntry((LedgerEntry) value), memory -> {});
        } else if (book.equals(Books.BALANCES)) {
            return BookTable.growing((key, value) -> {}, this::balances);
        } else if (book.equals(Books.PENDING)) {
            return new BookTable(
                    (key, value) -> evening.putPending((Pending) value),
                    gone -> evening.removePending(Long.parseLong(gone.key())),
                    memory -> evening.pending()
                            .forEach(each -> memory.put(Books.PENDING, Long.toString(each.ring()), each)));
        } else if (book.equals(Books.KNOWN)) {
            return BookTable.growing((key, value) -> people.putKnown(Long.parseUnsignedLong(key, 16)), this::known);
        }
        return facts(book);
    }

    private <T> BookTable facts(Book<T> book) {
        return new BookTable(
                (key, value) -> evening.putFact(book.name(), key, json.write(value)),
                gone -> forget(book, gone),
                memory -> evening.facts(book.name())
                        .forEach(row -> memory.put(book, row.id(), json.read(row.json(), book.type()))));
    }

    private void forget(Book<?> book, Change.Gone gone) {
        if (gone.below() && gone.key().isEmpty()) {
            evening.removeBook(book.name());
        } else if (gone.below()) {
            evening.removeFacts(book.name(), gone.key());
        } else {
            evening.removeFact(book.name(), gone.key());
        }
    }

    private void ring(Ring ring) {
        engine.putRing(
                ring.number(),
                ring.cueId(),
                ring.arrived(),
                ring.over(),
                ring.state().isActive(),
                json.write(ring));
    }

    private void rings(Memory memory) {
        engine.activeRings().stream()
                .map(text -> json.read(text, Ring.class))
                .forEach(ring -> memory.put(Books.RINGS, Long.toString(ring.number()), ring));
    }

    private void lets(Memory memory) {
        long opened = memory.all(Books.EVENING).stream()
                .mapToLong(Evening::openedAt)
                .findFirst()
                .orElse(0);
        engine.lets(opened).forEach(let -> memory.put(Books.LETS, let.key(), let));
    }

    private void spent(Memory memory) {
        evening.spent().forEach(each -> memory.put(Books.SPENT, each.key(), each));
    }

    private void balances(Memory memory) {
        Numbers sums = new Numbers();
        evening.sums(each -> sums.put(
                Identity.key(each.getResultObject().person()),
                each.getResultObject().points()));
        memory.put(Books.BALANCES, sums);
    }

    /** Who was seen by programs of before stands among people only. */
    private void known(Memory memory) {
        Numbers known = new Numbers();
        people.known(each -> known.put(each.getResultObject(), 1));
        people.names(each -> known.put(KnownPeople.key(each.getResultObject()), 1));
        memory.put(Books.KNOWN, known);
    }
}
