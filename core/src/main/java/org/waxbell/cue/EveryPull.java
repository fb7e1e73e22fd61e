package org.waxbell.cue;

import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/** Sets the cue off every so often, counted from the opening of the show. @param everyMs in milliseconds */
public record EveryPull(long everyMs) implements TimedPull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(EveryPull.class, "every", "every so often", "Timer")
            .also("timer interval")
            .with(Field.span("everyMs", "Every", 1_000, 86_400_000)
                    .called("The time between")
                    .hint("Counted from the opening of the show."))
            .making(on -> new EveryPull(1_200_000));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("another " + Spans.inWords(everyMs) + " of the show have passed");
    }

    @Override
    public String words() {
        return "every " + Spans.inWords(everyMs);
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
