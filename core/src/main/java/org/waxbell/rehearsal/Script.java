package org.waxbell.rehearsal;

import java.util.List;
import java.util.Optional;
import org.waxbell.event.Written;

/**
 * What is played in a rehearsal.
 *
 * @param opening how things stood when it was recorded; empty for a script that was written, made up or is a log
 * @param steps   in the order of their moments
 */
public record Script(Optional<Opening> opening, List<Step> steps) {
    public Script {
        steps = List.copyOf(steps);
    }

    /** The moment at which it begins, in milliseconds. */
    public long from() {
        return opening.map(Opening::at)
                .orElse(steps.isEmpty() ? 0 : steps.get(0).at());
    }

    /** How long it is, in milliseconds. */
    public long lengthMs() {
        return steps.isEmpty() ? 0 : steps.get(steps.size() - 1).at() - from();
    }

    /** How many lines were written in each of {@code count} equal spans from its start to a moment; later ones are left out. */
    public int[] lines(int count, long until) {
        int[] spans = new int[count];
        for (Step step : steps) {
            if (step instanceof Step.Happens happens && happens.event() instanceof Written && step.at() <= until) {
                spans[(int) Math.min(count - 1L, (step.at() - from()) * count / Math.max(1, until - from()))]++;
            }
        }
        return spans;
    }
}
