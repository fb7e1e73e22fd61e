package org.waxbell.engine;

import java.util.Comparator;
import java.util.Map;
import java.util.Objects;
import java.util.PriorityQueue;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** The rings that wait or play, and which of them is due next: by moment, then by number. */
final class Agenda {
    private record Entry(long at, long ring) {
    }

    private final Map<Long, Ring> rings = new TreeMap<>();
    /** May hold entries that no longer apply; {@link #settle} drops them when they come to the front. */
    private final PriorityQueue<Entry> queue =
            new PriorityQueue<>(Comparator.comparingLong(Entry::at).thenComparingLong(Entry::ring));

    void put(Ring ring) {
        if (!ring.state().isActive()) {
            rings.remove(ring.number());
            return;
        }
        rings.put(ring.number(), ring);
        queue.add(new Entry(ring.nextDue(), ring.number()));
    }

    @Nullable Ring ring(long number) {
        return rings.get(number);
    }

    Iterable<Ring> all() {
        return rings.values();
    }

    /** The next moment at which a ring is due, {@link Long#MAX_VALUE} where none is. */
    long nextAt() {
        settle();
        Entry first = queue.peek();
        return first == null ? Long.MAX_VALUE : first.at();
    }

    /** The ring that is due first; the caller has seen that there is one. */
    Ring next() {
        settle();
        Entry first = queue.element();
        return Objects.requireNonNull(rings.get(first.ring()));
    }

    private void settle() {
        for (Entry first = queue.peek(); first != null && !applies(first); first = queue.peek()) {
            queue.remove();
        }
    }

    private boolean applies(Entry entry) {
        Ring ring = rings.get(entry.ring());
        return ring != null && ring.nextDue() == entry.at() && entry.at() != Long.MAX_VALUE;
    }
}
