package org.waxbell.wiring;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Place;

/** Every spot, outlet and fixture of every stage with its rule and name, by its place. */
public final class Places {
    /** What holds for a place that is no more: a ring that began with it goes on by itself. */
    private static final BusyRule GONE = new BusyRule.Share(Integer.MAX_VALUE);

    private final Map<Place, BusyRule> rules = new HashMap<>();
    private final Map<Place, Outlet> outlets = new HashMap<>();
    private final Map<Place, String> names = new HashMap<>();

    /** The places of {@code wiring}. */
    public Places(Wiring wiring) {
        wiring.stages().forEach(stage -> {
            stage.spots().forEach(spot -> add(new Place(stage.id(), spot.id()), spot.name(), spot.busy()));
            stage.fixtures().forEach(each -> add(new Place(stage.id(), each.id()), each.name(), each.busy()));
            stage.outlets().forEach(outlet -> {
                add(new Place(stage.id(), outlet.id()), outlet.name(), outlet.busy());
                outlets.put(new Place(stage.id(), outlet.id()), outlet);
            });
        });
    }

    private void add(Place place, String name, BusyRule rule) {
        rules.put(place, rule);
        names.put(place, name);
    }

    /** How a sentence names {@code place}. */
    public String name(Place place) {
        return names.getOrDefault(place, place.toString());
    }

    /** The outlet of that name, empty where it is a spot or no more. */
    public Optional<Outlet> outlet(Place place) {
        return Optional.ofNullable(outlets.get(place));
    }

    /** The rule of {@code place}. */
    public BusyRule rule(Place place) {
        return rules.getOrDefault(place, GONE);
    }
}
