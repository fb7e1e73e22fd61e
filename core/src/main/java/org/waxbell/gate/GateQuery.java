package org.waxbell.gate;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.waxbell.condition.Scope;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;

/**
 * What a gate may look at.
 *
 * @param at     the stamp of the event, milliseconds since 1970 UTC
 * @param event  what pulled
 * @param cueId  the cue that is asked
 * @param lets   when the cue was let through before
 * @param roll   what chance gave this cue for this event, 0 to 99
 * @param facts  the evening
 * @param outdid the name of a more exact cue that rang on this event, empty text for none
 */
public record GateQuery(
        long at, ShowEvent event, String cueId, LetBook lets, int roll, Surroundings facts, String outdid) {
    /** Who pulled; empty where nobody did. */
    public Optional<Viewer> viewer() {
        return event.by();
    }

    /** What a condition may look at, by the names of {@link Scope}. */
    public Map<String, Object> values() {
        Map<String, Object> values = new HashMap<>(Scope.ofEvent(event));
        values.put("show.open", facts.showOpen());
        values.put("show.air", facts.onAir());
        values.put("mixer.scene", facts.scene());
        values.put("points.balance", facts.canSpend(person()));
        facts.slate(person()).forEach((name, value) -> values.put("slate." + name, value));
        facts.desks(person()).forEach((name, value) -> values.put(Scope.path(name), value));
        return values;
    }

    /** The identity of who pulled, empty text for nobody. */
    public String person() {
        return event.by().map(Viewer::id).orElse("");
    }
}
