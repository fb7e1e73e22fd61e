package org.waxbell.gate;

import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Kinded;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** One check between a pull and the score. */
public interface Gate extends Kinded {
    /** Its piece of the sentence of a cue. */
    Said said(Naming names);

    /** Its place among the gates; lower ones, which are cheaper, are asked first. */
    int order();

    /** Makes it ready for asking. @param scope the names that a condition of this cue may use */
    Check ready(Scope scope);

    /** How long it needs to remember a ring that was let through, in milliseconds. */
    default long remembersMs() {
        return 0;
    }

    /** Whether it needs to remember who rang. */
    default boolean remembersWho() {
        return false;
    }

    /** Whether it counts what was let through in the show. */
    default boolean counts() {
        return false;
    }

    /** Whether what it says depends only on who asks and how the evening stands, not on what went before. */
    default boolean standing() {
        return false;
    }

    /** Points that a ring costs, 0 for none. */
    default long price() {
        return 0;
    }

    /** Adds what is wrong with its settings. */
    default void check(Problems problems, Scope scope) {}
}
