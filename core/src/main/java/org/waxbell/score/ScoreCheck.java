package org.waxbell.score;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.waxbell.check.Problems;

/** Checks a score before it is saved: names of parts, what hangs on what, and each part itself. */
public final class ScoreCheck {
    private static final int MOST_PARTS = 40;
    private final Map<String, Part> byId = new HashMap<>();
    private final Score score;
    private final PartCheck check;
    private final Problems problems;

    private ScoreCheck(Score score, PartCheck check) {
        this.score = score;
        this.check = check;
        this.problems = check.problems();
        score.parts().forEach(part -> byId.putIfAbsent(part.id(), part));
    }

    /** Adds what is wrong with {@code score}; {@code check} stands at it. */
    public static void check(Score score, PartCheck check) {
        new ScoreCheck(score, check).all();
    }

    private void all() {
        if (score.parts().size() > MOST_PARTS) {
            problems.at("parts")
                    .add(score.parts().size(), "The score has too many parts.", "Keep it to " + MOST_PARTS + ".");
        }
        List<String> circle = ScoreCompiler.circleIn(score);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < score.parts().size(); i++) {
            Part part = score.parts().get(i);
            Problems here = problems.at("parts", i);
            name(part, here, seen);
            anchor(part, here.at("start"));
            manner(part, here.at("manner"));
            part.check(check.at(here, circle.isEmpty() ? resultsBefore(part) : Set.of()));
        }
        if (!circle.isEmpty()) {
            problems.at("parts")
                    .add(
                            String.join(" → ", circle),
                            "These parts wait for one another in a circle.",
                            "Let one of them start at a time.");
        }
    }

    private void name(Part part, Problems here, Set<String> seen) {
        if (!part.id().matches("[a-z][a-z0-9-]{0,39}")) {
            here.at("id")
                    .add(
                            part.id(),
                            "A part's name has small letters, digits and hyphens only.",
                            "Rename it, such as card-2.");
        } else if (!seen.add(part.id())) {
            here.at("id").add(part.id(), "Another part of this score has that name.", "Give each part its own name.");
        }
    }

    private void anchor(Part part, Problems here) {
        part.start().check(here);
        Optional<String> hangsOn = part.start().hangsOn();
        Part other = hangsOn.map(byId::get).orElse(null);
        if (hangsOn.isPresent() && other == null) {
            here.at("part")
                    .add(hangsOn.get(), "There is no part of that name in this score.", "Choose one that is there.");
        } else if (other != null
                && other.manner().toEnd()
                && (part.start().hangsOnEnd() || part.manner().toEnd())) {
            here.at("part")
                    .add(
                            other.id(),
                            "That part lasts to the end of the score, so nothing can hang on it so.",
                            "Hang it on another part.");
        }
    }

    private void manner(Part part, Problems here) {
        if (part.manner().atOnce() && part.place().isPresent()) {
            here.at("atOnce")
                    .add(true, "What takes up a place cannot be done at once.", "Let it wait with the others.");
        }
        String other = part.start().hangsOn().orElse("");
        if (part.manner().atOnce()
                && byId.containsKey(other)
                && !byId.get(other).manner().atOnce()) {
            here.at("atOnce")
                    .add(
                            true,
                            "It hangs on a part that may have to wait.",
                            "Let it start at a time, or the other at once as well.");
        }
        if (part.manner().toEnd() && !part.mayLastToEnd()) {
            here.at("toEnd").add(true, "Only what is shown or switched can last to the end.", "Take it away.");
        }
        if (part.manner().toEnd()
                && score.parts().stream().allMatch(each -> each.manner().toEnd())) {
            here.at("toEnd").add(true, "All parts last to the end, so there is none.", "Give one of them a length.");
        }
    }

    /** What is known by the time the part starts: the results of those after whose end it hangs. */
    private Set<String> resultsBefore(Part part) {
        Set<String> known = new HashSet<>();
        Part at = part;
        while (at != null && at.start().hangsOn().isPresent()) {
            Part other = byId.get(at.start().hangsOn().get());
            if (other != null && at.start().hangsOnEnd()) {
                known.addAll(other.results().keySet());
            }
            at = other;
        }
        return known;
    }
}
