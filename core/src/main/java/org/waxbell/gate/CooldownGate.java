package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.time.Spans;

/**
 * Holds until so long has passed since the cue was last let through.
 *
 * @param forAllMs    rest after anyone's ring, in milliseconds, 0 for none
 * @param perViewerMs rest after the same viewer's ring, in milliseconds, 0 for none
 */
public record CooldownGate(long forAllMs, long perViewerMs) implements Gate {
    private static final long LONGEST = 86_400_000;

    @Override
    public String kind() {
        return "cooldown";
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
        problems.at("forAllMs").time(forAllMs, 0, LONGEST, "The cooldown");
        problems.at("perViewerMs").time(perViewerMs, 0, LONGEST, "The cooldown per viewer");
    }
}
