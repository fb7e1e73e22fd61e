package org.waxbell.engine;

import java.util.List;
import org.waxbell.points.Ledger;
import org.waxbell.show.Came;
import org.waxbell.show.Evening;
import org.waxbell.show.Spent;
import org.waxbell.show.TargetState;
import org.waxbell.slate.SlateEntry;

/**
 * What the engine remembers beside rings and cooldowns.
 *
 * @param known keys of the names of everyone who was ever seen
 */
public record Books(
        Evening evening,
        Ledger.State ledger,
        List<SlateEntry> slate,
        List<Spent> spent,
        List<TargetState> targets,
        List<Came> came,
        List<Long> known) {
    /** Nothing is remembered. */
    public static final Books EMPTY =
            new Books(Evening.NONE, Ledger.State.EMPTY, List.of(), List.of(), List.of(), List.of(), List.of());

    public Books {
        slate = List.copyOf(slate);
        spent = List.copyOf(spent);
        targets = List.copyOf(targets);
        came = List.copyOf(came);
        known = List.copyOf(known);
    }
}
