package org.waxbell.app.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.waxbell.condition.ConditionRows.Row;
import org.waxbell.condition.ConditionTree;
import org.waxbell.condition.Scope;

/** A condition over people as the store asks it. Only names of this class get into its text; values are bound. */
final class PeopleWhere {
    private static final String DAY = "86400000";
    /** What stands for each name of {@link org.waxbell.wiring.PeopleRule#SCOPE}. Days are those since then. */
    private static final Map<String, String> COLUMNS = Map.of(
            "name", "p.name",
            "note", "coalesce(f.note, '')",
            "months", "p.months",
            "lines", "p.lines",
            "evenings", "p.evenings",
            "minutesHere", "(p.here_ms / 60000)",
            "points", "coalesce(b.points, 0)",
            "gave", "p.gave",
            "daysKnown", "((unixepoch() * 1000 - p.first_seen) / " + DAY + ")",
            "daysAway", "((unixepoch() * 1000 - p.last_seen) / " + DAY + ")");

    /** That an account is not one of somebody who is known by another. */
    static final String STANDS_ALONE = "p.id not in (select id from fact where kind = 'joined')";

    private final int month;
    private final List<Object> values = new ArrayList<>();

    PeopleWhere(int month) {
        this.month = month;
    }

    List<Object> values() {
        return values;
    }

    /** The text behind {@code where}; whoever is another one's account is not listed beside them. */
    String of(String name, @Nullable ConditionTree tree) {
        List<String> all = new ArrayList<>();
        all.add(STANDS_ALONE);
        if (!name.isEmpty()) {
            all.add("instr(lower(p.name), lower(" + bound(name) + ")) > 0");
        }
        if (tree != null) {
            all.add(of(tree));
        }
        return String.join(" and ", all);
    }

    private String bound(Object value) {
        values.add(value);
        return "#{values[" + (values.size() - 1) + "]}";
    }

    private String of(ConditionTree tree) {
        if (tree instanceof ConditionTree.Joined joined) {
            List<String> all = joined.parts().stream().map(this::of).toList();
            return "(" + String.join(joined.any() ? " or " : " and ", all) + ")";
        }
        if (tree instanceof ConditionTree.Not not) {
            // What is not known of somebody is neither so nor otherwise.
            return "not coalesce(" + of(not.part()) + ", 0)";
        }
        ConditionTree.One one = (ConditionTree.One) tree;
        return one.type() == Scope.Type.TEXTS ? standing(one.row()) : compared(one.row(), one.type());
    }

    private String standing(Row row) {
        String has =
                "instr(',' || p.standings || ',', ',' || " + bound(row.value().toUpperCase(Locale.ROOT)) + " || ',') ";
        return "(" + has + (row.compare().equals("hasNot") ? "= 0)" : "> 0)");
    }

    private String compared(Row row, Scope.Type type) {
        String what = column(row.name());
        Object value = type == Scope.Type.NUMBER ? (Object) Long.parseLong(row.value()) : row.value();
        return switch (row.compare()) {
            case "contains" -> "(instr(lower(" + what + "), lower(" + bound(row.value()) + ")) > 0)";
            case "startsWith" -> "(instr(lower(" + what + "), lower(" + bound(row.value()) + ")) = 1)";
            case "==" -> "(" + what + " = " + bound(value) + ")";
            case "!=" -> "(" + what + " <> " + bound(value) + ")";
            case ">=" -> "(" + what + " >= " + bound(value) + ")";
            case "<=" -> "(" + what + " <= " + bound(value) + ")";
            case ">" -> "(" + what + " > " + bound(value) + ")";
            default -> "(" + what + " < " + bound(value) + ")";
        };
    }

    private String column(String name) {
        return name.equals("gaveMonth") ? gaveMonth(month) : COLUMNS.getOrDefault(name, "null");
    }

    /** What somebody gave in the running month. */
    static String gaveMonth(int month) {
        return "(p.gave_month * (p.month = " + month + "))";
    }
}
