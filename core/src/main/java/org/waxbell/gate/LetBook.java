package org.waxbell.gate;

import com.carrotsearch.hppc.LongObjectHashMap;
import com.carrotsearch.hppc.cursors.LongObjectCursor;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.event.Identity;

/**
 * Remembers which rings were let through, for cooldowns and limits. Not safe for several threads.
 *
 * <p>Only rings that may still be taken back are kept one by one; of the others each cue, and each viewer where a gate asks for
 * that, has its last moment and its count, so that a million viewers fit.
 */
public final class LetBook {
    /** The answer for a cue that was not let through within memory. */
    public static final long NEVER = Long.MIN_VALUE;

    private static final int TIDY_AT_LEAST = 4_096;
    private final Map<String, ViewersOfCue> cues = new TreeMap<>();
    private final Map<Long, Let> open = new TreeMap<>();
    private int tidyAt = TIDY_AT_LEAST;
    private int people;

    /** What is known of one cue: in all, and by the keys of viewers as {@code last moment, count}. */
    private static final class ViewersOfCue {
        private long last = NEVER;
        private long count;
        private long memoryMs;
        private final LongObjectHashMap<long[]> byViewer = new LongObjectHashMap<>();
    }

    /** When the cue was last let through for anyone, or {@link #NEVER}. */
    public long last(String cueId) {
        ViewersOfCue cue = cues.get(cueId);
        long last = cue == null ? NEVER : cue.last;
        for (Let let : open.values()) {
            last = let.cueId().equals(cueId) ? Math.max(last, let.at()) : last;
        }
        return last;
    }

    /** When the cue was last let through for this viewer, or {@link #NEVER}. */
    public long last(String cueId, String viewer) {
        long who = Identity.key(viewer);
        long last = settled(cueId, who)[0];
        for (Let let : open.values()) {
            last = let.who() == who && let.cueId().equals(cueId) ? Math.max(last, let.at()) : last;
        }
        return last;
    }

    /** How often the cue was let through in this show. */
    public long count(String cueId) {
        ViewersOfCue cue = cues.get(cueId);
        return (cue == null ? 0 : cue.count)
                + open.values().stream()
                        .filter(let -> let.cueId().equals(cueId))
                        .count();
    }

    /** How often the cue was let through in this show for this viewer. */
    public long count(String cueId, String viewer) {
        long who = Identity.key(viewer);
        return settled(cueId, who)[1]
                + open.values().stream()
                        .filter(let -> let.who() == who && let.cueId().equals(cueId))
                        .count();
    }

    private long[] settled(String cueId, long who) {
        ViewersOfCue cue = cues.get(cueId);
        long[] known = cue == null ? null : cue.byViewer.get(who);
        return known == null ? new long[] {NEVER, 0} : known;
    }

    /** Remembers a ring that may still be taken back. @param memoryMs how long its gates ask for it, in milliseconds */
    public void add(Let let, long memoryMs) {
        open.put(let.ring(), let);
        cues.computeIfAbsent(let.cueId(), id -> new ViewersOfCue()).memoryMs = memoryMs;
    }

    /** Remembers what can no longer be taken back. */
    public void addSettled(Let let, long memoryMs) {
        ViewersOfCue cue = cues.computeIfAbsent(let.cueId(), id -> new ViewersOfCue());
        cue.memoryMs = Math.max(cue.memoryMs, memoryMs);
        if (let.who() != 0) {
            long[] known = cue.byViewer.get(let.who());
            if (known == null) {
                cue.byViewer.put(let.who(), new long[] {let.at(), let.times()});
                people++;
                tidy(let.at());
            } else {
                known[0] = Math.max(known[0], let.at());
                known[1] += let.times();
            }
        }
        cue.last = Math.max(cue.last, let.at());
        cue.count += let.times();
    }

    /** From now on the ring cannot be taken back, for it has begun to play. */
    public void settle(long ring) {
        Let let = open.remove(ring);
        if (let != null) {
            addSettled(let, 0);
        }
    }

    /** Takes back the entry of a ring that was dropped before anything played; whether it was there. */
    public boolean takeBack(long ring) {
        return open.remove(ring) != null;
    }

    /** A show begins or ends: counts start anew, cooldowns go on. */
    public void startCounting() {
        cues.values().forEach(cue -> {
            cue.count = 0;
            cue.byViewer.forEach(
                    (com.carrotsearch.hppc.procedures.LongObjectProcedure<long[]>) (who, known) -> known[1] = 0);
        });
    }

    /** Forgets viewers whom no cooldown concerns any more and no count either, now and then. */
    private void tidy(long now) {
        if (people < tidyAt) {
            return;
        }
        people = 0;
        for (ViewersOfCue cue : cues.values()) {
            cue.byViewer.removeAll((com.carrotsearch.hppc.predicates.LongObjectPredicate<long[]>)
                    (who, known) -> known[0] + cue.memoryMs < now && known[1] == 0);
            people += cue.byViewer.size();
        }
        tidyAt = Math.max(TIDY_AT_LEAST, 2 * people);
    }

    /** All that it remembers, in a fixed order: what is put together first, then single rings. */
    public List<Let> all() {
        List<Let> all = new ArrayList<>();
        cues.forEach((id, cue) -> all.addAll(of(id, cue)));
        all.addAll(open.values());
        return all;
    }

    private static Collection<Let> of(String id, ViewersOfCue cue) {
        List<Let> all = new ArrayList<>();
        long named = 0;
        for (LongObjectCursor<long[]> each : cue.byViewer) {
            all.add(new Let(0, id, each.key, each.value[0], (int) each.value[1]));
            named += each.value[1];
        }
        all.sort(Comparator.comparingLong(Let::who));
        if (cue.last != NEVER) {
            all.add(0, new Let(0, id, 0, cue.last, (int) (cue.count - named)));
        }
        return all;
    }
}
