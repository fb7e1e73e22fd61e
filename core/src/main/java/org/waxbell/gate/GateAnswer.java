package org.waxbell.gate;

import java.util.Map;

/**
 * What one gate said.
 *
 * @param gate    kind of gate, as the wiring names it
 * @param passed  whether the ring may go on
 * @param reason  what it said, in words that follow the name of the cue: {@code resting, 9 s to go}
 * @param numbers the numbers behind the words, such as {@code toGoMs}
 */
public record GateAnswer(String gate, boolean passed, String reason, Map<String, Long> numbers) {
    static GateAnswer pass(String gate, String reason) {
        return new GateAnswer(gate, true, reason, Map.of());
    }

    static GateAnswer held(String gate, String reason, Map<String, Long> numbers) {
        return new GateAnswer(gate, false, reason, numbers);
    }
}
