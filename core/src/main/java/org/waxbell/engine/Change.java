package org.waxbell.engine;

/** One step by which the engine's state changed. */
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
}
