package org.waxbell.extension;

import java.util.Locale;

/** Something that a script has to be let do by the host; a closed set. */
public enum Permission {
    /** It learns who did what it hears, by name and standing. */
    PEOPLE("is told who did it, by name and standing"),
    /** It moves points. */
    POINTS("gives points and takes them"),
    /** It writes into chat. */
    SAY("writes in chat as your helper"),
    /** It tells cues something. */
    RING("sets off cues that wait for it"),
    /** It writes on the slate. */
    SLATE("writes on the slate"),
    /** It keeps something from one time to the next. */
    KEEP("keeps notes of its own, 64 kB at most"),
    /** It calls addresses that are set up as links. */
    CALL("calls addresses that you have set up");

    private final String words;

    Permission(String words) {
        this.words = words;
    }

    /** How documents name it. */
    public String written() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What it then does, behind its name in a sentence. */
    public String inWords() {
        return words;
    }
}
