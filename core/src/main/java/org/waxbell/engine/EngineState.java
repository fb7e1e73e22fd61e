package org.waxbell.engine;

import java.util.List;
import java.util.Map;
import org.waxbell.gate.Let;

/**
 * All that the engine remembers, as one value that can be saved and restored.
 *
 * @param seed         from which every draw is made
 * @param nextDecision number of the next decision
 * @param nextRing     number of the next ring
 * @param rings        rings that wait or play, by number
 * @param lets         what was let through and still counts
 * @param drawn        what chance fell on last, by purpose
 * @param books        the evening, points, slate, first lines, targets, schedules
 */
public record EngineState(
        long seed,
        long nextDecision,
        long nextRing,
        List<Ring> rings,
        List<Let> lets,
        Map<String, String> drawn,
        Books books) {
    /** The state of an engine that has seen nothing yet. */
    public static EngineState fresh(long seed) {
        return new EngineState(seed, 1, 1, List.of(), List.of(), Map.of(), Books.EMPTY);
    }
}
