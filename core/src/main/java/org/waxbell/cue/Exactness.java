package org.waxbell.cue;

/** How exactly a pull says what sets it off, so that a cue which stands back knows a more exact one; higher is more exact. */
final class Exactness {
    /** Any line that fits a pattern. */
    static final long PATTERN = 10;
    /** A phrase anywhere in a line. */
    static final long PHRASE = 20;
    /** The first line of anyone. */
    static final long FIRST_LINE = 30;
    /** A chat word. */
    static final long WORD = 40;
    /** One viewer, value, scene, or address by name. */
    static final long NAMED = 60;
    /** An event of a kind, before its filters. */
    static final long KIND = 10;

    private static final long EACH_TEXT = 1_000_000_000_000L;
    private static final long EACH_NUMBER = 10_000_000_000L;

    private Exactness() {}

    /** Texts that must be the very same count before least numbers, and those before how large they are. */
    static long ofFilters(int texts, Iterable<Long> least) {
        long sum = KIND + texts * EACH_TEXT;
        for (long each : least) {
            sum += EACH_NUMBER + each;
        }
        return sum;
    }
}
