package org.waxbell.directive;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.look.Look;

/**
 * Spoken words that can be read while they are heard.
 *
 * @param spot   where
 * @param byWord whether each word stands out when it is said
 */
public record Caption(String spot, Look look, boolean byWord, List<Word> words) {
    /** Pauses count as so many letters. */
    private static final int COMMA = 3;

    private static final int STOP = 6;

    /** One word. @param share how much of the speech has gone by when it begins, 0 to 1: worked out by its letters and pauses */
    public record Word(String text, double share) {}

    public Caption {
        words = List.copyOf(words);
    }

    /** The caption of a text. */
    public static Caption of(String spot, Look look, String text, boolean byWord) {
        String[] all = text.split(" ");
        double total = 0;
        for (String each : all) {
            total += weight(each);
        }
        List<Word> words = new ArrayList<>();
        double before = 0;
        for (String each : all) {
            words.add(new Word(each, total == 0 ? 0 : before / total));
            before += weight(each);
        }
        return new Caption(spot, look, byWord, words);
    }

    private static int weight(String word) {
        char last = word.isEmpty() ? ' ' : word.charAt(word.length() - 1);
        int pause = ",;:".indexOf(last) >= 0 ? COMMA : ".!?".indexOf(last) >= 0 ? STOP : 0;
        return word.length() + 1 + pause;
    }
}
