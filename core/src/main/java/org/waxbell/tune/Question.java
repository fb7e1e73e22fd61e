package org.waxbell.tune;

import java.util.List;
import org.waxbell.catalogue.Tune;

/** What a viewer was asked back: which of these is meant. @param at when, milliseconds since 1970 UTC */
public record Question(String person, List<Tune> tunes, long at) {
    /** How long an answer is waited for, in milliseconds. */
    static final long OPEN_MS = 90_000;

    public Question {
        tunes = List.copyOf(tunes);
    }
}
