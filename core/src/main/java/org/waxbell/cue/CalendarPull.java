package org.waxbell.cue;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.waxbell.check.Problems;

/**
 * Sets the cue off by a calendar rule.
 *
 * @param rule  recurrence rule of RFC 5545, such as {@code FREQ=WEEKLY;BYDAY=MO,TH}
 * @param start the first moment in local time, such as {@code 2026-11-23T19:55:00}; the rule takes its time of day
 * @param zone  time zone by its name, such as {@code Europe/Vienna}; an hour that does not exist shifts forward, one that comes
 *              twice counts once
 */
public record CalendarPull(String rule, String start, String zone) implements TimedPull {
    @Override
    public String words() {
        return "by the calendar";
    }

    /** What is not RFC 5545 in the rule is told by whoever computes it. */
    @Override
    public void check(Problems problems) {
        problems.at("rule").text(rule, 300, "The rule");
        try {
            LocalDateTime.parse(start);
        } catch (DateTimeException wrong) {
            problems.at("start")
                    .add(start, "This is not a local date and time.", "Write one such as 2026-11-23T19:55:00.");
        }
        try {
            ZoneId.of(zone);
        } catch (DateTimeException wrong) {
            problems.at("zone").add(zone, "There is no such time zone.", "Write one such as Europe/Vienna.");
        }
    }
}
