package org.waxbell.score;

import java.util.Locale;

/** Where a part lands; lanes are drawn in this order. */
public enum Lane {
    /** What is seen on a stage. */
    SCREEN(true),
    /** Sounds on a stage's outlets. */
    SOUND(true),
    /** What is said aloud. */
    VOICE(true),
    /** Lines written into chat. */
    CHAT(false),
    /** Scenes and sources of the mixer. */
    MIXER(false),
    /** Lamps and plugs. */
    ROOM(false),
    /** Keys, the mouse and programs of this computer. */
    KEYS(false),
    /** What is written into our own books: slate, points, racks. */
    BOOKS(false),
    /** What others do for us, such as making a clip. */
    OUTSIDE(false);

    private final boolean toldAhead;

    Lane(boolean toldAhead) {
        this.toldAhead = toldAhead;
    }

    /** How people call it. */
    public String inWords() {
        return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT);
    }

    /** Whether what lands there is heard. */
    public boolean heard() {
        return this == SOUND || this == VOICE;
    }

    /** Whether its adapters start things themselves at the moment told, and so want to be told ahead of it. */
    public boolean toldAhead() {
        return toldAhead;
    }
}
