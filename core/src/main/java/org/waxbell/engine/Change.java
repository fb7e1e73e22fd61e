package org.waxbell.engine;

import org.waxbell.points.LedgerEntry;
import org.waxbell.show.Evening;

/** One step by which the engine's state changed; those that others than its keeper look at have a name. */
@FunctionalInterface
public interface Change {
    /** Hands the change to who keeps it. */
    void keep(Keeper keeper);

    /** A ring stands differently now. */
    record RingMoved(Ring ring) implements Change {
        @Override
        public void keep(Keeper keeper) {
            keeper.ring(ring);
        }
    }

    /** Points moved. */
    record PointsMoved(LedgerEntry entry) implements Change {
        @Override
        public void keep(Keeper keeper) {
            keeper.entry(entry);
        }
    }

    /** The evening stands differently now. @param newShow whether a show opened or closed by that */
    record EveningMoved(Evening evening, boolean newShow) implements Change {
        @Override
        public void keep(Keeper keeper) {
            if (newShow) {
                keeper.newShow(evening);
            } else {
                keeper.evening(evening);
            }
        }
    }
}
