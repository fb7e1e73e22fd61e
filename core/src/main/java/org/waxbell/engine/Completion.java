package org.waxbell.engine;

import java.util.Map;

/**
 * What an adapter reports of a part that it was told.
 *
 * @param detail   why it failed, empty text where it did not
 * @param lengthMs how long it will last in all, in milliseconds, where it was measured; else 0
 * @param results  what came of it, such as {@code address} of a clip
 */
public record Completion(Kind kind, String detail, long lengthMs, Map<String, String> results) {
    /** How it went. */
    public enum Kind {
        /** The part is over. */
        ENDED,
        /** It could not be done. */
        FAILED,
        /** It goes on, and its length is known now. */
        MEASURED
    }

    /** The part is over. */
    public static Completion ended() {
        return new Completion(Kind.ENDED, "", 0, Map.of());
    }

    /** The part is over, and this came of it. */
    public static Completion ended(Map<String, String> results) {
        return new Completion(Kind.ENDED, "", 0, results);
    }

    /** The part could not be done, and why. */
    public static Completion failed(String why) {
        return new Completion(Kind.FAILED, why, 0, Map.of());
    }

    /** The part could not be done, why, and what can be told of it. */
    public static Completion failed(String why, Map<String, String> results) {
        return new Completion(Kind.FAILED, why, 0, results);
    }

    /** The part lasts so long in all, in milliseconds. */
    public static Completion measured(long lengthMs) {
        return new Completion(Kind.MEASURED, "", lengthMs, Map.of());
    }
}
