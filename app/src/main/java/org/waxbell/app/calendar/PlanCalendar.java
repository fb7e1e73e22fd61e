package org.waxbell.app.calendar;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Summary;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Date;
import org.waxbell.chapter.EveningOrder;
import org.waxbell.chapter.Plan;

/** The plan of an evening for calendars, as iCalendar (RFC 5545): an event a chapter. */
public final class PlanCalendar {
    private PlanCalendar() {}

    /** That of the evening of a day. @param written when it is written, milliseconds since 1970 UTC */
    public static String of(EveningOrder order, LocalDate day, long written) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Wax Bell//Order of the evening//EN");
        for (Plan.Planned each : new Plan(order).of(day)) {
            VEvent event = new VEvent();
            event.setUid(order.id() + "-" + day + "-" + each.chapter().id() + "@waxbell");
            event.setDateTimeStamp(Date.from(Instant.ofEpochMilli(written)));
            event.setSummary(new Summary(order.name() + ": " + each.chapter().name()));
            event.setDateStart(Date.from(Instant.ofEpochMilli(each.from())));
            event.setDateEnd(Date.from(Instant.ofEpochMilli(each.to())));
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }
}
