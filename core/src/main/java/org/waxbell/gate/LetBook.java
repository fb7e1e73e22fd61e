package org.waxbell.gate;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Remembers which rings were let through, for as long as a cooldown asks for them. Not safe for several threads. */
public final class LetBook {
    /** The answer for a cue that was not let through within memory. */
    public static final long NEVER = Long.MIN_VALUE;

    private final Map<String, Deque<Let>> byCue = new HashMap<>();
    private final Map<String, Deque<Let>> byViewer = new HashMap<>();
    private final Map<Long, Let> byRing = new HashMap<>();

    /** When the cue was last let through for anyone, or {@link #NEVER}. */
    public long last(String cueId) {
        return lastOf(byCue.get(cueId));
    }

    /** When the cue was last let through for this viewer, or {@link #NEVER}. */
    public long last(String cueId, String viewer) {
        return lastOf(byViewer.get(key(cueId, viewer)));
    }

    /** Remembers {@code let} and forgets what of the same cue is older than {@code memoryMs}. */
    public void add(Let let, long memoryMs) {
        forget(let.cueId(), let.at() - memoryMs);
        byCue.computeIfAbsent(let.cueId(), cue -> new ArrayDeque<>()).addLast(let);
        byViewer.computeIfAbsent(key(let.cueId(), let.viewer()), key -> new ArrayDeque<>()).addLast(let);
        byRing.put(let.ring(), let);
    }

    /** Takes back the entry of a ring that was dropped before anything played; whether it was there. */
    public boolean takeBack(long ring) {
        Let let = byRing.get(ring);
        if (let != null) {
            remove(let);
        }
        return let != null;
    }

    /** All entries in the order in which they were let through. */
    public List<Let> all() {
        List<Let> all = new ArrayList<>(byRing.values());
        all.sort(Comparator.comparingLong(Let::at).thenComparingLong(let -> Math.abs(let.ring())));
        return all;
    }

    private void forget(String cueId, long before) {
        Deque<Let> lets = byCue.getOrDefault(cueId, new ArrayDeque<>());
        while (!lets.isEmpty() && lets.peekFirst().at() < before) {
            remove(lets.peekFirst());
        }
    }

    private void remove(Let let) {
        byRing.remove(let.ring());
        removeFrom(byCue, let.cueId(), let);
        removeFrom(byViewer, key(let.cueId(), let.viewer()), let);
    }

    private static void removeFrom(Map<String, Deque<Let>> index, String key, Let let) {
        Collection<Let> lets = index.get(key);
        if (lets != null && lets.remove(let) && lets.isEmpty()) {
            index.remove(key);
        }
    }

    private static long lastOf(@Nullable Deque<Let> lets) {
        return lets == null ? NEVER : lets.getLast().at();
    }

    private static String key(String cueId, String viewer) {
        return cueId + '\n' + viewer;
    }
}
