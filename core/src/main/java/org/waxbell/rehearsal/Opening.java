package org.waxbell.rehearsal;

import org.waxbell.engine.EngineState;
import org.waxbell.wiring.WiringDocument;

/** How things stood when the recording of an evening began. @param at milliseconds since 1970 UTC */
public record Opening(long at, EngineState state, WiringDocument wiring) {}
