package org.waxbell.engine;

import org.waxbell.score.Part;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.Settled;

/**
 * One part of one ring and how far it has come.
 *
 * @param fromMs start in milliseconds from the start of the ring, {@link PlannedPart#OPEN} where it hangs on what is not known yet
 * @param note   why it failed, was cut or missed; empty text where nothing is to say
 * @param spare  whether it belongs to the take that is played in place of one that failed
 */
public record PartRun(Part part, long fromMs, Settled settled, PartState state, String note, boolean spare) {
    static PartRun of(PlannedPart planned, boolean spare) {
        return new PartRun(planned.part(), planned.fromMs(), planned.settled(), PartState.PLANNED, "", spare);
    }

    PartRun become(PartState next, String why) {
        return new PartRun(part, fromMs, settled, next, why, spare);
    }

    PartRun from(long millis) {
        return new PartRun(part, millis, settled, state, note, spare);
    }

    PartRun lasting(long millis) {
        return new PartRun(part, fromMs, settled.lasting(millis), state, note, spare);
    }

    PlannedPart planned() {
        return new PlannedPart(part, fromMs, settled);
    }

    PartRun as(PlannedPart planned) {
        return new PartRun(part, planned.fromMs(), planned.settled(), state, note, spare);
    }

    /** Whether its start is known. */
    public boolean placed() {
        return fromMs != PlannedPart.OPEN;
    }

    /** End in milliseconds from the start of the ring, at the latest; 0 where not even the start is known. */
    public long toMs() {
        return placed() ? fromMs + settled.claimMs() : 0;
    }
}
