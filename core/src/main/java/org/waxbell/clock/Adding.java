package org.waxbell.clock;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.Field;
import org.waxbell.time.Spans;

/**
 * One line of the table by which events add time to a clock.
 *
 * @param event  kind of event of the channel, such as {@code gift}
 * @param only   what the first text of the event must be, however its capitals are; empty text for anything
 * @param addMs  how much is added, in milliseconds
 * @param each   by how many of {@code per} it is added once, at least 1
 * @param per    the number of the event that counts, by its key, such as {@code count}; empty text for once an event
 * @param mostMs how much this line adds in one run at the most, 0 for any
 */
public record Adding(String event, String only, long addMs, long each, String per, long mostMs) {
    private static final long MOST = 24L * 60 * 60_000;

    /** The first text of the event, by its key; empty text where it has none. */
    static String about(FactKind kind) {
        return kind.fields().stream()
                .filter(field -> field.type().holds() == String.class)
                .map(Field::key)
                .findFirst()
                .orElse("");
    }

    private static Set<String> numbers(FactKind kind) {
        Set<String> keys = new HashSet<>();
        kind.fields().stream()
                .filter(field -> field.type().holds() == Long.class)
                .forEach(field -> keys.add(field.key()));
        return keys;
    }

    /** How much an event adds, before any bound; 0 where it is none of this line's. */
    long worth(Fact fact) {
        if (!fact.what().name().equals(event)) {
            return 0;
        }
        String about = about(fact.what());
        if (!only.isEmpty()
                && (about.isEmpty()
                        || !fact.text(about)
                                .strip()
                                .toLowerCase(Locale.ROOT)
                                .equals(only.strip().toLowerCase(Locale.ROOT)))) {
            return 0;
        }
        long count = per.isEmpty() ? 1 : fact.number(per) / Math.max(1, each);
        // What a link tells may be any number; a clock has at most a day.
        return count <= 0 ? 0 : count > MOST / Math.max(1, addMs) ? MOST : count * addMs;
    }

    /** Adds what is wrong with it. */
    void check(Problems here) {
        FactKind kind = Facts.ofChannel().stream()
                .filter(each -> each.name().equals(event))
                .findFirst()
                .orElse(null);
        here.at("addMs").time(addMs, 1_000, MOST, "What is added");
        here.at("mostMs").time(mostMs, 0, MOST, "The most that it adds");
        here.at("each").within(each, 1, 1_000_000, "The number", "");
        if (only.length() > 80) {
            here.at("only").text(only, 80, "The name");
        }
        if (kind == null) {
            here.at("event")
                    .add(
                            event,
                            "No channel tells of such an event.",
                            "Choose one of "
                                    + Facts.ofChannel().stream()
                                            .map(FactKind::name)
                                            .toList() + ".");
            return;
        }
        if (!per.isEmpty() && !numbers(kind).contains(per)) {
            here.at("per").add(per, "The event has no such number.", "Choose one of its numbers, or once an event.");
        }
        if (!only.isEmpty() && about(kind).isEmpty()) {
            here.at("only").add(only, "The event has no text that it could be told by.", "Leave it empty.");
        }
    }

    /** As a sentence says it: {@code each Lantern adds 2 min}. */
    String inWords() {
        String most = mostMs == 0 ? "" : ", at most " + Spans.inWords(mostMs);
        boolean counted = per.equals("count") && each == 1;
        String often = per.isEmpty() || counted
                ? ""
                : " for every " + (each == 1 ? per.replaceAll("s$", "") : each + " " + per);
        if (!only.isEmpty()) {
            return (counted ? "each " : "") + only + " adds " + Spans.inWords(addMs) + often + most;
        }
        String happens = Facts.kind(event).map(FactKind::happens).orElse(event);
        return "when " + happens + ", " + Spans.inWords(addMs) + (counted ? " each" : often) + most;
    }
}
