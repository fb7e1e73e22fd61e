package org.waxbell.state;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** All that is remembered, by book and key: what changes add up to. Not safe for several threads. */
public final class Memory {
    private final Map<String, TreeMap<String, Object>> books = new TreeMap<>();
    /** The dense ones, which for a million people would fill a computer as entries. */
    private final Map<String, Numbers> dense = new TreeMap<>();

    /** A memory in which nothing stands. */
    public Memory() {}

    /** A memory of its own with the same entries; the values are immutable and shared. */
    public Memory(Memory other) {
        other.books.forEach((name, entries) -> books.put(name, new TreeMap<>(entries)));
        other.dense.forEach((name, numbers) -> dense.put(name, new Numbers(numbers)));
    }

    /** Takes in a change. */
    public void take(Change change) {
        if (change.book().dense()) {
            number(change);
        } else if (change instanceof Change.Put put) {
            books.computeIfAbsent(put.book().name(), name -> new TreeMap<>()).put(put.key(), put.value());
        } else if (change instanceof Change.Gone gone) {
            TreeMap<String, Object> entries = books.get(gone.book().name());
            if (entries != null) {
                if (gone.below()) {
                    entries.keySet().removeIf(gone::takes);
                } else {
                    entries.remove(gone.key());
                }
                if (entries.isEmpty()) {
                    books.remove(gone.book().name());
                }
            }
        }
    }

    private void number(Change change) {
        String name = change.book().name();
        if (change instanceof Change.Put put) {
            dense.computeIfAbsent(name, any -> new Numbers()).put(key(put.key()), (Long) put.value());
        } else if (change.key().isEmpty()) {
            dense.remove(name);
        } else if (dense.containsKey(name)) {
            Numbers numbers = dense.get(name);
            numbers.remove(key(change.key()));
            if (numbers.size() == 0) {
                dense.remove(name);
            }
        }
    }

    private static long key(String hexadecimal) {
        return Long.parseUnsignedLong(hexadecimal, 16);
    }

    /** Puts what stands in a dense book in place of what stood there; it is this memory's own from here on. */
    public void put(Book<Long> book, Numbers numbers) {
        dense.remove(book.name());
        if (numbers.size() > 0) {
            dense.put(book.name(), numbers);
        }
    }

    /** What stands in a dense book, as a copy of its own. */
    public Numbers numbers(Book<Long> book) {
        Numbers numbers = dense.get(book.name());
        return numbers == null ? new Numbers() : new Numbers(numbers);
    }

    /** Puts an entry. */
    public <T> void put(Book<T> book, String key, T value) {
        take(book.put(key, value));
    }

    /** Takes an entry away. */
    public void remove(Book<?> book, String key) {
        take(book.gone(key));
    }

    /** The values of a book, in the order of their keys. */
    public <T> List<T> all(Book<T> book) {
        return entries(book).values().stream().map(book.type()::cast).toList();
    }

    /** The keys of a book, in order. */
    public List<String> keys(Book<?> book) {
        return List.copyOf(entries(book).keySet());
    }

    /** The values of a book by their keys. */
    public <T> Map<String, T> map(Book<T> book) {
        Map<String, T> all = new TreeMap<>();
        entries(book).forEach((key, value) -> all.put(key, book.type().cast(value)));
        return all;
    }

    /** The values of a book whose keys begin with {@code key} and a stroke, in the order of their keys. */
    public <T> List<T> below(Book<T> book, String key) {
        TreeMap<String, Object> entries = books.getOrDefault(book.name(), new TreeMap<>());
        // The sign behind the stroke ends what begins with it.
        return entries.subMap(key + "/", key + "0").values().stream()
                .map(book.type()::cast)
                .toList();
    }

    /** One value; empty where none stands. */
    public <T> Optional<T> get(Book<T> book, String key) {
        if (book.dense()) {
            Numbers numbers = dense.get(book.name());
            return numbers == null || !numbers.has(key(key))
                    ? Optional.empty()
                    : Optional.of(book.type().cast(numbers.get(key(key))));
        }
        return Optional.ofNullable(entries(book).get(key)).map(book.type()::cast);
    }

    private Map<String, Object> entries(Book<?> book) {
        if (book.dense()) {
            Numbers numbers = dense.get(book.name());
            return numbers == null ? Map.of() : numbers.told();
        }
        Map<String, Object> entries = books.get(book.name());
        return entries == null ? Map.of() : entries;
    }

    /** The names of books in which anything stands. */
    public Collection<String> names() {
        return told().keySet();
    }

    private Map<String, Object> told() {
        Map<String, Object> told = new TreeMap<>(books);
        told.putAll(dense);
        return told;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Memory memory && books.equals(memory.books) && dense.equals(memory.dense);
    }

    @Override
    public int hashCode() {
        return Objects.hash(books, dense);
    }

    @Override
    public String toString() {
        return told().toString();
    }
}
