package org.waxbell.app.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZonedDateTime;
import org.junit.jupiter.api.Test;
import org.waxbell.cue.CalendarPull;

/** Calendar rules in their time zone, over the days on which the clocks are changed. */
class RecurCalendarsTest {
    private final RecurCalendars calendars = new RecurCalendars();

    private String next(String rule, String start, String after) {
        long moment = calendars.next(
                new CalendarPull(rule, start, "Europe/Vienna"),
                ZonedDateTime.parse(after).toInstant().toEpochMilli());
        return moment == Long.MAX_VALUE ? "never" : Instant.ofEpochMilli(moment).toString();
    }

    @Test
    void theNextOccurrenceIsLaterThanTheMoment() {
        assertThat(next("FREQ=WEEKLY;BYDAY=MO,TH", "2026-11-23T19:55:00", "2026-11-23T19:00:00+01:00"))
                .isEqualTo("2026-11-23T18:55:00Z");
        assertThat(next("FREQ=WEEKLY;BYDAY=MO,TH", "2026-11-23T19:55:00", "2026-11-23T19:55:00+01:00"))
                .isEqualTo("2026-11-26T18:55:00Z");
        assertThat(next("FREQ=DAILY;COUNT=2", "2026-11-23T19:55:00", "2026-12-01T00:00:00Z"))
                .isEqualTo("never");
    }

    @Test
    void anHourThatDoesNotExistShiftsForwardAndOneThatComesTwiceCountsOnce() {
        assertThat(next("FREQ=DAILY", "2026-03-27T02:30:00", "2026-03-28T12:00:00Z"))
                .isEqualTo("2026-03-29T01:30:00Z");
        assertThat(next("FREQ=DAILY", "2026-10-20T02:30:00", "2026-10-24T12:00:00Z"))
                .isEqualTo("2026-10-25T00:30:00Z");
        assertThat(next("FREQ=DAILY", "2026-10-20T02:30:00", "2026-10-25T00:30:00Z"))
                .isEqualTo("2026-10-26T01:30:00Z");
    }

    @Test
    void whatIsNoRuleSaysWhy() {
        assertThat(calendars.faultOf("FREQ=WEEKLY")).isEmpty();
        assertThat(calendars.faultOf("every monday")).isPresent();
    }
}
