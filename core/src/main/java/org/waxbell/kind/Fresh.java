package org.waxbell.kind;

import java.util.List;
import java.util.Optional;
import org.waxbell.booking.Frame;

/** What a fresh thing is made on: what is there to choose from, and what its words may say. */
public interface Fresh {
    /** Where nothing is there yet, and nothing has a name. */
    Fresh NOTHING = new Fresh() {};

    /** A name that is not taken. */
    default String id() {
        return "";
    }

    /** What it is called on its stage: {@code title}, with a number behind it where there is one of its kind. */
    default String name(String title) {
        return title;
    }

    /** Where it stands on its stage: in the middle, before all others, and a little further each time so that one does not hide another. */
    default Frame frame(int wide, int high) {
        return new Frame(0, 0, wide, high, 0);
    }

    /** What is chosen first from there, empty text where there is nothing to choose. */
    default String first(From from) {
        return "";
    }

    /** What is chosen for a second thing of the same sort, so that it does not stand on the first; the first where there is one only. */
    default String another(From from) {
        return first(from);
    }

    /** What can be asked of a desk first: the desk, which of its documents, the act; empty where nothing can. */
    default List<String> asking() {
        return List.of();
    }

    /** The part after whose end an answer comes: the first card; empty where there is none. */
    default Optional<String> shown() {
        return Optional.empty();
    }

    /** The id of a part of the score that looks somebody up; empty where there is none. */
    default Optional<String> lookUp() {
        return Optional.empty();
    }

    /** Whether words may use the value of that name. */
    default boolean brings(String value) {
        return false;
    }

    /** Tomorrow evening in local time, such as {@code 2026-11-28T19:55:00}. */
    default String tomorrow() {
        return "";
    }

    /** The time zone of this computer by its name. */
    default String zone() {
        return "";
    }
}
