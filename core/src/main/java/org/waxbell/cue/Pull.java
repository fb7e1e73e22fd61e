package org.waxbell.cue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Kinded;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** What sets a cue off. */
public interface Pull extends Kinded {
    /** Its piece of the sentence of a cue. */
    Said said(Naming names);

    /** A made-up event that sets it off. */
    default ShowEvent sample(Sampling on) {
        return on.line("good evening");
    }

    /** The names of values that an event of this kind brings for words. */
    Set<String> fields();

    /** Those of {@link #fields()} that are numbers. */
    default Set<String> numbers() {
        return Set.of();
    }

    /** Whether somebody may have done what sets it off. */
    default boolean mayHaveViewer() {
        return fields().contains("viewer");
    }

    /** Whether somebody types it, so that anybody can do it again and again. */
    default boolean typed() {
        return false;
    }

    /** How exactly it says what sets it off; a cue that stands back gives way to a higher one. */
    default long exactness() {
        return Exactness.NAMED;
    }

    /** Enters it where the matcher will look it up. */
    void enter(PullIndex index);

    /** Chat words that set it off, with their prefix, where {@code prefix} is that of the house; empty for a pull of another kind. */
    default List<String> chatWords(String prefix) {
        return List.of();
    }

    /** The cue that it waits for, by id; empty for a pull of another kind. */
    default Optional<String> waitsFor() {
        return Optional.empty();
    }

    /** Adds what is wrong with it. */
    void check(Problems problems);
}
