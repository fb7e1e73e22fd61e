package org.waxbell.cue;

import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;

/** What sets a cue off. */
public sealed interface Pull permits ChatWordPull, PhrasePull, PatternPull, EventPull {
    /** The names of values that an event of this kind brings for words. */
    Set<String> fields();

    /** Enters it where the matcher will look it up. */
    void enter(PullIndex index);

    /** Chat words, as written, that set it off; empty for a pull of another kind. */
    default List<String> chatWords() {
        return List.of();
    }

    /** Adds what is wrong with it. */
    void check(Problems problems);
}
