package org.waxbell.kind;

import java.util.Optional;
import org.waxbell.booking.Frame;

/** What a fresh thing is made on: what is there to choose from, and what its words may say. */
public interface Fresh {
    /** A name that is not taken. */
    String id();

    /** What it is called on its stage: {@code title}, with a number behind it where there is one of its kind. */
    String name(String title);

    /** Where it stands on its stage: in the middle, before all others, and a little further each time so that one does not hide another. */
    Frame frame(int wide, int high);

    /** What is chosen first from there, empty text where there is nothing to choose. */
    String first(From from);

    /** What is chosen for a second thing of the same sort, so that it does not stand on the first; the first where there is one only. */
    String another(From from);

    /** The part after whose end an answer comes: the first card; empty where there is none. */
    Optional<String> shown();

    /** Whether words may use the value of that name. */
    boolean brings(String value);

    /** Tomorrow evening in local time, such as {@code 2026-11-28T19:55:00}. */
    String tomorrow();

    /** The time zone of this computer by its name. */
    String zone();
}
