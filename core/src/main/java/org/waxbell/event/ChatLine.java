package org.waxbell.event;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A line of chat.
 *
 * @param from   the link it arrived by
 * @param viewer its writer
 * @param text   the line, cleaned by {@link ChatText#line}, at most {@link ChatText#LONGEST_LINE} characters
 */
public record ChatLine(String from, Viewer viewer, String text) implements ShowEvent {
    /** Names that words may use where a line of chat pulled the cue. */
    public static final Set<String> FIELDS = Set.of("viewer", "word", "argument", "line");

    @Override
    public String kind() {
        return "chatLine";
    }

    @Override
    public String sentence() {
        return viewer.name() + ": " + text;
    }

    @Override
    public Optional<Viewer> by() {
        return Optional.of(viewer);
    }

    @Override
    public Optional<String> link() {
        return Optional.of(from);
    }

    /** The first word as it was typed. */
    public String word() {
        int space = text.indexOf(' ');
        return space < 0 ? text : text.substring(0, space);
    }

    /** What stands behind the first word, empty text for nothing. */
    public String argument() {
        int space = text.indexOf(' ');
        return space < 0 ? "" : text.substring(space + 1);
    }

    @Override
    public Map<String, String> values() {
        return Map.of("viewer", viewer.name(), "word", word(), "line", text, "argument", argument());
    }
}
