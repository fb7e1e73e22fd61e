package org.waxbell.desk;

import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** Cells of comma-separated values (RFC 4180). */
public final class Csv {
    private Csv() {}

    /** A text; a sheet would take what begins with some signs for a formula, so a mark stands before it. */
    public static String text(String value) {
        String safe = value.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + value : value;
        return '"' + safe.replace("\"", "\"\"") + '"';
    }

    /** A moment in UTC, to the second. @param at milliseconds since 1970 UTC */
    public static String time(long at) {
        return Instant.ofEpochMilli(at).truncatedTo(ChronoUnit.SECONDS).toString();
    }
}
