package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/**
 * Holds until so long has passed since the cue was last let through.
 *
 * @param forAllMs    rest after anyone's ring, in milliseconds, 0 for none
 * @param perViewerMs rest after the same viewer's ring, in milliseconds, 0 for none
 */
public record CooldownGate(long forAllMs, long perViewerMs) implements Gate {
    private static final long LONGEST = 86_400_000;
    /** What is said where nothing rests. */
    public static final String OFTEN = "as often as it comes";
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(CooldownGate.class, "cooldown", "it has rested", "Cooldown")
            .also("rest often pause")
            .saying("resting")
            .with(
                    Field.span("forAllMs", "Rests for everyone", 0, LONGEST)
                            .called("The cooldown")
                            .hint("0 for no rest."),
                    Field.span("perViewerMs", "And for each viewer", 0, LONGEST).called("The cooldown per viewer"))
            .making(on -> new CooldownGate(10_000, 0));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        String all = forAllMs > 0 ? "every " + Spans.inWords(forAllMs) : "";
        String own = perViewerMs > 0 ? "every " + Spans.inWords(perViewerMs) + " for each viewer" : "";
        String rest = Said.both(all, own);
        return Said.of(rest.isEmpty() ? OFTEN : rest);
    }

    @Override
    public int order() {
        return 20;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        long all = toGo(query.at(), query.lets().last(query.cueId()), forAllMs);
        if (all > 0) {
            return held("resting, ", all);
        }
        long own =
                perViewerMs == 0 ? 0 : toGo(query.at(), query.lets().last(query.cueId(), query.person()), perViewerMs);
        return own > 0 ? held("resting for this viewer, ", own) : GateAnswer.pass("cooldown", "rested");
    }

    private static GateAnswer held(String words, long toGo) {
        return GateAnswer.held("cooldown", words + Spans.toGo(toGo) + " to go", Map.of("toGoMs", toGo));
    }

    private static long toGo(long at, long last, long rest) {
        return last == LetBook.NEVER ? 0 : last + rest - at;
    }

    @Override
    public boolean remembersWho() {
        return perViewerMs > 0;
    }

    @Override
    public long remembersMs() {
        return Math.max(forAllMs, perViewerMs);
    }

    @Override
    public void check(Problems problems, Scope scope) {
        KIND.check(this, problems);
    }
}
