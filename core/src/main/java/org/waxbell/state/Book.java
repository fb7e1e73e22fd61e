package org.waxbell.state;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * One kind of entries that are remembered from one step to the next and over a restart.
 *
 * @param name   what the store calls it; stays for good
 * @param type   the class of its values, which are immutable
 * @param dense  whether it is kept of everyone who was ever seen: its values are numbers, and so are its keys, in hexadecimal
 */
public record Book<T>(String name, Class<T> type, boolean dense) {
    /** A book of ordinary size. */
    public Book(String name, Class<T> type) {
        this(name, type, false);
    }

    /** A book of numbers that is kept of everyone who was ever seen. */
    public static Book<Long> ofEveryone(String name) {
        return new Book<>(name, Long.class, true);
    }

    /** How an entry of everyone is called. */
    public static String key(long person) {
        return Long.toHexString(person);
    }

    /** An entry stands so from now on. */
    public Change put(String key, T value) {
        return new Change.Put(this, key, value);
    }

    /** An entry is no more. */
    public Change gone(String key) {
        return new Change.Gone(this, key, false);
    }

    /** An entry is no more, nor is any whose key begins with its key and a stroke; empty text for all of the book. */
    public Change goneBelow(String key) {
        return new Change.Gone(this, key, true);
    }

    /**
     * Adds what of values in order is to be kept otherwise; a value that only moved keeps its key.
     *
     * @param key of a value
     */
    public <K extends Comparable<K>> void changes(
            Ranked<K, T> before, Ranked<K, T> after, Function<T, String> key, List<Change> into) {
        List<T> there = new ArrayList<>();
        Ranked.changes(before, after, (at, value) -> {
            if (value == null) {
                before.get(at).ifPresent(gone -> into.add(gone(key.apply(gone))));
            } else {
                there.add(value);
            }
        });
        there.forEach(value -> into.add(put(key.apply(value), value)));
    }
}
