package org.waxbell.score;

import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.waxbell.check.Problems;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.words.Wording;

/**
 * What a part is checked against before it is saved.
 *
 * @param problems collects, standing at the part
 * @param stages   finds a stage by its id, null where there is none
 * @param shelf    the media there are
 * @param fields   names of values that every pull of the cue has
 */
public record PartCheck(Problems problems, Function<String, @Nullable Stage> stages,
                        Shelf shelf, Set<String> fields) {
    private static final int LONGEST_WORDS = 500;

    /** Checks a field of words: its length, its braces and the values it names. */
    public void words(String field, String pattern, boolean mayBeEmpty) {
        Problems here = problems.at(field);
        if (!mayBeEmpty || !pattern.isEmpty()) {
            here.text(pattern, LONGEST_WORDS, "The text");
        }
        Wording.Fault fault = Wording.faultOf(pattern);
        if (fault != null) {
            here.add(pattern, "There is " + fault.message() + " at character " + (fault.at() + 1) + ".",
                    "Write a value as {viewer}.");
            return;
        }
        for (String name : Wording.of(pattern).names()) {
            if (!fields.contains(name)) {
                here.add("{" + name + "}", "No value is called \"" + name + "\" here.",
                        "Use one of " + fields.stream().sorted().map(known -> "{" + known + "}").toList() + ".");
            }
        }
    }

    /** Checks that the stage exists, and on it what {@code found} looks for. */
    void onStage(String stage, String field, String id, BiPredicate<Stage, String> found, String what) {
        Stage known = stages.apply(stage);
        if (known == null) {
            problems.at("stage").add(stage, "There is no such stage.", "Choose one that is in Stages.");
        } else if (!found.test(known, id)) {
            problems.at(field).add(id, "The stage " + known.name() + " has no such " + what + ".",
                    "Choose one of its own.");
        }
    }
}
