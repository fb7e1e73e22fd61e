package org.waxbell.cue;

import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/** Sets the cue off after so many lines of chat in a show. @param leastMs and not before this time since it last came, in milliseconds */
public record AfterLinesPull(int lines, long leastMs) implements TimedPull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    AfterLinesPull.class, "afterLines", "after so many lines of chat", "Lines of chat")
            .also("timer messages")
            .with(
                    Field.number("lines", "Lines", 1, 100_000).called("The number of lines"),
                    Field.span("leastMs", "And not before", 0, 86_400_000).called("The least time between"))
            .making(on -> new AfterLinesPull(50, 600_000));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of(
                lines + " lines were written" + (leastMs > 0 ? " and " + Spans.inWords(leastMs) + " have passed" : ""));
    }

    @Override
    public String words() {
        return "after " + lines + " lines" + (leastMs > 0 ? ", " + Spans.inWords(leastMs) + " apart at least" : "");
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
