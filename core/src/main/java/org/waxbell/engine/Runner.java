package org.waxbell.engine;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.gate.LetBook;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.ReadyCue;

/** Carries rings out as time moves on: starts them, tells their parts, ends them. */
final class Runner {
    private static final String TOO_LONG = "it waited longer than it may";
    private final Agenda agenda;
    private final Waiting waiting;
    private final LetBook lets;

    Runner(Agenda agenda, Waiting waiting, LetBook lets) {
        this.agenda = agenda;
        this.waiting = waiting;
        this.lets = lets;
    }

    /** Does everything due up to {@code now}, each at its own moment and in the order of moments and numbers. */
    void runUntil(long now, Outcome.Builder out) {
        while (agenda.nextAt() <= now) {
            step(agenda.nextAt(), agenda.next(), out);
        }
    }

    private void step(long at, Ring ring, Outcome.Builder out) {
        if (ring.state() == RingState.WAITING && ring.firstTold() > at) {
            drop(ring, RingState.DROPPED, TOO_LONG, out);
            placeWaiting(at, out);
            return;
        }
        Ring playing = ring.become(RingState.PLAYING, "");
        move(finish(playing.withParts(run -> moveOn(at, playing, run, out))), out);
    }

    private PartRun moveOn(long at, Ring ring, PartRun run, Outcome.Builder out) {
        PartRun next = run;
        if (next.state() == PartState.PLANNED && ring.tellAt(next) <= at) {
            next = begin(ring, next, out);
        }
        if (next.state() == PartState.TOLD && ring.start() + next.toMs() <= at) {
            next = next.become(PartState.ENDED, "");
        }
        return next;
    }

    /** Tells a part, after ending what stands on its place where that place is taken over. */
    private PartRun begin(Ring ring, PartRun run, Outcome.Builder out) {
        String place = run.part().place().orElse("");
        if (!place.isEmpty() && waiting.takesOver(place)) {
            long from = ring.start() + run.fromMs();
            if (standing(ring, place, from).stream().anyMatch(other -> other.urgency().compareTo(ring.urgency()) > 0)) {
                return run.become(PartState.CUT, "something more urgent stands there");
            }
            standing(ring, place, from).forEach(other -> takeOver(ring, other, place, from, out));
        }
        out.directed(tell(ring, run));
        return run.become(PartState.TOLD, "");
    }

    /** Other rings of which a part stands on {@code place} at {@code moment}. */
    private List<Ring> standing(Ring ring, String place, long moment) {
        return rings().stream().filter(other -> other.number() != ring.number())
                .filter(other -> other.parts().stream().anyMatch(run -> stands(other, run, place, moment))).toList();
    }

    private static boolean stands(Ring ring, PartRun run, String place, long moment) {
        return run.state() == PartState.TOLD && run.part().place().orElse("").equals(place)
                && ring.start() + run.fromMs() <= moment && moment < ring.start() + run.toMs();
    }

    /** Ends only the part that stands there; the rest of its score goes on. */
    private void takeOver(Ring newcomer, Ring other, String place, long moment, Outcome.Builder out) {
        Ring next = other.withParts(run -> {
            if (!stands(other, run, place, moment)) {
                return run;
            }
            waiting.trim(other, run, moment);
            out.directed(new EndPart(other.nameOf(run), moment, place.substring(0, place.indexOf('/'))));
            return run.become(PartState.CUT, newcomer.cueName() + " took its place");
        });
        move(finish(next), out);
    }

    private static Directive tell(Ring ring, PartRun run) {
        return run.part().direct(ring.telling(run));
    }

    private static Ring finish(Ring ring) {
        boolean open = ring.parts().stream().anyMatch(run -> run.state().isOpen());
        return open ? ring : ring.become(RingState.ENDED, "");
    }

    private void move(Ring ring, Outcome.Builder out) {
        agenda.put(ring);
        out.changed(new Change.RingMoved(ring));
        if (!ring.state().isActive()) {
            waiting.release(ring);
        }
    }

    void placeWaiting(long now, Outcome.Builder out) {
        waiting.placeAll(now, ring -> move(ring, out));
    }

