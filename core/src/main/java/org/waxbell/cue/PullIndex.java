package org.waxbell.cue;

import java.util.function.Predicate;
import org.waxbell.event.ShowEvent;

/** Where pulls enter themselves, each by what an event must have before the pull itself is asked. */
public interface PullIndex {
    /** Asked for lines that begin with this word. */
    void byWord(String word);

    /** Asked for lines that hold this text anywhere, however its capitals are; {@code rest} decides then. */
    void byText(String text, Predicate<String> rest);

    /** Asked for every line, since nothing can be looked up. */
    void byEveryLine(Predicate<String> rest);

    /** Asked for events of this kind; {@code rest} decides then. */
    void byKind(String kind, Predicate<ShowEvent> rest);
}
