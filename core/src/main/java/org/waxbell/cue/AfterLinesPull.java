package org.waxbell.cue;

import org.waxbell.check.Problems;
import org.waxbell.time.Spans;

/** Sets the cue off after so many lines of chat in a show. @param leastMs and not before this time since it last came, in milliseconds */
public record AfterLinesPull(int lines, long leastMs) implements TimedPull {
    @Override
    public String words() {
        return "after " + lines + " lines" + (leastMs > 0 ? ", " + Spans.inWords(leastMs) + " apart at least" : "");
    }

    @Override
    public void check(Problems problems) {
        problems.at("lines").within(lines, 1, 100_000, "The number of lines", "");
        problems.at("leastMs").time(leastMs, 0, 86_400_000, "The least time between");
    }
}
