package org.waxbell.turns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.turns.TurnsBoard.IsUp;
import org.waxbell.turns.TurnsBoard.Took;
import org.waxbell.turns.TurnsBoard.Waits;

/** Makes the board of a queue: the first of those who wait, and what was learned of turns so far. */
final class BoardMaker {
    private static final int MOST_ROWS = 300;
    private static final int MOST_DONE = 50;
    private static final long MINUTE = 60_000;
    private final Queue queue;
    private final TurnsState now;
    private final long at;

    BoardMaker(Queue queue, TurnsState now, long at) {
        this.queue = queue;
        this.now = now;
        this.at = at;
    }

    TurnsBoard made() {
        List<Entry> first = now.waiting().first(MOST_ROWS);
        List<PastTurn> done = done();
        Map<String, Integer> totals = new TreeMap<>();
        done.forEach(each -> totals.merge(each.outcome(), 1, Integer::sum));
        return new TurnsBoard(
                now.head().open(),
                now.head().steps(),
                now.head().up().stream()
                        .map(up -> new IsUp(
                                up.entry().name(),
                                up.entry().marks(),
                                up.entry().note(),
                                record(up.entry()),
                                up.since()))
                        .toList(),
                waiting(first),
                now.waiting().size() - first.size(),
                done.subList(0, Math.min(MOST_DONE, done.size())),
                totals,
                takes(Wait.ofOne(now.head().lengths())),
                lengths(),
                List.copyOf(now.head().banned().values()),
                now.head().back().isPresent());
    }

    private static String takes(Wait one) {
        return one.known() ? "a turn takes " + one.inWords() : "how long a turn takes is not known yet";
    }

    private String record(Entry entry) {
        return now.guests()
                .get(entry.person())
                .map(guest -> guest.inWords(queue.outcomes().get(0)))
                .orElse("");
    }

    private List<Waits> waiting(List<Entry> first) {
        long lots = Draw.lots(now.waiting(), at);
        List<Waits> all = new ArrayList<>();
        for (Entry each : first) {
            all.add(new Waits(
                    each.name(),
                    each.marks(),
                    each.note(),
                    record(each),
                    each.since(),
                    TurnsStep.wait(now, all.size() + 1, at).range(),
                    100.0 * Draw.lots(each, at) / lots,
                    each.why(),
                    at - each.seen() < queue.goneMs(),
                    each.seen()));
        }
        return all;
    }

    /** Turns of this show, the newest first. */
    private List<PastTurn> done() {
        List<PastTurn> all = new ArrayList<>();
        for (int rank = now.past().size() - 1; rank >= 0; rank--) {
            PastTurn turn = now.past().at(rank);
            if (turn.ended() < now.head().show()) {
                break;
            }
            all.add(turn);
        }
        return all;
    }

    private List<Took> lengths() {
        Map<Long, Integer> counts = new TreeMap<>();
        now.head().lengths().forEach(each -> counts.merge(each / MINUTE, 1, Integer::sum));
        return counts.entrySet().stream()
                .map(each -> new Took(each.getKey(), each.getValue()))
                .toList();
    }
}
