package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.words.WordKey;

/**
 * People whom the host names together, by hand and, if wished, by what they did tonight.
 *
 * @param people names, however their capitals are
 * @param by     by what others belong to it too
 * @param first  how many of those, from the greatest on; not looked at where it is by hand alone or by a rule
 * @param rule   a condition over people, see {@link PeopleRule}; empty text where it is by none
 */
public record Circle(String id, String name, List<String> people, By by, int first, String rule) {
    private static final int MOST_FIRST = 100;

    /** By what people belong to a circle without being named. */
    public enum By {
        /** By nothing: who is named, and nobody else. */
        HAND(false),
        /** Who gave most tonight: worth of gifts, and hundredths of tips. */
        GAVE(false),
        /** Who gave most this month. */
        GAVE_MONTH(true),
        /** Who gave most since they are known. */
        GAVE_EVER(true),
        /** Who wrote most lines tonight. */
        WROTE(false),
        /** Who wrote most lines since they are known. */
        WROTE_EVER(true),
        /** Who is known longest. */
        LONGEST(true),
        /** Everyone of whom a condition holds. */
        RULE(true);

        private final boolean kept;

        By(boolean kept) {
            this.kept = kept;
        }

        /** Whether it goes by what is kept of people, not by what they did tonight. */
        public boolean isKept() {
            return kept;
        }
    }

    public Circle {
        people = List.copyOf(people);
    }

    /** One that is named by hand alone. */
    public static Circle named(String id, String name, List<String> people) {
        return new Circle(id, name, people, By.HAND, 3, "");
    }

    /** The same with nobody named in it. */
    public Circle withoutPeople() {
        return new Circle(id, name, List.of(), by, first, rule);
    }

    /** Whether somebody of that name is named in it. */
    public boolean names(String viewer) {
        String key = WordKey.of(viewer);
        return people.stream().anyMatch(each -> WordKey.of(each).equals(key));
    }

    /** The same with somebody named in it, or not. */
    public Circle with(String viewer, boolean in) {
        String key = WordKey.of(viewer);
        List<String> all = new ArrayList<>(people);
        all.removeIf(each -> WordKey.of(each).equals(key));
        if (in) {
            all.add(viewer);
        }
        return new Circle(id, name, all, by, first, rule);
    }

    void check(Problems here) {
        here.at("name").text(name, 40, "The name");
        if (by == By.RULE) {
            PeopleRule.check(here.at("rule"), rule);
        } else if (by != By.HAND) {
            here.at("first").within(first, 1, MOST_FIRST, "How many belong to it", "");
        }
    }
}
