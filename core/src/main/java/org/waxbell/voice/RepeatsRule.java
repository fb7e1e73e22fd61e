package org.waxbell.voice;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The same sign more than three times in a row, or the same few words more than twice: read once it is enough. */
final class RepeatsRule implements TextRule {
    private static final Pattern SIGN = Pattern.compile("(\\X)\\1{3,}+");
    /** A piece of at most 24 characters that goes on at least three times; the piece is short, so the search is. */
    private static final Pattern PIECE = Pattern.compile("(?i)\\b(\\S{1,24}(?: \\S{1,24}){0,2})(?:[ ,.!]+\\1){2,}+\\b");

    @Override
    public String name() {
        return "repeats";
    }

    @Override
    public String title() {
        return "The same again and again";
    }

    @Override
    public Doing doing(Reading reading) {
        return reading.repeats();
    }

    @Override
    public Optional<Found> look(String text, Reading reading) {
        String signs = SIGN.matcher(text).replaceAll("$1$1");
        Matcher pieces = PIECE.matcher(signs);
        String once = pieces.replaceAll("$1");
        return once.length() == text.length()
                ? Optional.empty()
                : Optional.of(new Found(
                        "the same again and again (" + text.length() + " characters that are " + once.length() + ")",
                        Map.of("repeated", (long) text.length() - once.length()),
                        once,
                        reading.standIn()));
    }
}
