package org.waxbell.turns;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.desk.Lots;
import org.waxbell.event.Standing;

/** A fair draw: whoever waits has one lot, and one more for each minute of waiting, as far as a day. */
final class Draw {
    private static final long MINUTE = 60_000;
    private static final long MOST = 24 * 60;

    /** What was drawn. @param odds how likely it was, in percent */
    record Drawn(Entry entry, double odds) {}

    private Draw() {}

    static int lots(Entry entry, long at) {
        return (int) (1 + Math.min(MOST, Math.max(0, at - entry.since()) / MINUTE));
    }

    static long lots(Iterable<Entry> among, long at) {
        long sum = 0;
        for (Entry each : among) {
            sum += lots(each, at);
        }
        return sum;
    }

    /** Draws one; empty where nobody is there to be drawn. */
    static Optional<Drawn> of(Iterable<Entry> waiting, boolean membersOnly, long at, Lots chance) {
        List<Entry> among = new ArrayList<>();
        waiting.forEach(each -> {
            if (!membersOnly || each.standings().contains(Standing.MEMBER)) {
                among.add(each);
            }
        });
        if (among.isEmpty()) {
            return Optional.empty();
        }
        int all = (int) lots(among, at);
        int rest = chance.below("draw", all);
        for (Entry each : among) {
            rest -= lots(each, at);
            if (rest < 0) {
                return Optional.of(new Drawn(each, 100.0 * lots(each, at) / all));
            }
        }
        throw new IllegalStateException("more lots than there are");
    }
}
