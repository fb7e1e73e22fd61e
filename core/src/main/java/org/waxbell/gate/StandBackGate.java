package org.waxbell.gate;

import java.util.Map;
import org.waxbell.condition.Scope;

/** Holds where a more exact cue rang on the same event: every gift, but not the one that has a cue of its own. */
public record StandBackGate() implements Gate {
    @Override
    public String kind() {
        return "standBack";
    }

    @Override
    public int order() {
        return 5;
    }

    @Override
    public Check ready(Scope scope) {
        return query -> query.outdid().isEmpty()
                ? GateAnswer.pass("standBack", "nothing more exact rang")
                : GateAnswer.held("standBack", "stood back for " + query.outdid(), Map.of());
    }
}
