package org.waxbell.ready;

import java.util.List;
import java.util.Map;
import org.waxbell.check.Problems;

/**
 * What a ready-made piece asks before it comes.
 *
 * @param key     by which the answer stands in the piece
 * @param asks    in words
 * @param usual   the answer that works without thinking
 * @param choices answers that there are, of a choice; else empty
 * @param least   the least number, of a number
 * @param most    the greatest number likewise
 */
public record Question(String key, String asks, Sort sort, String usual, List<String> choices, long least, long most) {
    private static final int LONGEST = 120;

    /** What an answer is. */
    public enum Sort {
        /** A word of chat, without the sign before it. */
        WORD,
        /** A line of words. */
        WORDS,
        /** A whole number. */
        NUMBER,
        /** One of a few. */
        CHOICE
    }

    public Question {
        choices = List.copyOf(choices);
    }

    /** The answer among {@code answers}, the usual one where there is none. */
    public String answer(Map<String, String> answers) {
        return answers.getOrDefault(key, usual).strip();
    }

    /** Adds what is wrong with an answer. */
    public void check(String answer, Problems problems) {
        Problems here = problems.at(key);
        switch (sort) {
            case WORD -> {
                if (!answer.matches("[\\p{L}\\p{N}_-]{1,30}")) {
                    here.add(answer, "This is no word of chat.", "Write one word of letters, such as " + usual + ".");
                }
            }
            case WORDS -> here.text(answer, LONGEST, asks);
            case NUMBER -> {
                if (!answer.matches("\\d{1,9}")) {
                    here.add(answer, "This is no number.", "Write one from " + least + " to " + most + ".");
                } else {
                    here.within(Long.parseLong(answer), least, most, asks, "");
                }
            }
            case CHOICE -> {
                if (!choices.contains(answer)) {
                    here.add(answer, "That is none of them.", "Choose one of " + String.join(", ", choices) + ".");
                }
            }
        }
    }
}
