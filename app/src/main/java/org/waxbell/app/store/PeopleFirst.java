package org.waxbell.app.store;

import org.apache.ibatis.annotations.Param;
import org.waxbell.wiring.Circle.By;

/** Who is first of all by what is kept of them. */
public final class PeopleFirst {
    private PeopleFirst() {}

    /** The text of that question: of equal ones who is known longest comes first. */
    public static String first(@Param("by") By by, @Param("month") int month) {
        String sum = switch (by) {
            case GAVE_EVER -> "p.gave";
            case GAVE_MONTH -> PeopleWhere.gaveMonth(month);
            case WROTE_EVER -> "p.lines";
            case LONGEST -> "p.first_seen";
            default -> throw new IllegalArgumentException(by + " is not kept of people");
        };
        return "select p.id, p.name, " + sum + " as sum from person p where " + PeopleWhere.STANDS_ALONE + " and " + sum
                + " > 0 order by " + sum + (by == By.LONGEST ? " asc" : " desc") + ", p.first_seen, p.id limit #{most}";
    }
}
