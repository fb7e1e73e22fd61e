package org.waxbell.poll;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * How a poll stands, beside who voted.
 *
 * @param phase    whether it goes
 * @param question what is asked
 * @param answers  what one may vote for
 * @param votes    for each of them, in their order
 * @param began    when it began, milliseconds since 1970 UTC; 0 before the first
 * @param ends     when it is over or was, milliseconds since 1970 UTC; 0 while nothing but the host ends it
 */
public record PollHead(Phase phase, String question, List<String> answers, List<Integer> votes, long began, long ends) {
    /** Whether it goes. */
    public enum Phase {
        /** Nothing is asked. */
        NONE,
        /** Votes are taken. */
        OPEN,
        /** It is over, and this came of it. */
        OVER
    }

    /** None was asked yet. */
    static final PollHead NEW = new PollHead(Phase.NONE, "", List.of(), List.of(), 0, 0);

    public PollHead {
        answers = List.copyOf(answers);
        votes = List.copyOf(votes);
    }

    static PollHead opened(String question, List<String> answers, long at, long forMs) {
        return new PollHead(
                Phase.OPEN, question, answers, Collections.nCopies(answers.size(), 0), at, forMs == 0 ? 0 : at + forMs);
    }

    boolean isOpen() {
        return phase == Phase.OPEN;
    }

    int total() {
        return votes.stream().mapToInt(Integer::intValue).sum();
    }

    PollHead counting(int choice, int by) {
        List<Integer> more = new ArrayList<>(votes);
        more.set(choice, more.get(choice) + by);
        return new PollHead(phase, question, answers, more, began, ends);
    }

    PollHead over(long at) {
        return new PollHead(Phase.OVER, question, answers, votes, began, at);
    }

    /** Those with the most votes; nothing while nobody voted. */
    List<String> leading() {
        int most = votes.stream().mapToInt(Integer::intValue).max().orElse(0);
        List<String> all = new ArrayList<>();
        for (int i = 0; most > 0 && i < answers.size(); i++) {
            if (votes.get(i) == most) {
                all.add(answers.get(i));
            }
        }
        return all;
    }
}
