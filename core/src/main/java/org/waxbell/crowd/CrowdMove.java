package org.waxbell.crowd;

import org.waxbell.check.Problems;
import org.waxbell.keys.KeyName;

/**
 * What a word of the crowd does.
 *
 * @param word    that viewers write
 * @param key     that it presses, as {@link KeyName} says
 * @param against the word that it cancels, empty text for none
 */
public record CrowdMove(String word, String key, String against) {
    private static final int LONGEST = 20;

    void check(Problems problems) {
        if (!word.matches("\\S{1," + LONGEST + "}")) {
            problems.at("word")
                    .add(
                            word,
                            "This is no word that viewers could write.",
                            "Write one word of up to " + LONGEST + " characters, such as left.");
        }
        if (KeyName.of(key).isEmpty()) {
            problems.at("key")
                    .add(key, "There is no such key.", "Write one such as ArrowLeft, Space, F6, A or Ctrl+1.");
        }
    }
}
