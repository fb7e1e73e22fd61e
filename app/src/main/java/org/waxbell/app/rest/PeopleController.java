package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.PeopleFilter;
import org.waxbell.app.store.PeopleMapper;
import org.waxbell.app.store.PeopleMapper.ChangeRow;
import org.waxbell.app.store.PeopleMapper.EntryRow;
import org.waxbell.app.store.PeopleMapper.Listed;
import org.waxbell.app.store.PeopleMapper.Sums;
import org.waxbell.app.store.PeopleSql;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.Cue;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.desk.Csv;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.Wiring;

/** Everyone who is known: found, filtered, sorted, and what the host notes of them; and the ledger of their points. */
@RestController
@RequestMapping("/api")
class PeopleController {
    private static final int PAGE = 100;
    private static final int MOST_RULES = 12;
    private static final int LONGEST_NOTE = 1_000;
    private static final int LATELY = 50;
    private static final int WRITTEN_AT_ONCE = 5_000;
    private static final List<String> COMPARES = List.of("atLeast", "atMost", "is", "isNot");
    private final PeopleMapper people;
    private final SystemClock clock;
    private final WiringStore wiring;

    PeopleController(PeopleMapper people, SystemClock clock, WiringStore wiring) {
        this.wiring = wiring;
        this.people = people;
        this.clock = clock;
    }

    /** Which people are wanted. @param from how many are passed over */
    record PeopleWanted(String name, List<PeopleFilter.PeopleRule> rules, String sort, boolean down, long from) {}

    /** Some of them, and how many there are in all. */
    record PeopleFound(long count, List<PersonSeen> people) {}

    /** Somebody. @param standing nearest to the host @param firstSeen milliseconds since 1970 UTC, null for who was never seen @param link on which they are known */
    record PersonSeen(
            String id,
            String name,
            String link,
            Standing standing,
            int months,
            @Nullable Long firstSeen,
            @Nullable Long lastSeen,
            long lines,
            long evenings,
            long points,
            String note) {
        static PersonSeen of(Listed row) {
            Standing nearest = row.standings().isEmpty()
                    ? Standing.ANYONE
                    : Standing.valueOf(row.standings().split(",")[0]);
            return new PersonSeen(
                    row.id(),
                    row.name(),
                    row.id().substring(0, Math.max(0, row.id().indexOf(':'))),
                    nearest,
                    row.months(),
                    row.firstSeen(),
                    row.lastSeen(),
                    row.lines(),
                    row.evenings(),
                    row.points(),
                    row.note());
        }
    }

    /** All that is kept of somebody. @param circles in which they are named, by ids @param entrance the id of their own cue, empty text for none @param entries of their points, the newest first @param changes by staff, the newest first */
    record PersonKept(
            PersonSeen person,
            List<String> circles,
            String entrance,
            List<EntryRow> entries,
            List<ChangeRow> changes) {}

    @PostMapping("/people")
    PeopleFound found(@RequestBody PeopleWanted wanted) {
        PeopleFilter filter = filter(wanted);
        return new PeopleFound(
                people.count(filter),
                people.list(filter).stream().map(PersonSeen::of).toList());
    }

    private static PeopleFilter filter(PeopleWanted wanted) {
        if (!PeopleSql.SORTS.contains(wanted.sort())) {
            throw new Refused(
                    "sort",
                    wanted.sort(),
                    "A list of people is not sorted by that.",
                    "Take one of " + PeopleSql.SORTS + ".");
        }
        if (wanted.rules().size() > MOST_RULES) {
            throw new Refused(
                    "rules",
                    Integer.toString(wanted.rules().size()),
                    "These are too many rules.",
                    "Keep " + MOST_RULES + ".");
        }
        for (int i = 0; i < wanted.rules().size(); i++) {
            check(wanted.rules().get(i), "rules[" + i + "]");
        }
        return new PeopleFilter(
                wanted.name().strip(), wanted.rules(), wanted.sort(), wanted.down(), Math.max(0, wanted.from()), PAGE);
    }

