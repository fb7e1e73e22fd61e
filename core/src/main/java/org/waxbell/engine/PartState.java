package org.waxbell.engine;

/** How far one part of a ring has come. */
public enum PartState {
    /** Its moment is still to come. */
    PLANNED,
    /** Its adapter has been told. */
    TOLD,
    /** It is over. */
    ENDED,
    /** Its adapter could not do it; the note says why. */
    FAILED,
    /** Ended before its time. */
    CUT,
    /** Its moment passed while the program was not running; it is not done late. */
    MISSED,
    /** It was under way outside when the program stopped; what became of it is not known. */
    UNKNOWN;

    boolean holdsItsPlace() {
        return isOpen() || this == ENDED;
    }

    boolean isOpen() {
        return this == PLANNED || this == TOLD;
    }
}
