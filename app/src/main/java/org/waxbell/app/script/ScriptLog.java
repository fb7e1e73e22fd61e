package org.waxbell.app.script;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** What extensions wrote down, how they failed, and what time they took, since the program started. */
@Component
public class ScriptLog {
    private static final int KEPT = 200;
    private final Map<String, Book> books = new ConcurrentHashMap<>();

    /**
     * One line.
     *
     * @param at     milliseconds since 1970 UTC
     * @param failed whether it tells of a failure
     * @param text   the line
     * @param heard  the function that was called, and with what; empty text for what no call wrote
     */
    public record ScriptLine(long at, boolean failed, String text, String heard) {}

    /**
     * All of one extension.
     *
     * @param calls   how many calls came back
     * @param micros  how long all of them took together, in millionths of a second
     * @param longest how long the longest took, in millionths of a second
     * @param lines   the newest first
     */
    public record Logged(long calls, long micros, long longest, List<ScriptLine> lines) {}

    private static final class Book {
        private final Deque<ScriptLine> lines = new ArrayDeque<>();
        private long calls;
        private long micros;
        private long longest;

        private synchronized void took(long time) {
            calls++;
            micros += time;
            longest = Math.max(longest, time);
        }

        private synchronized void add(ScriptLine entry) {
            lines.addFirst(entry);
            if (lines.size() > KEPT) {
                lines.removeLast();
            }
        }

        private synchronized Logged log() {
            return new Logged(calls, micros, longest, List.copyOf(lines));
        }
    }

    private Book book(String extension) {
        return books.computeIfAbsent(extension, id -> new Book());
    }

    /** A call came back. @param micros how long it took, in millionths of a second */
    void took(String extension, long micros) {
        book(extension).took(micros);
    }

    /** There is a line more. */
    void add(String extension, ScriptLine entry) {
        book(extension).add(entry);
    }

    /** All of one extension. */
    public Logged of(String extension) {
        return book(extension).log();
    }

    /** An extension was taken away: nothing of it stays. */
    void forget(String extension) {
        books.remove(extension);
    }
}
