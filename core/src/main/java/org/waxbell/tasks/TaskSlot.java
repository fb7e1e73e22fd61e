package org.waxbell.tasks;

import java.util.Comparator;

/** Where a task stands. @param order lower comes first within its list @param number tells two of the same order apart */
public record TaskSlot(String list, long order, int number) implements Comparable<TaskSlot> {
    private static final Comparator<TaskSlot> ORDER = Comparator.comparing(TaskSlot::list)
            .thenComparingLong(TaskSlot::order)
            .thenComparingInt(TaskSlot::number);

    @Override
    public int compareTo(TaskSlot other) {
        return ORDER.compare(this, other);
    }
}
