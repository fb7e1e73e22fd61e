package org.waxbell.cue;

import java.util.function.Predicate;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ShowEvent;

/** Where pulls enter themselves, each by what an event must have before the pull itself is asked. */
public interface PullIndex {
    /** The cue to which the pull belongs. */
    String cueId();

    /** The prefix of the house for chat words. */
    String generalPrefix();

    /** Asked for lines that begin with this word; {@code rest} decides then. */
    void byWord(String word, Predicate<ChatLine> rest);

    /** Asked for lines that hold this text anywhere, however its capitals are; {@code rest} gets the folded line. */
    void byText(String text, Predicate<String> rest);

    /** Asked for every line, folded, since nothing can be looked up. */
    void byEveryLine(Predicate<String> rest);

    /** Asked for lines that are the first tonight in that sense. */
    void byFirstLine(FirstLinePull pull);

    /** Asked for events of this kind; {@code rest} decides then. */
    void byKind(String kind, Predicate<ShowEvent> rest);
}
