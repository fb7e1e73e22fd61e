package org.waxbell.engine;

import java.util.List;
import org.waxbell.state.Change;

/** Writes down what an outcome has kept, for comparing. */
final class Kept {
    private Kept() {}

    /** Decisions, directives and every step that would be kept, as text. */
    static String of(Outcome outcome) {
        return outcome.decisions() + " " + outcome.directives() + " " + steps(outcome);
    }

    /** Every step that would be kept, in the words of the golden journals. */
    static List<String> steps(Outcome outcome) {
        return outcome.changes().stream().map(Kept::step).toList();
    }

    private static String step(Change change) {
        if (change instanceof Change.Put put) {
            return (put.book().equals(Books.ENTRIES) ? "entry" : put.book().name()) + "[" + put.value() + "]";
        }
        return (change.book().equals(Books.PENDING)
                        ? "released"
                        : "gone from " + change.book().name()) + "[" + change.key() + "]";
    }
}
