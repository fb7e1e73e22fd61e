package org.waxbell.check;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.time.Spans;

/** Collects problems while a document is walked; it knows the place at which the walk stands. */
public final class Problems {
    private final List<Problem> found;
    private final String place;

    /** An empty collection that stands at the root of the document. */
    public Problems() {
        this(new ArrayList<>(), "");
    }

    private Problems(List<Problem> found, String place) {
        this.found = found;
        this.place = place;
    }

    /** The same collection, standing at the field {@code name} below this place. */
    public Problems at(String name) {
        return new Problems(found, place.isEmpty() ? name : place + "." + name);
    }

    /** The same collection, standing at item {@code index} of the list {@code name}. */
    public Problems at(String name, int index) {
        return at(name).item(index);
    }

    /** The same collection, standing at item {@code index} of the list that stands here. */
    public Problems item(int index) {
        return new Problems(found, place + "[" + index + "]");
    }

    /** Adds a problem with the value that stands here. */
    public void add(Object value, String message, String remedy) {
        found.add(new Problem(place, String.valueOf(value), message, remedy));
    }

    /** Adds a problem unless {@code value} lies within the bounds, both included. */
    public void within(long value, long least, long most, String what, String unit) {
        if (value < least || value > most) {
            add(value, what + " is out of range.", "Give a number from " + least + " to " + most + unit + ".");
        }
    }

    /** Adds a problem unless a time in milliseconds lies within the bounds; the remedy names them as people write times. */
    public void time(long millis, long least, long most, String what) {
        if (millis < least || millis > most) {
            add(
                    millis,
                    what + " is out of range.",
                    "Give a time from " + Spans.inWords(least) + " to " + Spans.inWords(most) + ".");
        }
    }

    /** Adds a problem unless {@code text} has at least one character that shows and at most {@code longest}. */
    public void text(String text, int longest, String what) {
        if (text.isBlank()) {
            add(text, what + " is empty.", "Write at least one letter.");
        } else if (text.length() > longest) {
            add(
                    text,
                    what + " is too long: " + text.length() + " characters.",
                    "Shorten it to " + longest + " at most.");
        }
    }

    /** Adds a problem unless {@code id} is one that documents are named by. @param sample one that would do */
    public void id(String id, String sample) {
        if (!id.matches("[a-z0-9][a-z0-9-]{0,59}")) {
            add(id, "An id has small letters, digits and hyphens only.", "Write one such as " + sample + ".");
        }
    }

    /** Adds a problem unless the document is of the version that is known. */
    public void version(int version, int known) {
        if (version != known) {
            at("formatVersion").add(version, "This version of the document is not known here.", "Write " + known + ".");
        }
    }

    /** What was found so far, in the order of the walk. */
    public List<Problem> found() {
        return List.copyOf(found);
    }
}
