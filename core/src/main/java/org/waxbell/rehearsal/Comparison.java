package org.waxbell.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Two rehearsals of one script side by side, what differs most first. */
public record Comparison(List<Difference> differences, int same, List<DeskDifference> desks) {
    /** How often something happened at a desk in both. */
    public record DeskDifference(String desk, String happens, int before, int after) {}

    /** What became of one cue in both. @param rang how often in each @param held likewise @param longestMs longest waits, likewise */
    public record Difference(
            String id,
            String name,
            int rangBefore,
            int rangAfter,
            int heldBefore,
            int heldAfter,
            int droppedBefore,
            int droppedAfter,
            long longestBeforeMs,
            long longestAfterMs) {
        private int size() {
            return Math.abs(rangAfter - rangBefore) * 4
                    + Math.abs(droppedAfter - droppedBefore) * 4
                    + Math.abs(heldAfter - heldBefore)
                    + (int) Math.min(100, Math.abs(longestAfterMs - longestBeforeMs) / 1_000);
        }
    }

    /** Compares what became of each cue; one that is in only one of them counts as silent in the other. */
    public static Comparison of(Report before, Report after) {
        Map<String, Report.CueTally> was = new HashMap<>();
        before.cues().forEach(each -> was.put(each.id(), each));
        List<Difference> all = new ArrayList<>();
        after.cues().forEach(each -> all.add(difference(was.remove(each.id()), each)));
        before.cues().stream()
                .filter(each -> was.containsKey(each.id()))
                .forEach(each -> all.add(difference(each, none(each))));
        List<Difference> real = all.stream()
                .filter(each -> each.size() > 0)
                .sorted(Comparator.comparingInt(Difference::size).reversed().thenComparing(Difference::name))
                .toList();
        return new Comparison(real, all.size() - real.size(), desks(before, after));
    }

    private static List<DeskDifference> desks(Report before, Report after) {
        Map<String, DeskDifference> all = new TreeMap<>();
        before.desks()
                .forEach(each -> all.put(
                        each.desk() + "\n" + each.happens(),
                        new DeskDifference(each.desk(), each.happens(), each.count(), 0)));
        after.desks()
                .forEach(each -> all.merge(
                        each.desk() + "\n" + each.happens(),
                        new DeskDifference(each.desk(), each.happens(), 0, each.count()),
                        (was, is) -> new DeskDifference(was.desk(), was.happens(), was.before(), is.after())));
        return all.values().stream()
                .filter(each -> each.before() != each.after())
                .toList();
    }

    private static Report.CueTally none(Report.CueTally like) {
        return new Report.CueTally(like.id(), like.name(), 0, Map.of(), 0, 0);
    }

    private static Difference difference(Report.@Nullable CueTally before, Report.CueTally after) {
        Report.CueTally was = before == null ? none(after) : before;
        return new Difference(
                after.id(),
                after.name(),
                was.rang(),
                after.rang(),
                held(was),
                held(after),
                was.dropped(),
                after.dropped(),
                was.longestMs(),
                after.longestMs());
    }

    private static int held(Report.CueTally tally) {
        return tally.held().values().stream().mapToInt(Integer::intValue).sum();
    }
}
