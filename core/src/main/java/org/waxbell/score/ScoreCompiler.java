package org.waxbell.score;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.shelf.Shelf;

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
        ScoreCompiler compiler = new ScoreCompiler(score);
        Map<String, PlannedPart> done = new HashMap<>();
        List<PlannedPart> plan = new ArrayList<>();
        for (Part part : score.parts()) {
            plan.add(compiler.place(part, shelf, draws, done));
        }
        return List.copyOf(plan);
    }

    private PlannedPart place(Part part, Shelf shelf, Draws draws, Map<String, PlannedPart> done) {
        PlannedPart before = done.get(part.id());
        if (before != null) {
            return before;
        }
        part.start().hangsOn().ifPresent(other -> place(byId.get(other), shelf, draws, done));
        long from = part.start().resolve(id -> done.get(id).fromMs(), id -> done.get(id).toMs());
        PlannedPart placed = new PlannedPart(part, from, part.settle(shelf, draws));
        done.put(part.id(), placed);
        return placed;
    }
}
