package org.waxbell.time;

import java.util.Locale;

/** Lengths of time in words that a person reads at a glance. */
public final class Spans {
    private static final long SECOND = 1_000;
    private static final long MINUTE = 60 * SECOND;
    private static final long HOUR = 60 * MINUTE;

    private Spans() {}

    /** A time still to go, rounded up to whole seconds so that it never says zero too early: {@code 9 s}, {@code 1 min 20 s}. */
    public static String toGo(long millis) {
        long seconds = Math.max(1, (millis + SECOND - 1) / SECOND) * SECOND;
        return inWords(seconds);
    }

    /** A length as precisely as it was set: {@code 5.6 s}, {@code 14 s}, {@code 2 min}, {@code 1 h 5 min}. */
    public static String inWords(long millis) {
        if (millis < MINUTE) {
            return seconds(millis);
        }
        long hours = millis / HOUR;
        long minutes = millis % HOUR / MINUTE;
        long rest = millis % MINUTE;
        StringBuilder words = new StringBuilder();
        append(words, hours, " h");
        append(words, minutes, " min");
        if (rest > 0) {
            words.append(words.isEmpty() ? "" : " ").append(seconds(rest));
        }
        return words.toString();
    }

    private static void append(StringBuilder words, long count, String unit) {
        if (count > 0) {
            words.append(words.isEmpty() ? "" : " ").append(count).append(unit);
        }
    }

    private static String seconds(long millis) {
        if (millis % SECOND == 0) {
            return millis / SECOND + " s";
        }
        return String.format(Locale.ROOT, "%.1f s", millis / 1000.0);
    }
}
