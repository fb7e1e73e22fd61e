package org.waxbell.app.rest;

import java.time.LocalDate;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.calendar.PlanCalendar;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Refused;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.chapter.EveningOrder;
import org.waxbell.chapter.Plan;

/** The plan of an evening, to be posted or put into a calendar. */
@RestController
@RequestMapping("/api/orders/{id}")
class OrderController {
    private final WiringStore wiring;
    private final SystemClock clock;

    OrderController(WiringStore wiring, SystemClock clock) {
        this.wiring = wiring;
        this.clock = clock;
    }

    private EveningOrder order(String id) {
        return wiring.current()
                .wiring()
                .desk(id, EveningOrder.class)
                .orElseThrow(() -> new Refused(
                        "id", id, "There is no order of the evening of that name.", "Choose one listed under Desks."));
    }

    /** As lines of text. @param day such as {@code 2026-11-29} */
    @GetMapping(value = "/plan.txt", produces = "text/plain;charset=UTF-8")
    ResponseEntity<String> text(@PathVariable String id, @RequestParam LocalDate day) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/plain;charset=UTF-8"))
                .body(new Plan(order(id)).inWords(day));
    }

    /** As iCalendar (RFC 5545). @param day such as {@code 2026-11-29} */
    @GetMapping(value = "/plan.ics", produces = "text/calendar;charset=UTF-8")
    ResponseEntity<String> calendar(@PathVariable String id, @RequestParam LocalDate day) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/calendar;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + "-" + day + ".ics\"")
                .body(PlanCalendar.of(order(id), day, clock.now()));
    }
}
