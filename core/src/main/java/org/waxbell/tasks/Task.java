package org.waxbell.tasks;

/**
 * Something to do.
 *
 * @param list   the id of its list
 * @param number by which people name it; it never changes
 * @param order  where it stands in its list: lower comes first
 * @param words  what is to be done
 * @param person who wrote it, by identity; empty text for the host
 * @param name   the same as they are called
 * @param at     when it was written, milliseconds since 1970 UTC
 * @param done   when it was done, milliseconds since 1970 UTC; 0 while it is not
 * @param hidden whether stages leave it out
 */
public record Task(
        String list,
        int number,
        long order,
        String words,
        String person,
        String name,
        long at,
        long done,
        boolean hidden) {
    /** Where it stands. */
    TaskSlot slot() {
        return new TaskSlot(list, order, number);
    }

    /** Whether it is done. */
    public boolean ticked() {
        return done > 0;
    }

    Task doneAt(long when) {
        return new Task(list, number, order, words, person, name, at, when, hidden);
    }

    Task saying(String other) {
        return new Task(list, number, order, other, person, name, at, done, hidden);
    }

    Task hidden(boolean now) {
        return new Task(list, number, order, words, person, name, at, done, now);
    }

    Task ordered(long other) {
        return new Task(list, number, other, words, person, name, at, done, hidden);
    }

    Task numbered(int other) {
        return new Task(list, other, order, words, person, name, at, done, hidden);
    }

    /** The number and the words, as answers name it. */
    String named() {
        return number + " " + words;
    }
}
