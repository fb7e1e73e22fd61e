package org.waxbell.turns;

import java.util.Comparator;

/** Where an entry stands: a lower sort comes first, within it a lower order. @param sort by priority, from 0 @param order counted on for each that joins @param person so that no two are the same */
record Slot(int sort, long order, String person) implements Comparable<Slot> {
    private static final Comparator<Slot> ORDER =
            Comparator.comparingInt(Slot::sort).thenComparingLong(Slot::order).thenComparing(Slot::person);

    @Override
    public int compareTo(Slot other) {
        return ORDER.compare(this, other);
    }
}
