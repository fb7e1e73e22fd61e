package org.waxbell.engine;

import java.util.List;
import java.util.function.UnaryOperator;
import org.waxbell.booking.Want;
import org.waxbell.cue.Urgency;
import org.waxbell.event.ShowEvent;
import org.waxbell.score.Telling;

/**
 * One time that a cue went off, with the wiring with which it began.
 *
 * @param number   counts rings from 1
 * @param arrived  when it was let through, milliseconds since 1970 UTC
 * @param deadline when it is dropped if it still waits, likewise
 * @param leadMs   how long before their moment the parts that want it are told
 * @param start    when its score starts or is planned to start, milliseconds since 1970 UTC
 * @param note     why it was dropped or hushed; empty text where nothing is to say
 */
public record Ring(long number, String cueId, String cueName, String takeId, ShowEvent event, Urgency urgency,
                   long arrived, long deadline, long leadMs, long start, RingState state, String note, List<PartRun> parts) {
    public Ring {
        parts = List.copyOf(parts);
    }

    Ring startingAt(long moment) {
        return new Ring(number, cueId, cueName, takeId, event, urgency, arrived, deadline, leadMs, moment, state, note, parts);
    }

    Ring dueBy(long moment) {
        return new Ring(number, cueId, cueName, takeId, event, urgency, arrived, moment, leadMs, start, state, note, parts);
    }

    Ring become(RingState next, String why) {
        return new Ring(number, cueId, cueName, takeId, event, urgency, arrived, deadline, leadMs, start, next, why, parts);
    }

    Ring withParts(UnaryOperator<PartRun> change) {
        return new Ring(number, cueId, cueName, takeId, event, urgency, arrived, deadline, leadMs, start, state, note,
                parts.stream().map(change).toList());
    }

    /** The name of one of its parts among all that ever run: {@code 17.card}. */
    public String nameOf(PartRun run) {
        return number + "." + run.part().id();
    }

    /** What its adapter is told of one of its parts, with the words filled in. */
    public Telling telling(PartRun run) {
        return new Telling(nameOf(run), start + run.fromMs(), run.settled(), event.link().orElse(""), event.values());
    }

    /** When the last of its parts is over, milliseconds since 1970 UTC. */
    public long over() {
        return start + parts.stream().mapToLong(PartRun::toMs).max().orElse(0);
    }

    /** When the adapter of {@code run} is told, milliseconds since 1970 UTC. */
    long tellAt(PartRun run) {
        return start + run.fromMs() - (run.part().lane().toldAhead() ? leadMs : 0);
    }

    /** When the first of its parts is told: from then on it has started. */
    long firstTold() {
        return parts.stream().mapToLong(this::tellAt).min().orElse(start);
    }

    /** When the engine next has something to do for it; {@link Long#MAX_VALUE} for never. */
    long nextDue() {
        if (state == RingState.WAITING) {
            return Math.min(firstTold(), deadline);
        }
        long due = Long.MAX_VALUE;
        for (PartRun run : parts) {
            if (run.state() == PartState.PLANNED) {
                due = Math.min(due, tellAt(run));
            } else if (run.state() == PartState.TOLD) {
                due = Math.min(due, start + run.toMs());
            }
        }
        return state == RingState.PLAYING ? due : Long.MAX_VALUE;
    }

    /** The places that it takes up; a part that was cut, failed or missed takes none any more. */
    List<Want> wants() {
        return parts.stream().filter(run -> run.part().place().isPresent() && run.state().holdsItsPlace())
                .map(run -> new Want(run.part().place().get(), run.fromMs(), run.toMs())).toList();
    }
}
