package org.waxbell.cue;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Sets the cue off by a calendar rule.
 *
 * @param rule  recurrence rule of RFC 5545, such as {@code FREQ=WEEKLY;BYDAY=MO,TH}
 * @param start the first moment in local time, such as {@code 2026-11-23T19:55:00}; the rule takes its time of day
 * @param zone  time zone by its name, such as {@code Europe/Vienna}; an hour that does not exist shifts forward, one that comes
 *              twice counts once
 */
public record CalendarPull(String rule, String start, String zone) implements TimedPull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    CalendarPull.class, "calendar", "the calendar says so", "Calendar")
            .also("schedule date")
            .with(
                    Field.of(Field.Type.CODE, "rule", "Rule (RFC 5545)")
                            .most(300)
                            .called("The rule")
                            .needed(),
                    Field.of(Field.Type.CODE, "start", "First time"),
                    Field.of(Field.Type.TEXT, "zone", "Time zone"))
            .making(on -> new CalendarPull("FREQ=WEEKLY;BYDAY=MO", on.tomorrow(), on.zone()));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("the calendar says so (" + rule + ")");
    }

    @Override
    public String words() {
        return "by the calendar";
    }

    /** What is not RFC 5545 in the rule is told by whoever computes it. */
    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
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
