package org.waxbell.gate;

import java.util.Optional;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;

/**
 * What a gate may look at.
 *
 * @param at    the stamp of the event, milliseconds since 1970 UTC
 * @param event what pulled
 * @param cueId the cue that is asked
 * @param lets  when the cue was let through before
 * @param roll  what chance gave this cue for this event, 0 to 99
 */
public record GateQuery(long at, ShowEvent event, String cueId, LetBook lets, int roll) {
    /** Who pulled; empty where nobody did. */
    public Optional<Viewer> viewer() {
        return event.by();
    }
}
