package org.waxbell.score;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.check.Problems;

/** Checks a score before it is saved: names of parts, what hangs on what, and each part itself. */
public final class ScoreCheck {
    private static final int MOST_PARTS = 40;

    private ScoreCheck() {
    }

    /** Adds what is wrong with {@code score}; {@code check} stands at it. */
    public static void check(Score score, PartCheck check) {
        Problems problems = check.problems();
        if (score.parts().isEmpty()) {
            problems.at("parts").add("[]", "The score has no parts, so nothing would happen.", "Add a card, a sound or a reply.");
        }
        if (score.parts().size() > MOST_PARTS) {
            problems.at("parts").add(score.parts().size(), "The score has too many parts.", "Keep it to " + MOST_PARTS + ".");
        }
        Set<String> all = score.parts().stream().map(Part::id).collect(Collectors.toSet());
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < score.parts().size(); i++) {
            Part part = score.parts().get(i);
            Problems here = problems.at("parts", i);
            if (!part.id().matches("[a-z][a-z0-9-]{0,39}")) {
                here.at("id").add(part.id(), "A part's name has small letters, digits and hyphens only.", "Rename it, such as card-2.");
            } else if (!seen.add(part.id())) {
                here.at("id").add(part.id(), "Another part of this score has that name.", "Give each part its own name.");
            }
            part.start().check(here.at("start"));
            part.start().hangsOn().filter(other -> !all.contains(other)).ifPresent(other ->
                    here.at("start").at("part").add(other, "There is no part of that name in this score.", "Choose one that is there."));
            part.check(new PartCheck(here, check.stages(), check.shelf(), check.fields()));
        }
        List<String> circle = ScoreCompiler.circleIn(score);
        if (!circle.isEmpty()) {
            problems.at("parts").add(String.join(" → ", circle), "These parts wait for one another in a circle.",
                    "Let one of them start at a time.");
        }
    }
}
