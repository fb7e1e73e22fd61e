package org.waxbell.app.rest;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.PeopleFilter;
import org.waxbell.app.store.PeopleMapper;
import org.waxbell.app.store.PeopleMapper.Listed;
import org.waxbell.app.store.PeopleSql;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.condition.ConditionRows;
import org.waxbell.condition.ConditionTree;
import org.waxbell.condition.Scope;
import org.waxbell.desk.Csv;
import org.waxbell.event.Standing;
import org.waxbell.wiring.PeopleRule;

/** Everyone who is known: found by name, by a condition over what is kept of them, and sorted. */
@RestController
@RequestMapping("/api")
class PeopleController {
    private static final int PAGE = 100;
    private final PeopleMapper people;
    private final SystemClock clock;
    private final WiringStore wiring;

    PeopleController(PeopleMapper people, SystemClock clock, WiringStore wiring) {
        this.wiring = wiring;
        this.people = people;
        this.clock = clock;
    }

    /** Which people are wanted. @param condition over what is kept of them, empty text for everyone @param from how many are passed over */
    record PeopleWanted(String name, String condition, String sort, boolean down, long from) {}

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
            long minutes,
            long gave,
            long points,
            String note) {
        static PersonSeen of(Listed row) {
            Standing nearest = row.standings().isEmpty()
                    ? Standing.ANYONE
                    : Standing.valueOf(row.standings().split(",")[0]);
            return new PersonSeen(
                    row.id(),
                    row.name(),
                    row.id().substring(0, Math.max(0, row.id().lastIndexOf(':'))),
                    nearest,
                    row.months(),
                    row.firstSeen(),
                    row.lastSeen(),
                    row.lines(),
                    row.evenings(),
                    row.minutes(),
                    row.gave(),
                    row.points(),
                    row.note());
        }
    }

    @PostMapping("/people")
    PeopleFound found(@RequestBody PeopleWanted wanted) {
        PeopleFilter filter = filter(wanted);
        return new PeopleFound(
                people.count(filter),
                people.list(filter).stream().map(PersonSeen::of).toList());
    }

    private PeopleFilter filter(PeopleWanted wanted) {
        if (!PeopleSql.SORTS.contains(wanted.sort())) {
            throw new Refused(
                    "sort",
                    wanted.sort(),
                    "A list of people is not sorted by that.",
                    "Take one of " + PeopleSql.SORTS + ".");
        }
        return PeopleFilter.of(
                wanted.name().strip(),
                tree(wanted.condition()),
                StateStore.month(clock.now()),
                wanted.sort(),
                wanted.down(),
                Math.max(0, wanted.from()),
                PAGE);
    }

    private static @Nullable ConditionTree tree(String condition) {
        if (condition.isBlank()) {
            return null;
        }
        Problems problems = new Problems();
        PeopleRule.check(problems.at("condition"), condition);
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        return ConditionTree.of(condition, PeopleRule.SCOPE).orElseThrow();
    }

    /** What people can be found by. @param names with types @param titles what each is called */
    record PeopleNames(Map<String, Scope.Type> names, Map<String, String> titles) {}

    @GetMapping("/people/names")
    PeopleNames names() {
        Map<String, Scope.Type> types = new LinkedHashMap<>();
        Map<String, String> titles = new LinkedHashMap<>(PeopleRule.TITLES);
        titles.put("points", wiring.current().wiring().house().pointsMany());
        titles.keySet().forEach(each -> types.put(each, PeopleRule.SCOPE.types().getOrDefault(each, Scope.Type.TEXT)));
        return new PeopleNames(types, titles);
    }

    /** A condition over people, as text and as rows; without rows where it says more than rows can. */
    record PeopleCondition(String text, @Nullable ConditionRows rows) {}

    /** A condition over people as it was typed. */
    record PeopleTyped(String text) {}

    /** The same as rows. */
    record PeopleRows(ConditionRows rows) {}

    @PostMapping("/people/condition")
    PeopleCondition condition(@RequestBody PeopleTyped typed) {
        tree(typed.text());
        return new PeopleCondition(
                typed.text(), ConditionRows.of(typed.text(), PeopleRule.SCOPE).orElse(null));
    }

    @PostMapping("/people/condition/rows")
    PeopleCondition condition(@RequestBody PeopleRows written) {
        return condition(new PeopleTyped(written.rows().write(PeopleRule.SCOPE)));
    }

    /** Who has most, as comma-separated values. */
    @GetMapping("/people/top.csv")
    ResponseEntity<byte[]> top() {
        List<String> lines = new ArrayList<>(List.of("place,name,points,standing"));
        List<Listed> all =
                people.list(PeopleFilter.of("", null, StateStore.month(clock.now()), "points", true, 0, PAGE));
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
