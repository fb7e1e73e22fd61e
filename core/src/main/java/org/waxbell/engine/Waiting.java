package org.waxbell.engine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.waxbell.booking.Bookings;
import org.waxbell.booking.Place;
import org.waxbell.booking.Want;

/** Finds room for rings: those that have not started are placed anew, the most urgent first, then as they came. */
final class Waiting {
    private static final Comparator<Ring> ORDER = Comparator.comparing(Ring::urgency)
            .reversed()
            .thenComparingLong(Ring::arrived)
            .thenComparingLong(Ring::number);
    private final Agenda agenda;
    private final Bookings bookings;
    private final Wired wired;
    private boolean dirty;

    Waiting(Agenda agenda, Wired wired) {
        this.agenda = agenda;
        this.wired = wired;
        this.bookings = new Bookings(place -> wired.book().rule(place));
    }

    /** Books a ring of a state that is taken up again, where it stood. */
    void book(Ring ring) {
        bookings.book(ring.number(), rank(ring), ring.start(), ring.wants());
    }

    void release(Ring ring) {
        bookings.release(ring.number());
    }

    /** Whether places were freed or taken otherwise than planned, so that rings which wait should be placed anew. */
    boolean isDirty() {
        return dirty;
    }

    /** How long parts of a ring that plays wait until all of them fit, or {@link Runner#NO_ROOM} where that is longer than they may. */
    long room(Ring ring, List<PartRun> parts) {
        List<Want> wants = parts.stream()
                .filter(run -> run.part().place().isPresent())
                .map(run -> new Want(run.part().place().get(), run.fromMs(), run.toMs()))
                .toList();
        if (wants.isEmpty()) {
            return 0;
        }
        dirty = true;
        bookings.forgetFronts();
        waiting().forEach(other -> bookings.release(other.number()));
        bookings.release(ring.number());
        bookings.book(
                ring.number(),
                rank(ring),
                ring.start(),
                ring.withParts(run -> parts.contains(run) ? run.become(PartState.CUT, "") : run)
                        .wants());
        boolean gone = wants.stream()
                .anyMatch(want ->
                        wired.book().rule(want.place()).givesWay() && !bookings.free(ring.start(), rank(ring), want));
        long wait = bookings.earliest(ring.start(), rank(ring), wants) - ring.start();
        long longest = wants.stream()
                .mapToLong(want -> wired.book().rule(want.place()).longestWaitMs())
                .min()
                .orElse(0);
        return gone || wait > longest ? Runner.NO_ROOM : wait;
    }

    private static int rank(Ring ring) {
        return ring.urgency().ordinal();
    }

    /** Places all that wait anew at {@code now}; {@code moved} is told of each ring whose start has changed. */
    void placeAll(long now, Consumer<Ring> moved) {
        dirty = false;
        List<Ring> waiting = waiting();
        bookings.forgetFronts();
        waiting.forEach(ring -> bookings.release(ring.number()));
        for (Ring ring : waiting) {
            long start = bookings.earliest(now + headStart(ring), rank(ring), ring.wants());
            bookings.bookWaiting(ring.number(), rank(ring), start, ring.wants());
            if (start != ring.start()) {
                moved.accept(ring.startingAt(start));
            }
        }
    }

    /** The first place that the ring wants at once, that is taken, and that gives way to nobody. */
    Optional<Place> refusedBy(Ring ring) {
        // Fronts are those of the last placing; what waited then may be over by now.
        bookings.forgetFronts();
        return ring.wants().stream()
                .filter(want -> wired.book().rule(want.place()).givesWay())
                .filter(want -> !bookings.free(ring.start(), rank(ring), want))
                .map(Want::place)
                .findFirst();
    }

    /** Whether a newcomer at {@code place} ends what stands there. */
    boolean takesOver(Place place) {
        return wired.book().rule(place).takesOver();
    }

    /** A part of {@code ring} ends at {@code moment} already, and frees its place. */
    void trim(Ring ring, PartRun run, long moment) {
        dirty = true;
        run.part().place().ifPresent(place -> bookings.trim(ring.number(), place, ring.momentOf(run), moment));
    }

    /** How many rings already wait for a place that this one wants, and the place with the most of them. */
    Optional<Crowd> crowd(Ring ring) {
        Crowd worst = null;
        for (Want want : ring.wants()) {
            int count = 0;
            for (Ring other : agenda.all()) {
                if (other.state() == RingState.WAITING
                        && other.number() != ring.number()
                        && wants(other, want.place())) {
                    count++;
                }
            }
            if (count >= wired.book().rule(want.place()).mostWaiting() && (worst == null || count > worst.count())) {
                worst = new Crowd(want.place(), count);
            }
        }
        return Optional.ofNullable(worst);
    }

    /** A place for which as many wait as it allows. */
    record Crowd(Place place, int count) {}

    private List<Ring> waiting() {
        List<Ring> waiting = new ArrayList<>();
        agenda.all().forEach(ring -> {
            if (ring.state() == RingState.WAITING) {
                waiting.add(ring);
            }
        });
        waiting.sort(ORDER);
        return waiting;
    }

    private static boolean wants(Ring ring, Place place) {
        return ring.wants().stream().anyMatch(want -> want.place().equals(place));
    }

    /** The room that a ring needs between now and its start so that its first part can be told ahead. */
    private static long headStart(Ring ring) {
        return ring.start() - ring.firstTold();
    }
}
