package org.waxbell.state;

import java.util.Optional;

/** One step by which what is remembered changed. */
public sealed interface Change {
    /** The book that changed. */
    Book<?> book();

    /** The entry that changed. */
    String key();

    /** The value that an entry of {@code wanted} has now; empty for a change of another book, and for what is gone. */
    default <T> Optional<T> now(Book<T> wanted) {
        return Optional.empty();
    }

    /** An entry stands so from now on, in place of what stood there. */
    record Put(Book<?> book, String key, Object value) implements Change {
        @Override
        public <T> Optional<T> now(Book<T> wanted) {
            return book.equals(wanted) ? Optional.of(wanted.type().cast(value)) : Optional.empty();
        }
    }

    /** An entry is no more. @param below whether everything below its key is gone with it; with empty text all of the book */
    record Gone(Book<?> book, String key, boolean below) implements Change {
        /** Whether that entry is gone by it. */
        public boolean takes(String other) {
            return other.equals(key) || below && (key.isEmpty() || other.startsWith(key + "/"));
        }
    }
}
