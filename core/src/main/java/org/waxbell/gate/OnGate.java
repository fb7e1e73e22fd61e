package org.waxbell.gate;

import java.util.Map;

/** Holds where the cue, or the rack it lies in, is switched off. Every cue has it. @param rackName for the answer */
public record OnGate(boolean cueOn, boolean rackOn, String rackName) implements Gate {
    @Override
    public String kind() {
        return "on";
    }

    @Override
    public int order() {
        return 0;
    }

    @Override
    public GateAnswer ask(GateQuery query) {
        if (!rackOn) {
            return GateAnswer.held("on", "its rack " + rackName + " is off", Map.of());
        }
        return cueOn ? GateAnswer.pass("on", "on") : GateAnswer.held("on", "switched off", Map.of());
    }
}
