package org.waxbell.journal;

import java.util.List;
import java.util.stream.Collectors;
import org.waxbell.event.Fact;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Written;

/**
 * The engine's answer to one event, which explains itself.
 *
 * @param number counts decisions from 1
 * @param at     the stamp of the event, milliseconds since 1970 UTC
 * @param cues   every cue that looked at it, in the order of the list
 * @param note   what else it did, empty text for nothing
 */
public record Decision(long number, long at, ShowEvent event, List<CueAnswer> cues, String note) {
    private String nothing() {
        if (event instanceof Fact fact && !fact.what().ofChannel()) {
            return "noted";
        }
        if (event instanceof Written line) {
            return line.asks() ? "no cue has this word" : "just talk";
        }
        return "no cue waits for this";
    }

    /** What was decided, as a sentence. */
    public String sentence() {
        if (!note.isEmpty() && cues.isEmpty()) {
            return note;
        }
        return cues.isEmpty()
                ? nothing()
                : cues.stream().map(CueAnswer::sentence).collect(Collectors.joining("; "));
    }
}
