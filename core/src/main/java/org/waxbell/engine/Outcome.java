package org.waxbell.engine;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.journal.Decision;
import org.waxbell.state.Book;
import org.waxbell.state.Change;

/** What one input led to: decisions, directives and changes of state, each in order. */
public record Outcome(List<Decision> decisions, List<Directive> directives, List<Change> changes) {
    /** The outcome of an input that led to nothing. */
    public static final Outcome NOTHING = new Outcome(List.of(), List.of(), List.of());

    /** Whether nothing happened at all. */
    public boolean isEmpty() {
        return decisions.isEmpty() && directives.isEmpty() && changes.isEmpty();
    }

    /** What stands in a book now that stood there otherwise before, in order. */
    public <T> List<T> now(Book<T> book) {
        // Most outcomes change nothing, and each is asked for several books.
        if (changes.isEmpty()) {
            return List.of();
        }
        List<T> now = new ArrayList<>();
        changes.forEach(change -> change.now(book).ifPresent(now::add));
        return now;
    }
}
