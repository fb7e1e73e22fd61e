package org.waxbell.gate;

import java.util.List;
import org.waxbell.kind.Family;

/** Every kind of gate that a cue may have: the one list to which a new one adds its line. They stand in the sentence in this order. */
public final class Gates {
    /** The kinds. */
    public static final Family<Gate> ALL = new Family<>(
            Gate.class,
            "gate",
            List.of(
                    WhoGate.KIND,
                    ArgumentGate.KIND,
                    ChanceGate.KIND,
                    StandBackGate.KIND,
                    AirGate.KIND,
                    LinkGate.KIND,
                    LimitGate.KIND,
                    PriceGate.KIND,
                    CooldownGate.KIND,
                    ConditionGate.KIND));

    private Gates() {}
}
