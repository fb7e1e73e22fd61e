package org.waxbell.wiring;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;

/** Every spot, outlet and fixture of every stage with its rule and name, by {@code stage/spot}. */
public final class Places {
    /** What holds for a place that is no more: a ring that began with it goes on by itself. */
    private static final BusyRule GONE = new BusyRule.Share(Integer.MAX_VALUE);

    private final Map<String, BusyRule> rules = new HashMap<>();
    private final Map<String, Outlet> outlets = new HashMap<>();
    private final Map<String, String> names = new HashMap<>();

    /** The places of {@code wiring}. */
    public Places(Wiring wiring) {
        wiring.stages().forEach(stage -> {
            stage.spots().forEach(spot -> add(stage.id() + "/" + spot.id(), spot.name(), spot.busy()));
            stage.fixtures().forEach(each -> add(stage.id() + "/" + each.id(), each.name(), each.busy()));
            stage.outlets().forEach(outlet -> {
                add(stage.id() + "/" + outlet.id(), outlet.name(), outlet.busy());
                outlets.put(stage.id() + "/" + outlet.id(), outlet);
            });
        });
    }

    private void add(String place, String name, BusyRule rule) {
        rules.put(place, rule);
        names.put(place, name);
    }

    /** How a sentence names {@code place}. */
    public String name(String place) {
        return names.getOrDefault(place, place);
    }

    /** The outlet of that name, empty where it is a spot or no more. */
    public Optional<Outlet> outlet(String place) {
        return Optional.ofNullable(outlets.get(place));
    }

    /** The rule of {@code place}. */
    public BusyRule rule(String place) {
        return rules.getOrDefault(place, GONE);
    }
}
