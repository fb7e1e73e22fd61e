package org.waxbell.keys;

/** What a computer is asked to do beside keys that go down and up. */
public enum Verb {
    /** Types a text: that text. */
    TYPE,
    /** Moves the mouse: pixels from the left of the screen, and from its top. */
    MOVE,
    /** Moves the mouse there and clicks: the same, and which button: {@code left}, {@code middle} or {@code right}. */
    CLICK,
    /** Starts a program and waits until its window is there: its name. */
    START,
    /** Asks a program to end, and ends it where it does not: its name. */
    END
}
