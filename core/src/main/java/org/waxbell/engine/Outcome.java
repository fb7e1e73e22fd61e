package org.waxbell.engine;

import java.util.List;
import java.util.stream.Stream;
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
    public <T> Stream<T> now(Book<T> book) {
        return changes.stream().flatMap(change -> change.now(book).stream());
    }
}
