package org.waxbell.voice;

import java.util.Map;
import java.util.Optional;

/** One thing to look for in what a viewer wrote, before it is said aloud. It is pure, and has one line in {@link TextRules}. */
public interface TextRule {
    /** One word, as journals name it. */
    String name();

    /** What it looks for, as lists say it. */
    String title();

    /** What is done about it. */
    Doing doing(Reading reading);

    /** What it finds; empty where there is nothing of the kind. */
    Optional<Found> look(String text, Reading reading);

    /**
     * What one rule found.
     *
     * @param reason  what and how much, in words that follow {@code kept out:}
     * @param numbers the numbers behind the words
     * @param without the text without it
     * @param instead the text with something else in its place
     */
    record Found(String reason, Map<String, Long> numbers, String without, String instead) {
        public Found {
            numbers = Map.copyOf(numbers);
        }
    }
}
