package org.waxbell.link;

/** What a link is doing, from the best to the worst. */
public enum Phase {
    /** It works. */
    UP("up"),
    /** The host paused it; it is not forgotten. */
    PAUSED("paused"),
    /** It is being set up and has nothing to connect to yet. */
    UNSET("not set up"),
    /** It connects, for the first time or again. */
    CONNECTING("connecting"),
    /** It does not work; the state says why and what to do. */
    BROKEN("down");

    private final String words;

    Phase(String words) {
        this.words = words;
    }

    /** What it does, in words. */
    public String inWords() {
        return words;
    }
}
