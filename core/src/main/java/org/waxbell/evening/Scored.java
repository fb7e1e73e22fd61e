package org.waxbell.evening;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.waxbell.wiring.Circle.By;

/**
 * How much somebody did tonight.
 *
 * @param by     of what
 * @param person identity
 * @param sum    of it
 * @param at     when it came to that sum, milliseconds since 1970 UTC
 */
public record Scored(By by, String person, String name, long sum, long at) {
    private static final Comparator<Scored> ORDER =
            Comparator.comparingLong(Scored::sum).reversed().thenComparingLong(Scored::at);

    /** By what it is remembered. */
    public String key() {
        return by + "/" + person;
    }

    /** The first of those, from the greatest sum on; of equal ones who came to it first. */
    public static List<Scored> first(Collection<Scored> all, int count) {
        return all.stream().sorted(ORDER).limit(count).toList();
    }
}
