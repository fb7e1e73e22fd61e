package org.waxbell.booking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * Who stands where and when, and the earliest start at which a whole score fits.
 *
 * <p>Candidates are the present moment and the ends of what is booked: an earliest start that is neither could be moved
 * earlier still. Rings that only wait are placed one after another behind a front on each place, so none overtakes.
 */
public final class Bookings {
    private final Function<Place, BusyRule> rules;
    private final Map<Place, List<Taken>> taken = new HashMap<>();
    private final Map<Place, Long> fronts = new HashMap<>();

    private record Taken(long ring, int rank, long from, long to) {}

    /** Nothing booked yet; {@code rules} gives each place's rule. */
    public Bookings(Function<Place, BusyRule> rules) {
        this.rules = rules;
    }

    /** Books the wants of a ring that starts at {@code start}; {@code rank} is its urgency, higher before lower. */
    public void book(long ring, int rank, long start, List<Want> wants) {
        for (Want want : wants) {
            taken.computeIfAbsent(want.place(), place -> new ArrayList<>())
                    .add(new Taken(ring, rank, start + want.fromMs(), start + want.toMs()));
        }
    }

    /** Like {@link #book}, for a ring that has not started: those placed later stay behind it. */
    public void bookWaiting(long ring, int rank, long start, List<Want> wants) {
        book(ring, rank, start, wants);
        for (Want want : wants) {
            fronts.merge(want.place(), start + want.fromMs(), Math::max);
        }
    }

    /** Forgets what {@code ring} had booked. */
    public void release(long ring) {
        taken.values().forEach(list -> list.removeIf(each -> each.ring() == ring));
        taken.values().removeIf(List::isEmpty);
    }

    /** What {@code ring} has booked of {@code place} from {@code from} on ends at {@code moment}; nothing is left of what had not begun. */
    public void trim(long ring, Place place, long from, long moment) {
        List<Taken> there = taken.getOrDefault(place, new ArrayList<>());
        there.removeIf(each -> each.ring() == ring && each.from() == from && moment <= from);
        there.replaceAll(each -> each.ring() == ring && each.from() == from && moment < each.to()
                ? new Taken(ring, each.rank(), from, moment)
                : each);
    }

    /** Whether {@code want} of a ring of that rank fits where the ring starts at {@code start}. */
    public boolean free(long start, int rank, Want want) {
        return fits(want.place(), rank, start + want.fromMs(), start + want.toMs());
    }

    /** Forgets the fronts, before rings that wait are placed anew. */
    public void forgetFronts() {
        fronts.clear();
    }

    /** The earliest start, not before {@code notBefore}, at which every want fits. */
    public long earliest(long notBefore, int rank, List<Want> wants) {
        if (allFree(notBefore, rank, wants)) {
            return notBefore;
        }
        NavigableSet<Long> candidates = new TreeSet<>();
        for (Want want : wants) {
            candidates.add(fronts.getOrDefault(want.place(), Long.MIN_VALUE) - want.fromMs());
            for (Taken each : taken.getOrDefault(want.place(), List.of())) {
                candidates.add(each.to() - want.fromMs());
            }
        }
        for (long start : candidates.tailSet(notBefore, false)) {
            if (allFree(start, rank, wants)) {
                return start;
            }
        }
        throw new IllegalStateException("no start fits, though the last end must");
    }

    private boolean allFree(long start, int rank, List<Want> wants) {
        for (Want want : wants) {
            if (!free(start, rank, want)) {
                return false;
            }
        }
        return true;
    }

    private boolean fits(Place place, int rank, long from, long to) {
        if (from < fronts.getOrDefault(place, Long.MIN_VALUE)) {
            return false;
        }
        List<Taken> all = taken.get(place);
        if (all == null) {
            return true;
        }
        List<Taken> there = new ArrayList<>(all.size());
        for (Taken each : all) {
            if (each.from() < to && from < each.to() && !yields(place, each, rank)) {
                there.add(each);
            }
        }
        if (there.size() < rules.apply(place).together()) {
            return true;
        }
        return crowdAt(from, there) < rules.apply(place).together()
                && there.stream()
                        .filter(each -> each.from() > from)
                        .allMatch(each ->
                                crowdAt(each.from(), there) < rules.apply(place).together());
    }

    /** Whether what stands there would be ended by a newcomer of that rank. */
    private boolean yields(Place place, Taken there, int rank) {
        return rules.apply(place).takesOver() && there.rank() <= rank;
    }

    private static long crowdAt(long moment, List<Taken> there) {
        return there.stream()
                .filter(each -> each.from() <= moment && moment < each.to())
                .count();
    }
}
