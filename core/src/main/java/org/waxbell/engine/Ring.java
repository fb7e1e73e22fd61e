package org.waxbell.engine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.waxbell.booking.Want;
import org.waxbell.cue.Urgency;
import org.waxbell.event.ShowEvent;
import org.waxbell.look.Look;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.Score;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.score.Telling;
import org.waxbell.words.WordBook;

/**
 * One time that a cue went off, with the wiring with which it began.
 *
 * @param number   counts rings from 1
 * @param depth    how many cues and facts led to one another before it, 0 for an event from outside
 * @param arrived  when it was let through, milliseconds since 1970 UTC
 * @param deadline when it is dropped if it still waits, likewise
 * @param leadMs   how long before their moment the parts that want it are told
 * @param start    when its score starts or is planned to start, milliseconds since 1970 UTC
 * @param begun    whether any part was told
 * @param note     why it was dropped or hushed; empty text where nothing is to say
 * @param spare    the score that is played in place of one that failed; without parts where there is none or it was
 * @param results  values for its words beside the event's: the slate as it stood when it was let through, and late results
 */
public record Ring(
        long number,
        String cueId,
        String cueName,
        String takeId,
        ShowEvent event,
        int depth,
        Urgency urgency,
        long arrived,
        long deadline,
        long leadMs,
        long start,
        RingState state,
        boolean begun,
        String note,
        List<PartRun> parts,
        Score spare,
        Map<String, String> results) {
    /** No score to play in place of another. */
    static final Score NO_SPARE = new Score(List.of());

    private static final Class<?> FROZEN =
            Collections.unmodifiableMap(new TreeMap<String, String>()).getClass();

    public Ring {
        parts = List.copyOf(parts);
        results = frozen(results);
    }

    /** In the order of their names, and never to change; what a ring had already is not put in order again. */
    private static Map<String, String> frozen(Map<String, String> values) {
        return values.isEmpty()
                ? Map.of()
                : values.getClass() == FROZEN ? values : Collections.unmodifiableMap(new TreeMap<>(values));
    }

    Ring startingAt(long moment) {
        return new Ring(
                number, cueId, cueName, takeId, event, depth, urgency, arrived, deadline, leadMs, moment, state, begun,
                note, parts, spare, results);
    }

    Ring dueBy(long moment) {
        return new Ring(
                number, cueId, cueName, takeId, event, depth, urgency, arrived, moment, leadMs, start, state, begun,
                note, parts, spare, results);
    }

    /** The same, placed before all that is less urgent than that. */
    Ring asUrgentAs(Urgency now) {
        return new Ring(
                number, cueId, cueName, takeId, event, depth, now, arrived, deadline, leadMs, start, state, begun, note,
                parts, spare, results);
    }

    Ring become(RingState next, String why) {
        return new Ring(
                number, cueId, cueName, takeId, event, depth, urgency, arrived, deadline, leadMs, start, next, begun,
                why, parts, spare, results);
    }

    /** It is over, for a fault ended it. */
    Ring givenUp(String why) {
        return become(RingState.HUSHED, why)
                .withParts(run -> run.state().isOpen() ? run.become(PartState.CUT, why) : run);
    }

    Ring begins() {
        return new Ring(
                number, cueId, cueName, takeId, event, depth, urgency, arrived, deadline, leadMs, start, state, true,
                note, parts, spare, results);
    }

    Ring with(List<PartRun> runs) {
        return new Ring(
                number, cueId, cueName, takeId, event, depth, urgency, arrived, deadline, leadMs, start, state, begun,
                note, runs, spare, results);
    }

    Ring withParts(UnaryOperator<PartRun> change) {
        return with(parts.stream().map(change).toList());
    }

    Ring knowing(Map<String, String> more) {
        Map<String, String> all = new HashMap<>(results);
        all.putAll(more);
        return new Ring(
                number, cueId, cueName, takeId, event, depth, urgency, arrived, deadline, leadMs, start, state, begun,
                note, parts, spare, all);
    }

    Ring withoutSpare() {
        return new Ring(
                number, cueId, cueName, takeId, event, depth, urgency, arrived, deadline, leadMs, start, state, begun,
                note, parts, NO_SPARE, results);
    }

    /** The name of one of its parts among all that ever run: {@code 17.card}, {@code 17.card~} in the take that replaced another. */
    public String nameOf(PartRun run) {
        return new PartName(number, run.part().id(), run.spare()).toString();
    }

    /**
     * What its adapter is told of one of its parts, with the words filled in.
     *
     * @param more  values that are newer than its own, such as the slate's
     * @param words patterns that are compiled already
     * @param looks how cards may look
     * @param home  the link to which answers go that no link asked for
     */
    public Telling telling(PartRun run, Map<String, String> more, WordBook words, String home, List<Look> looks) {
        Map<String, String> values = results;
        if (!run.part().patterns().isEmpty()) {
            values = new HashMap<>(event.values());
            values.putAll(results);
            values.putAll(more);
        }
        return new Telling(
                nameOf(run),
                momentOf(run),
                run.settled(),
                event.link().orElse(home),
                event.privately().orElse(""),
                values,
                words,
                looks);
    }

    /** When a part whose start is known starts, milliseconds since 1970 UTC: what is done at once does not wait with the ring. */
    public long momentOf(PartRun run) {
        return (run.part().manner().atOnce() ? arrived + leadMs : start) + run.fromMs();
    }

    /** When a part is over at the latest, milliseconds since 1970 UTC. */
    public long overOf(PartRun run) {
        return momentOf(run) + run.settled().claimMs();
    }

    /** When the last of its parts is over, as far as is known, milliseconds since 1970 UTC. */
    public long over() {
        return parts.stream().filter(PartRun::placed).mapToLong(this::overOf).reduce(start, Math::max);
    }

    /** When the adapter of {@code run} is told, milliseconds since 1970 UTC. */
    long tellAt(PartRun run) {
        return momentOf(run) - (run.part().lane().toldAhead() ? leadMs : 0);
    }

    /** When the first of the parts that wait with it is told: from then on it plays. */
    long firstTold() {
        long first = Long.MAX_VALUE;
        for (PartRun run : parts) {
            if (!run.part().manner().atOnce() && run.placed() && run.state() == PartState.PLANNED) {
                first = Math.min(first, tellAt(run));
            }
        }
        return first == Long.MAX_VALUE ? start : first;
    }

    /** When the engine next has something to do for it; {@link Long#MAX_VALUE} for never. */
    long nextDue() {
        boolean waits = state == RingState.WAITING;
        long due = waits ? Math.min(firstTold(), deadline) : Long.MAX_VALUE;
        for (PartRun run : parts) {
            boolean counts = !waits || run.part().manner().atOnce();
            if (counts && run.state() == PartState.PLANNED && run.placed()) {
                due = Math.min(due, tellAt(run));
            } else if (counts && run.state() == PartState.TOLD) {
                due = Math.min(due, overOf(run));
            }
        }
        return state.isActive() ? due : Long.MAX_VALUE;
    }

    /** Whether any part is still to come or under way. */
    boolean isOpen() {
        for (PartRun run : parts) {
            if (run.state().isOpen()) {
                return true;
            }
        }
        return false;
    }

    /** Whether any part hangs on what is not known yet. */
    boolean hasOpenStarts() {
        for (PartRun run : parts) {
            if (!run.placed()) {
                return true;
            }
        }
        return false;
    }

    /** The places that it takes up; a part that was cut, failed or missed takes none any more. */
    List<Want> wants() {
        List<Want> wants = new ArrayList<>(parts.size());
        for (PartRun run : parts) {
            if (run.placed() && run.state().holdsItsPlace()) {
                run.part().place().ifPresent(place -> wants.add(new Want(place, run.fromMs(), run.toMs())));
            }
        }
        return wants;
    }

    /** Works out what is open in its plan and no longer need be. */
    Ring resolved() {
        List<PartRun> runs = new ArrayList<>();
        for (boolean spare : new boolean[] {false, true}) {
            List<PartRun> of =
                    parts.stream().filter(run -> run.spare() == spare).toList();
            List<PlannedPart> plan =
                    ScoreCompiler.resolve(of.stream().map(PartRun::planned).toList());
            for (int i = 0; i < of.size(); i++) {
                runs.add(of.get(i).state().isOpen() ? of.get(i).as(plan.get(i)) : of.get(i));
            }
        }
        return with(runs);
    }
}
