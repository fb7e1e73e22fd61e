package org.waxbell.app.calendar;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.TimeZone;
import org.dmfs.rfc5545.recur.InvalidRecurrenceRuleException;
import org.dmfs.rfc5545.recur.RecurrenceRule;
import org.dmfs.rfc5545.recur.RecurrenceRuleIterator;
import org.springframework.stereotype.Component;
import org.waxbell.cue.CalendarPull;
import org.waxbell.port.Calendars;

/**
 * Calendar rules of RFC 5545 by the library lib-recur. It works them out in local time; the zone is applied afterwards, so that
 * an hour that does not exist shifts forward and one that comes twice counts once.
 */
@Component
public class RecurCalendars implements Calendars {
    private static final TimeZone UTC = TimeZone.getTimeZone("UTC");
    private static final long DAY = 86_400_000;
    /** A rule that never comes again within reach is given up after so many tries. */
    private static final int MOST_TRIES = 1_000;

    @Override
    public long next(CalendarPull pull, long after) {
        ZoneId zone = ZoneId.of(pull.zone());
        try {
            RecurrenceRuleIterator all =
                    new RecurrenceRule(pull.rule()).iterator(local(LocalDateTime.parse(pull.start())), UTC);
            all.fastForward(after - DAY);
            for (int i = 0; i < MOST_TRIES && all.hasNext(); i++) {
                long moment = LocalDateTime.ofEpochSecond(Math.floorDiv(all.nextMillis(), 1_000L), 0, ZoneOffset.UTC)
                        .atZone(zone)
                        .toInstant()
                        .toEpochMilli();
                if (moment > after) {
                    return moment;
                }
            }
            return Long.MAX_VALUE;
        } catch (InvalidRecurrenceRuleException wrong) {
            throw new IllegalArgumentException("checked when it was saved: " + pull.rule(), wrong);
        }
    }

    private static long local(LocalDateTime time) {
        return time.toEpochSecond(ZoneOffset.UTC) * 1_000;
    }

    @Override
    public Optional<String> faultOf(String rule) {
        try {
            new RecurrenceRule(rule);
            return Optional.empty();
        } catch (InvalidRecurrenceRuleException | IllegalArgumentException wrong) {
            return Optional.of(String.valueOf(wrong.getMessage()));
        }
    }
}
