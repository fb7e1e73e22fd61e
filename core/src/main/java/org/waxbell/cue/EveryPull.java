package org.waxbell.cue;

import org.waxbell.check.Problems;
import org.waxbell.time.Spans;

/** Sets the cue off every so often, counted from the opening of the show. @param everyMs in milliseconds */
public record EveryPull(long everyMs) implements TimedPull {
    @Override
    public String words() {
        return "every " + Spans.inWords(everyMs);
    }

    @Override
    public void check(Problems problems) {
        problems.at("everyMs").time(everyMs, 1_000, 86_400_000, "The time between");
    }
}
