package org.waxbell.gate;

import java.util.Map;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Holds where a more exact cue rang on the same event: every gift, but not the one that has a cue of its own. */
public record StandBackGate() implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(
                    StandBackGate.class, "standBack", "no closer match rang", "Closer matches")
            .also("priority fallback")
            .saying("a more exact cue rang")
            .making(on -> new StandBackGate());

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("unless a more exact cue rang");
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
