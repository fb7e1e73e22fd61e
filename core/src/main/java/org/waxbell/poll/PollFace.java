package org.waxbell.poll;

import java.util.List;
import org.waxbell.fixture.Face;

/**
 * What a poll shows on a stage.
 *
 * @param open     whether votes are taken; else this came of it
 * @param question what is asked, empty text before the first
 * @param answers  with their votes
 * @param began    when it began, milliseconds since 1970 UTC
 * @param ends     when it is over or was; 0 while nothing but the host ends it
 */
public record PollFace(boolean open, String question, List<PollBar> answers, long began, long ends) implements Face {
    /** An answer and its votes. @param first whether no other has more */
    public record PollBar(String answer, int votes, boolean first) {}

    public PollFace {
        answers = List.copyOf(answers);
    }
}
