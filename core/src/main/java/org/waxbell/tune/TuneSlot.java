package org.waxbell.tune;

import java.util.Comparator;

/** Where a request stands. @param order lower comes first @param number tells two of the same order apart */
public record TuneSlot(long order, long number) implements Comparable<TuneSlot> {
    private static final Comparator<TuneSlot> ORDER =
            Comparator.comparingLong(TuneSlot::order).thenComparingLong(TuneSlot::number);

    @Override
    public int compareTo(TuneSlot other) {
        return ORDER.compare(this, other);
    }
}
