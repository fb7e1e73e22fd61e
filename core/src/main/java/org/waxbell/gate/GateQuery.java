package org.waxbell.gate;

import java.util.Optional;
import org.waxbell.event.Viewer;

/**
 * What a gate may look at.
 *
 * @param at     the stamp of the event, milliseconds since 1970 UTC
 * @param viewer who pulled; empty where nobody did
 * @param cueId  the cue that is asked
 * @param lets   when the cue was let through before
 */
public record GateQuery(long at, Optional<Viewer> viewer, String cueId, LetBook lets) {
}
