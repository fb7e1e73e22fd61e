package org.waxbell.voice;

import java.util.Arrays;
import java.util.List;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Kind;

/** What is done about something that is found in a text. */
public enum Doing {
    /** It is said as it stands. */
    SAY("said as it is"),
    /** It is left out, or cut, and the rest is said. */
    LEAVE("left out"),
    /** Something else is said in its place. */
    INSTEAD("said as something else"),
    /** The whole text waits until the host has looked at it. */
    ASK("asked of me first"),
    /** The whole text is kept out. */
    HOLD("kept out");

    private final String inWords;

    Doing(String inWords) {
        this.inWords = inWords;
    }

    /** How a sentence says it. */
    public String inWords() {
        return inWords;
    }

    /** All but the named ones, as choices. */
    static Choice[] choices(Doing... without) {
        return Arrays.stream(values())
                .filter(each -> !List.of(without).contains(each))
                .map(each -> new Choice(Kind.written(each), each.inWords()))
                .toArray(Choice[]::new);
    }
}
