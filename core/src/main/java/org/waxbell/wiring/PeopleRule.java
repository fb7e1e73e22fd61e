package org.waxbell.wiring;

import java.util.LinkedHashMap;
import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Condition;
import org.waxbell.condition.ConditionTree;
import org.waxbell.condition.Scope;

/**
 * Which people are meant, by what is kept of them.
 *
 * @param name      as the host calls it
 * @param condition in CEL, over {@link #SCOPE}: comparisons with what is written there, joined by and, or and not
 */
public record PeopleRule(String name, String condition) {
    /** What is kept of people, by its name in conditions: what it is called. */
    public static final Map<String, String> TITLES = titles();

    /** The same with types. */
    public static final Scope SCOPE = new Scope(types());

    private static Map<String, String> titles() {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("points", "points");
        all.put("lines", "lines");
        all.put("evenings", "evenings here");
        all.put("minutesHere", "minutes here, about");
        all.put("months", "months of membership");
        all.put("gave", "gave in all");
        all.put("gaveMonth", "gave this month");
        all.put("daysKnown", "days known");
        all.put("daysAway", "days since last here");
        all.put("standing", "standing");
        all.put("name", "name");
        all.put("note", "your note");
        return all;
    }

    private static Map<String, Scope.Type> types() {
        Map<String, Scope.Type> all = new LinkedHashMap<>();
        TITLES.keySet().forEach(each -> all.put(each, Scope.Type.NUMBER));
        all.put("standing", Scope.Type.TEXTS);
        all.put("name", Scope.Type.TEXT);
        all.put("note", Scope.Type.TEXT);
        return all;
    }

    void check(Problems here) {
        here.at("name").text(name, 40, "The name");
        check(here.at("condition"), condition);
    }

    /** Adds what is wrong with a condition over people. */
    public static void check(Problems here, String condition) {
        Condition.check(here, condition, SCOPE);
        if (!condition.isBlank()
                && Condition.faultsOf(condition, SCOPE).isEmpty()
                && ConditionTree.of(condition, SCOPE).isEmpty()) {
            here.add(
                    condition,
                    "People are found by comparisons of one name with one value.",
                    "Write it so, such as lines >= 100 && 'member' in standing.");
        }
    }
}
