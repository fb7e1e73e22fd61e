package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import org.waxbell.app.store.PeopleMapper;
import org.waxbell.app.store.PeopleMapper.EntryRow;
import org.waxbell.app.store.PeopleMapper.Sums;
import org.waxbell.desk.Csv;

/** Every movement of points, with why. */
@RestController
@RequestMapping("/api")
class LedgerController {
    private static final int PAGE = 100;
    private static final int WRITTEN_AT_ONCE = 5_000;
    private final PeopleMapper people;

    LedgerController(PeopleMapper people) {
        this.people = people;
    }

    /** Entries of the ledger, and what they add up to. */
    record LedgerPage(Sums sums, List<EntryRow> entries) {}

    @GetMapping("/ledger")
    LedgerPage ledger(
            @RequestParam(defaultValue = "") String person,
            @RequestParam(defaultValue = "9223372036854775807") long before) {
        return new LedgerPage(people.sums(), people.entries(person, before, PAGE));
    }

    /** All of the ledger, as comma-separated values (RFC 4180), the newest first; written as it is read, for there may be very many. */
    @GetMapping("/ledger.csv")
    ResponseEntity<StreamingResponseBody> written() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"ledger.csv\"")
                .body(out -> {
                    out.write("number,when,person,name,amount,why\r\n".getBytes(StandardCharsets.UTF_8));
                    List<EntryRow> page = people.entries("", Long.MAX_VALUE, WRITTEN_AT_ONCE);
                    while (!page.isEmpty()) {
                        for (EntryRow each : page) {
                            out.write(line(each).getBytes(StandardCharsets.UTF_8));
                        }
                        page = people.entries("", page.get(page.size() - 1).number(), WRITTEN_AT_ONCE);
                    }
                });
    }

    private static String line(EntryRow each) {
        return String.join(
                        ",",
                        Long.toString(each.number()),
                        Csv.time(each.at()),
                        Csv.text(each.person()),
                        Csv.text(each.name()),
                        Long.toString(each.amount()),
                        Csv.text(each.why()))
                + "\r\n";
    }
}
