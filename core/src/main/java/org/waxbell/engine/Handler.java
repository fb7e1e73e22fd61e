package org.waxbell.engine;

import org.waxbell.event.ShowEvent;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;

/** Keeps one thing that is known of the evening. All of them take every event, in one order; what waits is done at its own moment. */
interface Handler {
    /** Takes in an event. */
    default void take(long at, ShowEvent event, Turn turn) {}

    /** Whether lines of chat, of which there are most, are anything to it. */
    default boolean takesLines() {
        return false;
    }

    /** When it wants to be woken, milliseconds since 1970 UTC; {@link Long#MAX_VALUE} for never. */
    default long nextWake() {
        return Long.MAX_VALUE;
    }

    /** Its moment has come. */
    default void wake(long at, Turn turn) {}

    /** The wiring was changed; what is looked up in it is so already. */
    default void rewire(CueBook next, long at, Turn turn) {}

    /** Writes down all that it remembers. */
    default void save(Memory memory) {}
}
