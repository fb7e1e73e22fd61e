package org.waxbell.engine;

import org.waxbell.gate.Let;

/** One step by which the engine's state changed. */
public sealed interface Change permits Change.RingMoved, Change.LetThrough, Change.TakenBack, Change.Drawn {
    /** Hands the change to who keeps it. */
    void keep(Keeper keeper);

    /** A ring stands differently now. */
    record RingMoved(Ring ring) implements Change {
        @Override
        public void keep(Keeper keeper) {
            keeper.ring(ring);
        }
    }

    /** A ring was let through. */
    record LetThrough(Let let) implements Change {
        @Override
        public void keep(Keeper keeper) {
            keeper.let(let);
        }
    }

    /** A ring was dropped and its entry taken back. */
    record TakenBack(long ring) implements Change {
        @Override
        public void keep(Keeper keeper) {
            keeper.takeBack(ring);
        }
    }

    /** Chance fell on {@code name}. */
    record Drawn(String purpose, String name) implements Change {
        @Override
        public void keep(Keeper keeper) {
            keeper.drawn(purpose, name);
        }
    }
}
