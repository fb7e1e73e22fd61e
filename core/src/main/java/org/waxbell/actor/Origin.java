package org.waxbell.actor;

import java.util.EnumSet;
import java.util.Set;

/** From where something was done. */
public enum Origin {
    /** The host, in the console or with a key. */
    HOST("the host", true, EnumSet.allOf(Right.class)),
    /** Somebody who helps the host, with an account of their own; what each of them may is asked where they come in. */
    STAFF("staff", true, EnumSet.allOf(Right.class)),
    /** Somebody in chat; what they may is said by gates, not by rights. */
    VIEWER("the viewer", true, EnumSet.noneOf(Right.class)),
    /** A cue of the wiring. */
    CUE("the cue", false, EnumSet.of(Right.ASK)),
    /** A desk that asks another, such as the order of the evening. */
    DESK("the desk", false, EnumSet.of(Right.ASK)),
    /** A script that the host has let in. */
    EXTENSION("the extension", false, EnumSet.noneOf(Right.class)),
    /** Somebody at the broadcasting software. */
    MIXER("the mixer", true, EnumSet.noneOf(Right.class)),
    /** Somebody in the room, who switched a lamp or a plug. */
    ROOM("the room", true, EnumSet.noneOf(Right.class)),
    /** A link that tells how things stand outside, and what viewers ask for at a page of the channel. */
    LINK("the link", false, EnumSet.of(Right.ASK)),
    /** Whoever called a secret address. */
    WEB("a web call", false, EnumSet.noneOf(Right.class)),
    /** Wax Bell by itself, such as when a time has come. */
    PROGRAM("Wax Bell", false, EnumSet.noneOf(Right.class));

    private final String words;
    private final boolean person;
    private final Set<Right> rights;

    Origin(String words, boolean person, Set<Right> rights) {
        this.words = words;
        this.person = person;
        this.rights = rights;
    }

    /** How a sentence names it. */
    public String words() {
        return words;
    }

    boolean person() {
        return person;
    }

    boolean may(Right right) {
        return rights.contains(right);
    }
}
