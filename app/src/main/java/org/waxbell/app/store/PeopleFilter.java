package org.waxbell.app.store;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.condition.ConditionTree;

/**
 * Which people are listed, and in which order.
 *
 * @param where  of whom, as text of the store
 * @param values what it is asked with, in the order of their numbers
 * @param sort   one of {@link PeopleSql#SORTS}
 * @param down   whether the greatest comes first
 * @param from   how many are passed over
 * @param most   how many are listed
 */
public record PeopleFilter(String where, List<Object> values, String sort, boolean down, long from, int most) {
    public PeopleFilter {
        values = List.copyOf(values);
    }

    /** Those with a name in which that stands and of whom a condition holds. @param name empty text for any @param tree null for everyone @param month the running one, such as 202611 */
    public static PeopleFilter of(
            String name, @Nullable ConditionTree tree, int month, String sort, boolean down, long from, int most) {
        PeopleWhere where = new PeopleWhere(month);
        return new PeopleFilter(where.of(name, tree), where.values(), sort, down, from, most);
    }
}
