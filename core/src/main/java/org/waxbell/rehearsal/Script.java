package org.waxbell.rehearsal;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.event.Written;

/**
 * What is played in a rehearsal.
 *
 * @param opening how things stood when it was recorded; empty for a script that was written, made up or is a log
 * @param steps   in the order of their moments
 */
public record Script(Optional<Opening> opening, List<Step> steps) {
    private static final long MINUTE = 60_000;

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

    /** A minute in which much happened. @param from its start, in milliseconds @param lines of chat, and events @param rings how many rang */
    public record BusyMinute(long from, int lines, int rings) {}

    /** The busiest minutes, the busiest first; none of them is quiet. @param most how many at most */
    public List<BusyMinute> busiest(Report report, int most) {
        Map<Long, Integer> lines = new HashMap<>();
        Map<Long, Integer> rings = new HashMap<>();
        steps.stream()
                .filter(step -> step instanceof Step.Happens && step.at() <= report.to())
                .forEach(step -> lines.merge((step.at() - from()) / MINUTE, 1, Integer::sum));
        report.rings().stream()
                .filter(ring -> ring.arrived() >= from())
                .forEach(ring -> rings.merge((ring.arrived() - from()) / MINUTE, 1, Integer::sum));
        return lines.keySet().stream()
                .map(minute -> new BusyMinute(
                        from() + minute * MINUTE, lines.getOrDefault(minute, 0), rings.getOrDefault(minute, 0)))
                .filter(each -> each.rings() > 0)
                .sorted(Comparator.comparingInt(BusyMinute::rings)
                        .thenComparingInt(BusyMinute::lines)
                        .reversed()
                        .thenComparingLong(BusyMinute::from))
                .limit(most)
                .toList();
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
