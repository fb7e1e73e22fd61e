package org.waxbell.engine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.waxbell.evening.Evening;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/**
 * All that the engine remembers, as one value that can be saved and restored.
 *
 * @param seed         from which every draw is made
 * @param nextDecision number of the next decision
 * @param nextRing     number of the next ring
 * @param nextEntry    number of the next entry of the ledger
 * @param memory       what stands in each book; not changed by anyone from here on
 */
public record EngineState(long seed, long nextDecision, long nextRing, long nextEntry, Memory memory) {
    /** The state of an engine that has seen nothing yet. */
    public static EngineState fresh(long seed) {
        return new EngineState(seed, 1, 1, 1, new Memory());
    }

    /** The rings that wait or play, by number. */
    public List<Ring> rings() {
        return memory.all(Books.RINGS).stream()
                .filter(ring -> ring.state().isActive())
                .sorted(Comparator.comparingLong(Ring::number))
                .toList();
    }

    /** How the evening stands. */
    public Evening evening() {
        return memory.all(Books.EVENING).stream().findFirst().orElse(Evening.NONE);
    }

    /** The same with nothing that waits or plays. */
    public EngineState alone() {
        Memory other = new Memory(memory);
        other.take(Books.RINGS.goneBelow(""));
        return new EngineState(seed, nextDecision, nextRing, nextEntry, other);
    }

    /**
     * What has to change so that nothing of it does again what a fault ended: the ring is given up and what it promised goes
     * back, the desk begins afresh.
     *
     * @param desks the books of all desks
     */
    public Outcome givingUp(AtWork work, List<Book<?>> desks, String why) {
        List<Change> changes = new ArrayList<>();
        rings().stream().filter(ring -> ring.number() == work.ring()).forEach(ring -> giveUp(ring, why, changes));
        if (!work.place().isEmpty()) {
            for (Book<?> book : desks) {
                if (!memory.below(book, work.place()).isEmpty()) {
                    changes.add(book.goneBelow(work.place()));
                } else if (memory.get(book, work.place()).isPresent()) {
                    changes.add(book.gone(work.place()));
                }
            }
        }
        return new Outcome(List.of(), List.of(), changes);
    }

    /** The same for every ring that waits or plays, and for every desk. */
    public Outcome givingUpAll(List<Book<?>> desks, String why) {
        List<Change> changes = new ArrayList<>();
        rings().forEach(ring -> giveUp(ring, why, changes));
        desks.stream().filter(book -> !memory.all(book).isEmpty()).forEach(book -> changes.add(book.goneBelow("")));
        return new Outcome(List.of(), List.of(), changes);
    }

    private static void giveUp(Ring ring, String why, List<Change> changes) {
        String number = Long.toString(ring.number());
        changes.add(Books.RINGS.put(number, ring.givenUp(why)));
        if (!ring.begun()) {
            changes.add(Books.PENDING.gone(number));
            changes.add(Books.LETS.gone(number));
        }
    }

    /** The state after what an outcome changed: what is kept of it and read again makes the same engine. */
    public EngineState after(Outcome outcome) {
        Memory next = new Memory(memory);
        long decision = nextDecision + outcome.decisions().size();
        long ring = nextRing;
        long entry = nextEntry;
        for (Change change : outcome.changes()) {
            next.take(change);
            ring = Math.max(ring, change.now(Books.RINGS).map(Ring::number).orElse(0L) + 1);
            entry = Math.max(
                    entry, change.now(Books.ENTRIES).map(each -> each.number()).orElse(0L) + 1);
        }
        return new EngineState(seed, decision, ring, entry, next);
    }
}
