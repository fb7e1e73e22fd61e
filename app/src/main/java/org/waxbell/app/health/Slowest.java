package org.waxbell.app.health;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;

/** What took longest since the start. Safe for several threads. */
final class Slowest {
    private static final int KEPT = 10;
    private final List<SlowStep> all = new ArrayList<>();
    private volatile long least;

    /** Something that took long. @param at when, milliseconds since 1970 UTC @param ms how long it took @param what it was */
    public record SlowStep(long at, double ms, String what) {}

    /** Something took so long. @param what asked for where it is one of them */
    void note(long at, long nanos, Supplier<String> what) {
        if (nanos > least) {
            put(new SlowStep(at, nanos / 1e6, what.get()));
        }
    }

    private synchronized void put(SlowStep slow) {
        all.add(slow);
        all.sort(Comparator.comparingDouble(SlowStep::ms).reversed());
        if (all.size() > KEPT) {
            all.remove(KEPT);
        }
        least = all.size() < KEPT ? 0 : Math.round(all.get(KEPT - 1).ms() * 1e6);
    }

    /** The slowest first. */
    synchronized List<SlowStep> all() {
        return List.copyOf(all);
    }
}
