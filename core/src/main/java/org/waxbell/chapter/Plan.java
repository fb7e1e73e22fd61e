package org.waxbell.chapter;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.waxbell.clock.WrittenTime;
import org.waxbell.time.Spans;

/** When the chapters of an evening are planned for, to be posted or put into a calendar. */
public record Plan(EveningOrder order) {
    private static final LocalTime USUAL = LocalTime.of(20, 0);

    /** One chapter of it, both moments milliseconds since 1970 UTC; one of no planned length ends as it begins. */
    public record Planned(Chapter chapter, long from, long to) {}

    private LocalTime timeOfDay() {
        return WrittenTime.ofDay(order.begins()).orElse(USUAL);
    }

    private long on(LocalDate day) {
        return day.atTime(timeOfDay()).atZone(order.place()).toInstant().toEpochMilli();
    }

    private LocalDate dayOf(long moment) {
        return Objects.requireNonNull(Instant.ofEpochMilli(moment).atZone(order.place()))
                .toLocalDate();
    }

    /** When an evening that began at {@code began} was planned to begin: the written time of day that is nearest, or that moment where none is written. */
    long near(long began) {
        if (order.begins().isEmpty()) {
            return began;
        }
        long best = on(dayOf(began));
        for (int day = -1; day <= 1; day += 2) {
            long other = on(dayOf(began).plusDays(day));
            best = Math.abs(other - began) < Math.abs(best - began) ? other : best;
        }
        return best;
    }

    /** All chapters of the evening of a day; where no time is written it begins at eight in the evening. */
    public List<Planned> of(LocalDate day) {
        return from(on(day));
    }

    /** All chapters, the first at {@code begins}. */
    List<Planned> from(long begins) {
        List<Planned> all = new ArrayList<>();
        long at = begins;
        for (Chapter chapter : order.chapters()) {
            all.add(new Planned(chapter, at, at + chapter.plannedMs()));
            at += chapter.plannedMs();
        }
        return all;
    }

    /** The evening of a day as lines to post: {@code 20:15 Pouring, 40 min}. */
    public String inWords(LocalDate day) {
        ZoneId zone = order.place();
        StringBuilder words =
                new StringBuilder(order.name()).append(", ").append(day).append('\n');
        of(day).forEach(each -> words.append(
                        Objects.requireNonNull(Instant.ofEpochMilli(each.from()).atZone(zone))
                                .toLocalTime())
                .append(' ')
                .append(each.chapter().name())
                .append(
                        each.chapter().plannedMs() == 0
                                ? ""
                                : ", " + Spans.inWords(each.chapter().plannedMs()))
                .append('\n'));
        return words.append("(").append(zone.getId()).append(")\n").toString();
    }
}