    private static void check(PeopleFilter.PeopleRule rule, String place) {
        if (!PeopleSql.FIELDS.contains(rule.field())) {
            throw new Refused(
                    place + ".field",
                    rule.field(),
                    "Nothing of that name is known of people.",
                    "Take one of " + PeopleSql.FIELDS + ".");
        }
        if (!COMPARES.contains(rule.compare())) {
            throw new Refused(
                    place + ".compare", rule.compare(), "That is no comparison.", "Take one of " + COMPARES + ".");
        }
        if (PeopleSql.isNumber(rule.field()) && !rule.value().strip().matches("-?\\d{1,12}")) {
            throw new Refused(place + ".value", rule.value(), "This is no whole number.", "Write one such as 10.");
        }
    }

    private Listed one(String id) {
        return Optional.ofNullable(people.find(id))
                .orElseThrow(() ->
                        new Refused("id", id, "Nobody of that identity is known.", "Choose somebody who is listed."));
    }

    @GetMapping("/people/{id}")
    PersonKept person(@PathVariable String id) {
        return kept(id, LATELY);
    }

    /** Everything that is known of somebody, to be handed to them. */
    @GetMapping("/people/{id}/kept.json")
    PersonKept kept(@PathVariable String id) {
        return kept(id, Integer.MAX_VALUE);
    }

    private PersonKept kept(String id, int most) {
        PersonSeen who = PersonSeen.of(one(id));
        Viewer viewer = new Viewer(id, who.name(), Set.of(), who.months());
        Wiring now = wiring.current().wiring();
        return new PersonKept(
                who,
                now.house().circles().stream()
                        .filter(each -> each.names(who.name()))
                        .map(Circle::id)
                        .toList(),
                now.cues().stream()
                        .filter(cue -> cue.pulls().stream()
                                .anyMatch(pull -> pull instanceof FirstLinePull first
                                        && first.whose() == FirstLinePull.Whose.NAMED
                                        && first.concerns(viewer)))
                        .map(Cue::id)
                        .findFirst()
                        .orElse(""),
                people.entries(id, Long.MAX_VALUE, most),
                people.changes(id, most));
    }

    /** What the host notes of somebody, empty text for nothing. */
    record NoteWritten(String note) {}

    @PutMapping("/people/{id}/note")
    PersonKept note(@PathVariable String id, @RequestBody NoteWritten written, Actor by) {
        Listed there = one(id);
        String note = written.note().strip();
        if (note.length() > LONGEST_NOTE) {
            throw new Refused(
                    "note",
                    note,
                    "The note is too long: " + note.length() + " characters.",
                    "Shorten it to " + LONGEST_NOTE + ".");
        }
        if (!note.equals(there.note())) {
            if (note.isEmpty()) {
                people.forgetNote(id);
            } else {
                people.note(id, note);
            }
            people.changed(clock.now(), id, by.inWords(), note.isEmpty() ? "took the note away" : "noted: " + note);
        }
        return person(id);
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

    /** Who has most, as comma-separated values. */
    @GetMapping("/people/top.csv")
    ResponseEntity<byte[]> top() {
        List<String> lines = new ArrayList<>(List.of("place,name,points,standing"));
        List<Listed> all = people.list(new PeopleFilter("", List.of(), "points", true, 0, PAGE));
        for (int i = 0; i < all.size(); i++) {
            PersonSeen each = PersonSeen.of(all.get(i));
            lines.add(String.join(
                    ",",
                    Integer.toString(i + 1),
                    Csv.text(each.name()),
                    Long.toString(each.points()),
                    each.standing().name().toLowerCase(Locale.ROOT)));
        }
        return Carried.text("top.csv", "text/csv", String.join("\r\n", lines) + "\r\n");
    }
}
