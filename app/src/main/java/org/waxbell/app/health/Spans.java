package org.waxbell.app.health;

import java.time.Duration;

/** Times and sizes in words. */
final class Spans {
    private Spans() {}

    /** Such as {@code 3 h 12 min}. */
    static String of(Duration span) {
        if (span.toHours() > 0) {
            return span.toHours() + " h " + span.toMinutesPart() + " min";
        }
        return span.toMinutes() > 0
                ? span.toMinutes() + " min " + span.toSecondsPart() + " s"
                : span.toSeconds() + " s";
    }

    /** Such as {@code 12.3 MB}. */
    static String bytes(long bytes) {
        return bytes < 1_000_000
                ? (bytes + 999) / 1_000 + " kB"
                : bytes < 1_000_000_000 ? "%.1f MB".formatted(bytes / 1e6) : "%.1f GB".formatted(bytes / 1e9);
    }
}
