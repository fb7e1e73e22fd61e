package org.waxbell.gate;

import java.util.Map;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Holds where the cue, or the rack it lies in, is switched off. Every cue has it. @param rackOn as the wiring has it @param rackName for the answer @param danger what anyone may do by it although the host has not said so, empty text for nothing */
public record OnGate(boolean cueOn, String rack, boolean rackOn, String rackName, String danger) implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND =
            Kind.<Gate>of(OnGate.class, "on", "it is switched on", "Switch").saying("switched off");

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("it is on");
    }

    @Override
    public int order() {
        return 0;
    }

    @Override
    public boolean standing() {
        return true;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        if (!query.facts().rackOn(rack, rackOn)) {
            return GateAnswer.held("rack", "its rack " + rackName + " is off", Map.of());
        }
        if (cueOn && !danger.isEmpty()) {
            return GateAnswer.held(
                    "allTheSame", "anyone may " + danger + " by it, and you have not said “on all the same”", Map.of());
        }
        return cueOn ? GateAnswer.pass("on", "on") : GateAnswer.held("on", "switched off", Map.of());
    }
}
