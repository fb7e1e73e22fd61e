package org.waxbell.wiring;

import java.util.HashMap;
import java.util.Map;
import org.waxbell.booking.BusyRule;

/** Every spot and outlet of every stage with its rule and name, by {@code stage/spot}. */
public final class Places {
    /** What holds for a place that is no more: a ring that began with it goes on by itself. */
    private static final BusyRule GONE = new BusyRule.Share(Integer.MAX_VALUE);
    private final Map<String, BusyRule> rules = new HashMap<>();
    private final Map<String, String> names = new HashMap<>();

    /** The places of {@code wiring}. */
    public Places(Wiring wiring) {
        wiring.stages().forEach(stage -> {
            stage.spots().forEach(spot -> add(stage.id() + "/" + spot.id(), spot.name(), spot.busy()));
            stage.outlets().forEach(outlet -> add(stage.id() + "/" + outlet.id(), outlet.name(), outlet.busy()));
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

    /** The rule of {@code place}. */
    public BusyRule rule(String place) {
        return rules.getOrDefault(place, GONE);
    }
}
