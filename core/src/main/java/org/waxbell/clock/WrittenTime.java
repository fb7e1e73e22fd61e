package org.waxbell.clock;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A time as people type it: {@code 90} and {@code 90 s} are seconds, {@code 1:30} minutes and seconds, {@code 1:05:00} with hours,
 * {@code 1h 5m}, {@code 2 minutes}, {@code until 21:00} the next such time of day.
 *
 * @param ms    how long, in milliseconds; with {@code until} the moment since 1970 UTC
 * @param until whether it is a moment
 * @param fault why it cannot be read, as a sentence with what to write instead; empty text where it can
 */
public record WrittenTime(long ms, boolean until, String fault) {
    private static final long SECOND = 1_000;
    private static final long MINUTE = 60 * SECOND;
    private static final long HOUR = 60 * MINUTE;
    private static final long MOST = 24 * HOUR;
    private static final String SAMPLES = "Write one such as 90, 1:30, 1h 5m or until 21:00.";
    private static final Pattern COLONS = Pattern.compile("(?:(\\d{1,4}):)?(\\d{1,4}):(\\d{1,2})");
    private static final Pattern UNITS = Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,2})?)\\s*([a-z]*)\\s*(?:,|and)?\\s*");
    private static final Pattern OF_DAY = Pattern.compile("(\\d{1,2})(?:[:.](\\d{2}))?\\s*(am|pm)?");

    private static WrittenTime wrong(String why) {
        return new WrittenTime(0, false, why + " " + SAMPLES);
    }

    private static WrittenTime length(long ms, String text) {
        if (ms <= 0) {
            return wrong("“" + text + "” is no time at all.");
        }
        return ms > MOST ? wrong("“" + text + "” is longer than a day.") : new WrittenTime(ms, false, "");
    }

    /** What {@code text} says at {@code now}. @param zone in which times of day are meant */
    public static WrittenTime of(String text, long now, ZoneId zone) {
        String shown = text.strip().length() > 40 ? text.strip().substring(0, 40) + "…" : text.strip();
        String small = text.strip().toLowerCase(Locale.ROOT);
        if (small.isEmpty()) {
            return wrong("No time is written there.");
        }
        if (small.startsWith("until ")) {
            return until(small.substring(6).strip(), shown, now, zone);
        }
        Matcher colons = COLONS.matcher(small);
        if (colons.matches()) {
            long hours = colons.group(1) == null ? 0 : Long.parseLong(colons.group(1));
            return length(
                    hours * HOUR + Long.parseLong(colons.group(2)) * MINUTE + Long.parseLong(colons.group(3)) * SECOND,
                    shown);
        }
        return units(small, shown);
    }

    private static WrittenTime units(String small, String shown) {
        Matcher matcher = UNITS.matcher(small);
        long sum = 0;
        int at = 0;
        while (at < small.length()) {
            if (!matcher.find(at) || matcher.start() != at) {
                return wrong("“" + shown + "” is no time.");
            }
            long unit = unit(Objects.requireNonNull(matcher.group(2)));
            if (unit == 0) {
                return wrong("“" + shown + "” is no time.");
            }
            double count =
                    Double.parseDouble(Objects.requireNonNull(matcher.group(1)).replace(',', '.'));
            sum += Math.round(count * unit);
            at = matcher.end();
        }
        return length(sum, shown);
    }

    private static long unit(String word) {
        if (word.isEmpty() || word.matches("s|secs?|seconds?")) {
            return SECOND;
        }
        return word.matches("m|mins?|minutes?") ? MINUTE : word.matches("h|hrs?|hours?") ? HOUR : 0;
    }

    private static WrittenTime until(String small, String shown, long now, ZoneId zone) {
        Optional<LocalTime> time = ofDay(small);
        if (time.isEmpty()) {
            return wrong("“" + shown + "” is no time of day.");
        }
        ZonedDateTime here = Objects.requireNonNull(Instant.ofEpochMilli(now).atZone(zone));
        for (int day = 0; day < 2; day++) {
            LocalDateTime wanted = here.toLocalDate().plusDays(day).atTime(time.get());
            if (zone.getRules().getValidOffsets(wanted).isEmpty()) {
                if (wanted.isAfter(here.toLocalDateTime())) {
                    return wrong("There is no " + time.get() + " that night, for the clocks are put forward.");
                }
                continue;
            }
            long moment = wanted.atZone(zone).toInstant().toEpochMilli();
            if (moment > now) {
                return new WrittenTime(moment, true, "");
            }
        }
        return wrong("“" + shown + "” is past.");
    }

    /** A time of day as people write it, such as {@code 21:00}, {@code 9pm} or {@code 21.00}; empty where it is none. */
    public static Optional<LocalTime> ofDay(String text) {
        Matcher day = OF_DAY.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!day.matches()) {
            return Optional.empty();
        }
        int hour = Integer.parseInt(day.group(1));
        if (day.group(3) != null && (hour < 1 || hour > 12)) {
            return Optional.empty();
        }
        if (day.group(3) != null) {
            hour = hour % 12 + ("pm".equals(day.group(3)) ? 12 : 0);
        }
        try {
            // Midnight at the end of a day is the one at which the next begins.
            return Optional.of(
                    LocalTime.of(hour == 24 ? 0 : hour, day.group(2) == null ? 0 : Integer.parseInt(day.group(2))));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    /** A length as clocks show it: {@code 12:03}, {@code 1:02:03}. @param up whether a begun second counts as a whole, as it does for what runs down */
    public static String shown(long ms, boolean up) {
        long seconds = (up ? ms + SECOND - 1 : ms) / SECOND;
        return seconds >= 3_600
                ? String.format(Locale.ROOT, "%d:%02d:%02d", seconds / 3_600, seconds / 60 % 60, seconds % 60)
                : String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
    }
}
