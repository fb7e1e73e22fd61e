package org.waxbell.event;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.waxbell.actor.Actor;
import org.waxbell.words.WordKey;

/** Something that a viewer wrote: a line of chat, or a private message. */
public sealed interface Written extends ShowEvent permits ChatLine, PrivateLine {
    /** Names that words may use where something written pulled the cue. */
    Set<String> FIELDS = Set.of("viewer", "word", "argument", "named", "line");

    /** Of Latin, Arabic, Armenian and Ethiopic script, and the full-width one. */
    String QUESTION_MARKS = "?؟՞፧？";

    /** The link it arrived by. */
    String from();

    /** Its writer. */
    Viewer viewer();

    /** What was written, cleaned by {@link ChatText#line}, at most {@link ChatText#LONGEST_LINE} characters. */
    String text();

    @Override
    default Optional<Viewer> by() {
        return Optional.of(viewer());
    }

    @Override
    default Actor actor() {
        return Actor.viewer(viewer().id());
    }

    @Override
    default Optional<String> link() {
        return Optional.of(from());
    }

    /** Whether it begins with a sign, as chat words of most channels do; other lines are talk. */
    default boolean asks() {
        int first = text().isEmpty() ? ' ' : text().codePointAt(0);
        return first > ' ' && first < 0x7f && !Character.isLetterOrDigit(first);
    }

    /** Whether something is asked, by its question mark in whatever script. */
    default boolean hasQuestion() {
        return text().codePoints().anyMatch(each -> QUESTION_MARKS.indexOf(each) >= 0);
    }

    /** The first word as it was typed. */
    default String word() {
        int space = text().indexOf(' ');
        return space < 0 ? text() : text().substring(0, space);
    }

    /** What stands behind the first word, empty text for nothing. */
    default String argument() {
        int space = text().indexOf(' ');
        return space < 0 ? "" : text().substring(space + 1);
    }

    /** Whom the writer names: the first word behind the chat word, without an at sign; empty text for nobody. */
    default String named() {
        String first = argument().strip();
        int space = first.indexOf(' ');
        first = space < 0 ? first : first.substring(0, space);
        return first.startsWith("@") ? first.substring(1) : first;
    }

    /** The identities that the named person may have on the link of the writer: proved by an account, or not; empty where nobody is named. */
    default List<String> mayBeNamed() {
        String key = WordKey.of(named());
        return key.isEmpty() ? List.of() : List.of(from() + ":" + key, from() + ":~" + key);
    }

    @Override
    default Map<String, String> values() {
        return Map.of(
                "viewer", viewer().name(), "word", word(), "line", text(), "argument", argument(), "named", named());
    }
}
