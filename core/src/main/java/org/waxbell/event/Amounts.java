package org.waxbell.event;

/** Counts with their noun, for the engine's own English sentences. */
final class Amounts {
    private Amounts() {}

    /** {@code 1 Lantern}, {@code 3 Lanterns}. */
    static String of(long count, String noun) {
        return count + " " + noun + (count == 1 ? "" : "s");
    }
}
