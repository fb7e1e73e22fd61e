package org.waxbell.actor;

/**
 * Who did something.
 *
 * @param origin from where it was done
 * @param id     which one of them, such as the id of a cue or the name of an account; empty text where there is only one
 */
public record Actor(Origin origin, String id) {
    /** The host. */
    public static final Actor HOST = new Actor(Origin.HOST, "");
    /** Somebody at the broadcasting software. */
    public static final Actor MIXER = new Actor(Origin.MIXER, "");
    /** Somebody in the room. */
    public static final Actor ROOM = new Actor(Origin.ROOM, "");
    /** Whoever called a secret address. */
    public static final Actor WEB = new Actor(Origin.WEB, "");
    /** Wax Bell by itself. */
    public static final Actor PROGRAM = new Actor(Origin.PROGRAM, "");

    /** A viewer. @param id identity on the link */
    public static Actor viewer(String id) {
        return new Actor(Origin.VIEWER, id);
    }

    /** A cue, by its id. */
    public static Actor cue(String id) {
        return new Actor(Origin.CUE, id);
    }

    /** A desk, by the place of what it runs. */
    public static Actor desk(String about) {
        return new Actor(Origin.DESK, about);
    }

    /** A link, by its id. */
    public static Actor link(String id) {
        return new Actor(Origin.LINK, id);
    }

    /** Whether somebody's own will stands behind it, which counts for more than what cues do. */
    public boolean inPerson() {
        return origin.person();
    }

    /** Whether they may do that. */
    public boolean may(Right right) {
        return origin.may(right);
    }

    /** How a sentence names them: {@code the host}, {@code the cue pour-the-taper}. */
    public String inWords() {
        return id.isEmpty() ? origin.words() : origin.words() + " " + id;
    }
}
