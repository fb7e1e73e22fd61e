package org.waxbell.engine;

import org.waxbell.score.Part;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.Settled;

/**
 * One part of one ring and how far it has come.
 *
 * @param fromMs start in milliseconds from the start of the ring
 * @param note   why it failed, was cut or missed; empty text where nothing is to say
 */
public record PartRun(Part part, long fromMs, Settled settled, PartState state, String note) {
    static PartRun of(PlannedPart planned) {
        return new PartRun(planned.part(), planned.fromMs(), planned.settled(), PartState.PLANNED, "");
    }

    PartRun become(PartState next, String why) {
        return new PartRun(part, fromMs, settled, next, why);
    }

    /** End in milliseconds from the start of the ring. */
    public long toMs() {
        return fromMs + settled.lengthMs();
    }
}
