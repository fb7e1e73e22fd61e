package org.waxbell.app.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The questions of {@link PeopleMapper} that depend on what the host filters by. Only names of this class get into their text; values are bound. */
public final class PeopleSql {
    /** Everyone with what is kept of them. */
    static final String EVERYONE = """
            select p.id, p.name, p.standings, p.months, p.first_seen as firstSeen, p.last_seen as lastSeen, p.lines, p.evenings,
            coalesce(b.points, 0) as points, coalesce(f.note, '') as note
            from person p left join balance b on b.person = p.id left join profile f on f.person = p.id""";

    /** Numbers that can be compared, by name: what stands for each. Days are those since then. */
    private static final Map<String, String> NUMBERS = Map.of(
            "months", "p.months",
            "lines", "p.lines",
            "evenings", "p.evenings",
            "points", "coalesce(b.points, 0)",
            "daysKnown", "((unixepoch() * 1000 - p.first_seen) / 86400000)",
            "daysAway", "((unixepoch() * 1000 - p.last_seen) / 86400000)");

    /** What a rule can be about. */
    public static final List<String> FIELDS =
            List.of("months", "lines", "evenings", "points", "daysKnown", "daysAway", "standing", "note");

    /** By what a list can be sorted: what stands for each. */
    private static final Map<String, String> ORDERS = Map.of(
            "name", "p.name collate nocase",
            "months", "p.months",
            "firstSeen", "p.first_seen",
            "lastSeen", "p.last_seen",
            "lines", "p.lines",
            "evenings", "p.evenings",
            "points", "b.points");

    /** By what a list can be sorted. */
    public static final List<String> SORTS = ORDERS.keySet().stream().sorted().toList();

    private PeopleSql() {}

    /** Whether a rule of that field compares numbers. */
    public static boolean isNumber(String field) {
        return NUMBERS.containsKey(field);
    }

    /** The text of the list. */
    public static String list(PeopleFilter filter) {
        // Who has no entry in the ledger has no row there, and comes last; so the index of points serves.
        return EVERYONE + where(filter) + " order by " + ORDERS.getOrDefault(filter.sort(), "p.last_seen")
                + (filter.down() ? " desc" : " asc") + " nulls last, p.id limit #{most} offset #{from}";
    }

    /** The text of the count. */
    public static String count(PeopleFilter filter) {
        return "select count(*) from person p left join balance b on b.person = p.id left join profile f on f.person = p.id"
                + where(filter);
    }

    private static String where(PeopleFilter filter) {
        List<String> all = new ArrayList<>();
        if (!filter.name().isEmpty()) {
            all.add("p.name like '%' || #{name} || '%'");
        }
        for (int i = 0; i < filter.rules().size(); i++) {
            all.add(rule(filter.rules().get(i), "#{rules[" + i + "].value}"));
        }
        return all.isEmpty() ? "" : " where " + String.join(" and ", all);
    }

    private static String rule(PeopleFilter.PeopleRule rule, String value) {
        boolean not = rule.compare().equals("isNot");
        if (rule.field().equals("standing")) {
            return (not ? "not " : "") + "(',' || p.standings || ',' like '%,' || upper(" + value + ") || ',%')";
        }
        if (rule.field().equals("note")) {
            return (not ? "not " : "") + "coalesce(f.note, '') like '%' || " + value + " || '%'";
        }
        String sign = switch (rule.compare()) {
            case "atLeast" -> " >= ";
            case "atMost" -> " <= ";
            case "isNot" -> " <> ";
            default -> " = ";
        };
        return NUMBERS.getOrDefault(rule.field(), "0") + sign + "cast(" + value + " as integer)";
    }
}
