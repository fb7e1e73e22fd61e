package org.waxbell.tune;

import java.util.Optional;
import java.util.Set;
import org.waxbell.catalogue.Tune;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;

/**
 * A tune that was asked for and waits.
 *
 * @param number by which people name it
 * @param order  where it stands: lower comes first
 * @param person who asked, by identity; empty text for the host
 * @param name   the same as they are called
 * @param at     when it was asked for, milliseconds since 1970 UTC
 * @param price  what it cost, in points: given back where it is not played
 */
public record Request(long number, long order, Tune tune, String person, String name, long at, long price) {
    TuneSlot slot() {
        return new TuneSlot(order, number);
    }

    Request ordered(long other) {
        return new Request(number, other, tune, person, name, at, price);
    }

    Request free() {
        return new Request(number, order, tune, person, name, at, 0);
    }

    /** Who asked, as events name one. */
    Viewer viewer() {
        return new Viewer(person, name, Set.of(Standing.ANYONE), 0);
    }

    /** Who asked, as events name one; empty where that was no viewer. @param person identity, empty text for the host */
    static Optional<Viewer> viewer(String person, String name) {
        return person.isEmpty() ? Optional.empty() : Optional.of(new Viewer(person, name, Set.of(Standing.ANYONE), 0));
    }
}
