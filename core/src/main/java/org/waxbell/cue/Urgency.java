package org.waxbell.cue;

/** Which of two waiting rings goes first; later ones go before earlier ones. */
public enum Urgency {
    /** Lets all others go first. */
    CALM,
    /** As most cues are. */
    USUAL,
    /** Goes before all others that wait. */
    URGENT
}
