package org.waxbell.voice;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Letters that make no words, by how rarely letters follow one another: the mean of what a pair tells in bits, over a table of
 * pairs counted in English prose and talk. Only words of four plain letters and more are looked at, for short ones and other
 * scripts tell too little.
 */
final class SenselessRule implements TextRule {
    private static final int QUARTERS = 4;
    private static final int SHORTEST_WORD = 4;
    private static final int FEWEST_PAIRS = 6;

    @Override
    public String name() {
        return "senseless";
    }

    @Override
    public String title() {
        return "Senseless letters";
    }

    @Override
    public Doing doing(Reading reading) {
        return reading.senseless();
    }

    @Override
    public Optional<Found> look(String text, Reading reading) {
        long tenths = tenths(text);
        return tenths < reading.senselessFrom()
                ? Optional.empty()
                : Optional.of(new Found(
                        String.format(
                                Locale.ROOT,
                                "letters that make no words (%.1f, words have less than %.1f)",
                                tenths / 10.0,
                                reading.senselessFrom() / 10.0),
                        Map.of("strangeTenths", tenths),
                        sensible(text, reading),
                        reading.standIn()));
    }

    /** The words that are not senseless by themselves. */
    private static String sensible(String text, Reading reading) {
        StringBuilder kept = new StringBuilder();
        for (String word : text.split(" ")) {
            if (tenths(word) < reading.senselessFrom()) {
                kept.append(kept.isEmpty() ? "" : " ").append(word);
            }
        }
        return kept.toString();
    }

    /** How strange the letters are, in tenths of a bit; 0 where there are too few of them. */
    static long tenths(String text) {
        long quarters = 0;
        int pairs = 0;
        for (String word : text.toLowerCase(Locale.ROOT).split("[^a-z]+")) {
            if (word.length() < SHORTEST_WORD) {
                continue;
            }
            quarters += LetterPairs.quarters(word);
            pairs += word.length() + 1;
        }
        return pairs < FEWEST_PAIRS ? 0 : quarters * 10 / QUARTERS / pairs;
    }
}