    /** Ends a ring of which nothing has played, and takes its entry in the cooldowns back. */
    void drop(Ring ring, RingState state, String why, Outcome.Builder out) {
        move(ring.become(state, why).withParts(run -> run.become(PartState.CUT, "")), out);
        if (lets.takeBack(ring.number())) {
            out.changed(new Change.TakenBack(ring.number()));
        }
    }

    void completed(long at, String partRun, Completion result, Outcome.Builder out) {
        int dot = partRun.indexOf('.');
        Ring ring = dot > 0 && partRun.substring(0, dot).matches("\\d{1,18}")
                ? agenda.ring(Long.parseLong(partRun.substring(0, dot))) : null;
        if (ring == null) {
            return;
        }
        Ring next = finish(ring.withParts(run -> ring.nameOf(run).equals(partRun) && run.state() == PartState.TOLD
                ? report(at, ring, run, result) : run));
        if (!next.equals(ring)) {
            ring.parts().stream().filter(run -> ring.nameOf(run).equals(partRun)).forEach(run -> waiting.trim(ring, run, at));
            move(next, out);
            placeWaiting(at, out);
        }
    }

    /** A page that says "ended" before the part's time only ran ahead of the clock; the part keeps its place till then. */
    private static PartRun report(long at, Ring ring, PartRun run, Completion result) {
        if (result.kind() == Completion.Kind.FAILED) {
            return run.become(PartState.FAILED, result.detail());
        }
        return ring.start() + run.toMs() <= at ? run.become(PartState.ENDED, "") : run;
    }

    /** Ends and drops all; a sentence on what that was. */
    String hush(long at, Outcome.Builder out) {
        int ended = 0;
        int dropped = 0;
        for (Ring ring : rings()) {
            if (ring.state() == RingState.WAITING) {
                drop(ring, RingState.HUSHED, "hushed while it waited", out);
                dropped++;
            } else {
                move(ring.become(RingState.HUSHED, "hushed").withParts(run ->
                        run.state().isOpen() ? run.become(PartState.CUT, "hushed") : run), out);
                ended++;
            }
        }
        out.directed(new HushAll(at));
        return "Hush · ended " + ended + ", dropped " + dropped;
    }

    void dropOff(long at, CueBook book, Outcome.Builder out) {
        boolean any = false;
        for (Ring ring : rings()) {
            boolean on = book.cue(ring.cueId()).map(ReadyCue::on).orElse(false);
            if (ring.state() == RingState.WAITING && !on) {
                drop(ring, RingState.DROPPED, "its cue was switched off", out);
                any = true;
            }
        }
        if (any) {
            placeWaiting(at, out);
        }
    }

    void resume(long now, Outcome.Builder out) {
        for (Ring ring : rings()) {
            if (ring.state() == RingState.PLAYING) {
                move(finish(ring.withParts(run -> pickUp(now, ring, run, out))), out);
            } else if (ring.deadline() <= now) {
                // Before the others are placed: what it leaves free belongs to now, not to the time that was missed.
                drop(ring, RingState.DROPPED, TOO_LONG, out);
            }
        }
        placeWaiting(now, out);
    }

    private static PartRun pickUp(long now, Ring ring, PartRun run, Outcome.Builder out) {
        boolean shown = run.part().lane().toldAhead();
        boolean over = ring.start() + run.toMs() <= now;
        if (run.state() == PartState.TOLD && shown && !over) {
            out.directed(tell(ring, run));
            return run;
        }
        if (run.state() == PartState.TOLD) {
            return shown ? run.become(PartState.ENDED, "") : run.become(PartState.UNKNOWN, "the program stopped while it was under way");
        }
        boolean late = shown ? over : ring.start() + run.fromMs() < now;
        return run.state() == PartState.PLANNED && late
                ? run.become(PartState.MISSED, "its moment passed while the program was not running") : run;
    }

    private List<Ring> rings() {
        List<Ring> rings = new ArrayList<>();
        agenda.all().forEach(rings::add);
        return rings;
    }
}
