package org.waxbell.app.store;

import java.util.List;
import java.util.Map;

/** The questions of {@link PeopleMapper} that depend on what the host filters by. */
public final class PeopleSql {
    private static final String KEPT = """
            select p.id, p.name, p.standings, p.months, p.first_seen as firstSeen, p.last_seen as lastSeen, p.lines, p.evenings, p.here_ms / 60000 as minutes,
            p.gave, coalesce(b.points, 0) as points, coalesce(f.note, '') as note""";

    private static final String FROM =
            " from person p left join balance b on b.person = p.id left join profile f on f.person = p.id";

    /** In the order of what they own: a cross join keeps that order, so that nothing has to be sorted. */
    private static final String RICHEST =
            " from balance b cross join person p on p.id = b.person left join profile f on f.person = p.id";

    /** Everyone with what is kept of them. */
    static final String EVERYONE = KEPT + FROM;

    /** By what a list can be sorted: what stands for each. */
    private static final Map<String, String> ORDERS = Map.of(
            "name", "p.name collate nocase",
            "months", "p.months",
            "firstSeen", "p.first_seen",
            "lastSeen", "p.last_seen",
            "lines", "p.lines",
            "evenings", "p.evenings",
            "minutes", "p.here_ms",
            "gave", "p.gave",
            "points", "b.points");

    /** By what a list can be sorted. */
    public static final List<String> SORTS = ORDERS.keySet().stream().sorted().toList();

    private PeopleSql() {}

    /** The text of the list. */
    public static String list(PeopleFilter filter) {
        if (filter.sort().equals("points")) {
            String way = filter.down() ? " desc" : " asc";
            return KEPT + RICHEST + " where " + filter.where() + " order by b.points" + way + ", b.person" + way
                    + " limit #{most} offset #{from}";
        }
        return EVERYONE + " where " + filter.where() + " order by " + ORDERS.getOrDefault(filter.sort(), "p.last_seen")
                + (filter.down() ? " desc" : " asc") + " nulls last, p.id limit #{most} offset #{from}";
    }

    /** The text of the count. */
    public static String count(PeopleFilter filter) {
        if (filter.where().equals(PeopleWhere.STANDS_ALONE)) {
            // Whoever counts all need not look at any.
            return "select (select count(*) from person)"
                    + " - (select count(*) from person where id in (select id from fact where kind = 'joined'))";
        }
        return "select count(*)" + FROM + " where " + filter.where();
    }
}
