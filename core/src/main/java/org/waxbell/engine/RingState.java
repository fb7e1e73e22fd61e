package org.waxbell.engine;

/** How far a ring has come. */
public enum RingState {
    /** Let through; waits for its places or for its moment. */
    WAITING,
    /** Its first part has been told. */
    PLAYING,
    /** All its parts are over. */
    ENDED,
    /** Given up before anything played; the note says why. */
    DROPPED,
    /** Ended by Hush. */
    HUSHED;

    /** Whether the engine still has something to do for it. */
    public boolean isActive() {
        return this == WAITING || this == PLAYING;
    }
}
