package org.waxbell.score;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.waxbell.shelf.Shelf;
import org.waxbell.words.Wording;

/**
 * Works a score out: in which order its parts hang on one another, and from that every start and length.
 *
 * <p>The order is a depth-first topological order that keeps the host's own order among what does not depend.
 */
public final class ScoreCompiler {
    private final Map<String, Part> byId = new HashMap<>();
    private final Score score;

    private ScoreCompiler(Score score) {
        this.score = score;
        score.parts().forEach(part -> byId.putIfAbsent(part.id(), part));
    }

    /** The parts that hang on one another in a circle, in its order; empty where there is none. */
    public static List<String> circleIn(Score score) {
        return new ScoreCompiler(score).circle();
    }

    private List<String> circle() {
        for (Part part : score.parts()) {
            Set<String> path = new LinkedHashSet<>();
            String at = part.id();
            while (at != null && byId.containsKey(at) && path.add(at)) {
                at = byId.get(at).start().hangsOn().orElse(null);
            }
            if (at != null && path.contains(at)) {
                List<String> walked = new ArrayList<>(path);
                return List.copyOf(walked.subList(walked.indexOf(at), walked.size()));
            }
        }
        return List.of();
    }

    /**
     * The plan of a score that was checked before: each part with its start and what was left open in it, in the
     * score's own order.
     */
    public static List<PlannedPart> plan(Score score, Shelf shelf, Draws draws) {
        return resolve(score.parts().stream()
                .map(part -> new PlannedPart(part, PlannedPart.OPEN, picked(part, part.settle(shelf, draws), draws)))
                .toList());
    }

    /** Of several wordings one is picked for the ring. */
    private static Settled picked(Part part, Settled settled, Draws draws) {
        int most = 1;
        for (String pattern : part.patterns()) {
            most = pattern.contains("\n")
                    ? Math.max(most, Wording.alternatives(pattern).size())
                    : most;
        }
        return most == 1 ? settled : settled.picking(draws.pick(part.id() + "/words", most));
    }

    /** Works out every start and end that is open and no longer need be; what has a start keeps it. */
    public static List<PlannedPart> resolve(List<PlannedPart> parts) {
        Map<String, PlannedPart> open = new LinkedHashMap<>();
        parts.forEach(each -> open.put(each.part().id(), each));
        Map<String, PlannedPart> done = new LinkedHashMap<>();
        parts.forEach(each -> place(each, open, done));
        long end = 0;
        for (PlannedPart each : done.values()) {
            boolean counts = !each.part().manner().toEnd();
            end = !counts
                    ? end
                    : end == PlannedPart.OPEN || each.endMs() == PlannedPart.OPEN
                            ? PlannedPart.OPEN
                            : Math.max(end, each.endMs());
        }
        long last = end;
        return parts.stream()
                .map(each -> lasting(Objects.requireNonNull(done.get(each.part().id())), last))
                .toList();
    }

    private static PlannedPart lasting(PlannedPart each, long end) {
        return !each.part().manner().toEnd() || end == PlannedPart.OPEN || each.fromMs() == PlannedPart.OPEN
                ? each
                : new PlannedPart(each.part(), each.fromMs(), each.settled().lasting(end - each.fromMs()));
    }

    private static PlannedPart place(PlannedPart one, Map<String, PlannedPart> all, Map<String, PlannedPart> done) {
        PlannedPart before = done.get(one.part().id());
        if (before != null) {
            return before;
        }
        PlannedPart placed = one;
        if (one.fromMs() == PlannedPart.OPEN) {
            PlannedPart other = one.part()
                    .start()
                    .hangsOn()
                    .map(all::get)
                    .map(each -> place(each, all, done))
                    .orElse(null);
            placed = new PlannedPart(
                    one.part(),
                    one.part().start().resolve(other == null ? 0 : other.fromMs(), other == null ? 0 : other.endMs()),
                    one.settled());
        }
        done.put(one.part().id(), placed);
        return placed;
    }
}
