package org.waxbell.turns;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.OnDesk;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;

/** An engine with one queue and its chat words, as viewers and the host use them. */
final class OnQueue extends OnDesk<Queue, TurnsState> {
    static final Queue BENCH = Records.with(
            (Queue) Queue.KIND.fresh().apply(Fresh.NOTHING),
            Map.of(
                    "id",
                    "bench",
                    "name",
                    "At the bench",
                    "purpose",
                    "what you would like poured",
                    "sample",
                    "sage, tall",
                    "outcomes",
                    List.of("poured", "burnt", "put off")));

    OnQueue(Map<String, ?> rules) {
        super(new TurnsDesk(), Records.with(BENCH, rules));
    }

    TurnsBoard board() {
        return new TurnsDesk().board(document, state(), at);
    }

    List<String> waiting() {
        return state().waiting().first(1_000).stream().map(Entry::name).toList();
    }

    List<String> up() {
        return state().head().up().stream().map(each -> each.entry().name()).toList();
    }
}
