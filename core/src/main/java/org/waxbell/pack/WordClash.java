package org.waxbell.pack;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.check.Problem;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;

/**
 * A chat word that comes belongs to another cue already.
 *
 * @param cue  the id of the cue that comes
 * @param name how that is called
 * @param word as it stands there
 * @param says why it cannot be had
 */
public record WordClash(String cue, String name, String word, String says) {
    private static final Pattern PLACE = Pattern.compile("pulls\\[(\\d+)]\\.words\\[(\\d+)]");

    /** That one of a cue, where a problem of it is about a word; empty where it is about something else. */
    static Optional<WordClash> of(Cue cue, Problem problem) {
        Matcher at = PLACE.matcher(problem.path());
        return at.matches() && cue.pulls().get(Integer.parseInt(at.group(1))) instanceof ChatWordPull pull
                ? Optional.of(new WordClash(
                        cue.id(), cue.name(), pull.words().get(Integer.parseInt(at.group(2))), problem.message()))
                : Optional.empty();
    }

    /** By what choices name it. */
    public String key() {
        return key(cue, word);
    }

    static String key(String cue, String word) {
        return cue + " " + word;
    }
}
