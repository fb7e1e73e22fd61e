package org.waxbell.evening;

import com.carrotsearch.hppc.LongHashSet;
import com.carrotsearch.hppc.cursors.LongCursor;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.event.Identity;

/** Whose first lines are spent in the open show, for which cue: 8 bytes a person and some room. Not safe for several threads. */
public final class FirstLines {
    private final Map<String, LongHashSet> spent = new TreeMap<>();

    /** Goes on from what was spent. */
    public FirstLines(List<Spent> before) {
        before.forEach(each ->
                spent.computeIfAbsent(each.cueId(), id -> new LongHashSet()).add(each.who()));
    }

    /** Whether it is spent. */
    public boolean isSpent(String cueId, String person) {
        LongHashSet of = spent.get(cueId);
        return of != null && of.contains(Identity.key(person));
    }

    /** Spends it; whether it was not spent before. */
    public boolean spend(String cueId, String person) {
        return spent.computeIfAbsent(cueId, id -> new LongHashSet()).add(Identity.key(person));
    }

    /** What one spent the other has spent too; what is new of that. */
    public List<Spent> unite(String from, String to) {
        List<Spent> more = new ArrayList<>();
        spent.forEach((cue, of) -> {
            if (of.contains(Identity.key(from)) && of.add(Identity.key(to))) {
                more.add(new Spent(cue, Identity.key(to)));
            }
        });
        return more;
    }

    /** A new show: nobody has written yet. */
    public void clear() {
        spent.clear();
    }

    /** All that is spent, in a fixed order. */
    public List<Spent> save() {
        List<Spent> all = new ArrayList<>();
        spent.forEach((cue, of) -> {
            List<Spent> here = new ArrayList<>();
            for (LongCursor each : of) {
                here.add(new Spent(cue, each.value));
            }
            here.sort(Comparator.comparingLong(Spent::who));
            all.addAll(here);
        });
        return all;
    }
}
