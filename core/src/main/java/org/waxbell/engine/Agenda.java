package org.waxbell.engine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.PriorityQueue;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** The rings that wait or play, and which of them is due next: by moment, then by number. */
final class Agenda {
    private record Entry(long at, long ring) {}

    /** A ring and when it is due, which is worked out once. */
    private record Slot(Ring ring, long due) {}

    private final Map<Long, Slot> slots = new TreeMap<>();
    /** May hold entries that no longer apply; {@link #settle} drops them when they come to the front. */
    private final PriorityQueue<Entry> queue =
            new PriorityQueue<>(Comparator.comparingLong(Entry::at).thenComparingLong(Entry::ring));

    void put(Ring ring) {
        if (!ring.state().isActive()) {
            slots.remove(ring.number());
            return;
        }
        Slot slot = new Slot(ring, ring.nextDue());
        Slot before = slots.put(ring.number(), slot);
        if (before == null || before.due() != slot.due()) {
            queue.add(new Entry(slot.due(), ring.number()));
        }
    }

    @Nullable
    Ring ring(long number) {
        Slot slot = slots.get(number);
        return slot == null ? null : slot.ring();
    }

    /** Every ring, by number, as they are now; rings may be put while it is walked. */
    List<Ring> all() {
        List<Ring> all = new ArrayList<>(slots.size());
        slots.values().forEach(slot -> all.add(slot.ring()));
        return all;
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
        return Objects.requireNonNull(slots.get(first.ring())).ring();
    }

    private void settle() {
        for (Entry first = queue.peek(); first != null && !applies(first); first = queue.peek()) {
            queue.remove();
        }
    }

    private boolean applies(Entry entry) {
        Slot slot = slots.get(entry.ring());
        return slot != null && slot.due() == entry.at() && entry.at() != Long.MAX_VALUE;
    }
}
