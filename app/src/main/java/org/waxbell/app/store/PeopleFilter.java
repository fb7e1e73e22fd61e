package org.waxbell.app.store;

import java.util.List;

/**
 * Which people are listed, and in which order.
 *
 * @param name  part of a name, empty text for any
 * @param rules all of which hold
 * @param sort  one of {@link PeopleSql#SORTS}
 * @param down  whether the greatest comes first
 * @param from  how many are passed over
 * @param most  how many are listed
 */
public record PeopleFilter(String name, List<PeopleRule> rules, String sort, boolean down, long from, int most) {
    /**
     * One rule.
     *
     * @param field one of {@link PeopleSql#FIELDS}
     * @param compare {@code atLeast}, {@code atMost}, {@code is} or {@code isNot}
     * @param value   a whole number, a standing, or text
     */
    public record PeopleRule(String field, String compare, String value) {}

    public PeopleFilter {
        rules = List.copyOf(rules);
    }
}
