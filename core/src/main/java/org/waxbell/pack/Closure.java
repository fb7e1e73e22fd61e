package org.waxbell.pack;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.waxbell.booking.Place;
import org.waxbell.fixture.Fixture;
import org.waxbell.wiring.Wiring;

/** What is chosen of a wiring, with what hangs on it, and on that. */
final class Closure {
    private final Wiring wiring;
    private final Set<PackItem> chosen;
    private final Hanging.Names names;
    private final Set<PackItem> items = new TreeSet<>();
    private final Set<Place> places = new TreeSet<>();
    private final Deque<PackItem> open = new ArrayDeque<>();

    private Closure(Wiring wiring, Set<PackItem> chosen) {
        this.wiring = wiring;
        this.chosen = chosen;
        this.names = Hanging.Names.of(wiring);
    }

    /** That of these; a rack brings its cues, and what is not there is passed over. */
    static Closure of(Wiring wiring, Set<PackItem> chosen) {
        Closure closure = new Closure(wiring, chosen);
        closure.open.addAll(chosen);
        wiring.cues().stream()
                .filter(each -> chosen.contains(new PackItem(PackItem.Sort.RACK, each.rack())))
                .forEach(each -> closure.open.add(new PackItem(PackItem.Sort.CUE, each.id())));
        while (!closure.open.isEmpty()) {
            closure.take(closure.open.remove());
        }
        return closure;
    }

    private void take(PackItem item) {
        Optional<Object> thing = Packing.thing(wiring, item);
        if (thing.isPresent() && items.add(item)) {
            boolean stage = item.sort() == PackItem.Sort.STAGE;
            // Of a stage that only comes along what is used is looked at, place by place.
            if (!stage || chosen.contains(item)) {
                hangs(Hanging.of(thing.get(), names, stage ? item.id() : ""));
            }
        }
    }

    private void hangs(Hanging on) {
        open.addAll(on.items());
        for (Place place : on.places()) {
            if (places.add(place)) {
                fixture(place).ifPresent(each -> hangs(Hanging.of(each, names, place.stage())));
            }
        }
    }

    private Optional<Fixture> fixture(Place place) {
        return wiring.stage(place.stage()).stream()
                .flatMap(stage -> stage.fixtures().stream())
                .filter(each -> each.id().equals(place.spot()))
                .findFirst();
    }

    /** All of it. */
    Set<PackItem> items() {
        return items;
    }

    /** The ids of what is used of a stage. */
    Set<String> used(String stage) {
        return places.stream()
                .filter(each -> each.stage().equals(stage))
                .map(Place::spot)
                .collect(Collectors.toSet());
    }
}
