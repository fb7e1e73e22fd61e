package org.waxbell.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.waxbell.booking.Outlet;
import org.waxbell.cue.Rack;
import org.waxbell.directive.Directive;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.Switch;
import org.waxbell.event.CueRang;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.gate.LetBook;
import org.waxbell.look.Look;
import org.waxbell.score.Draws;
import org.waxbell.score.WheelDraws;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.ReadyCue;
import org.waxbell.words.WordBook;

/** Carries rings out as time moves on: starts them, tells their parts, ends them. */
final class Runner {
    /** The answer of {@link #room} where parts would have to wait longer than they may. */
    static final long NO_ROOM = -1;

    private static final String TOO_LONG = "it waited longer than it may";
    private final Agenda agenda;
    private final Waiting waiting;
    private final LetBook lets;
    private final Tonight tonight;
    private final Chance chance;
    private final WordBook wordBook = new WordBook();
    private final Wheels wheels;
    private List<Look> looks;
    private CueBook book;

    Runner(Agenda agenda, Waiting waiting, LetBook lets, Tonight tonight, Chance chance, CueBook book) {
        this.agenda = agenda;
        this.waiting = waiting;
        this.lets = lets;
        this.tonight = tonight;
        this.chance = chance;
        this.book = book;
        this.wheels = new Wheels(chance);
        this.looks = book.wiring().looks();
    }

    /** Does what the ring that is due first has to do at {@code at}. */
    void step(long at, Outcome.Builder out) {
        Ring ring = agenda.next();
        boolean starts = ring.state() == RingState.WAITING && ring.firstTold() <= at;
        if (ring.state() == RingState.WAITING && !starts && ring.deadline() <= at) {
            drop(ring, RingState.DROPPED, TOO_LONG, out);
            placeWaiting(at, out);
            return;
        }
        Ring next = new Performance(this, starts ? ring.become(RingState.PLAYING, "") : ring, at, out).run();
        move(finish(next, at, out), out);
        if (waiting.isDirty()) {
            placeWaiting(at, out);
        }
    }

    /** Makes room on a place that is taken over; false where something more urgent stands there. */
    boolean clear(Ring newcomer, String place, long moment, Outcome.Builder out) {
        if (!waiting.takesOver(place)) {
            return true;
        }
        List<Ring> standing = rings().stream()
                .filter(other -> other.number() != newcomer.number()
                        && other.parts().stream().anyMatch(run -> stands(other, run, place, moment)))
                .toList();
        if (standing.stream().anyMatch(other -> other.urgency().compareTo(newcomer.urgency()) > 0)) {
            return false;
        }
        standing.forEach(other -> takeOver(newcomer, other, place, moment, out));
        return true;
    }

    private static boolean stands(Ring ring, PartRun run, String place, long moment) {
        return run.state() == PartState.TOLD
                && run.part().place().orElse("").equals(place)
                && ring.momentOf(run) <= moment
                && moment < ring.overOf(run);
    }

    /** Ends only the part that stands there; its failure rule decides the rest of its score. */
    private void takeOver(Ring newcomer, Ring other, String place, long moment, Outcome.Builder out) {
        Performance performance = new Performance(this, other, moment, out);
        for (int i = 0; i < other.parts().size(); i++) {
            PartRun run = performance.ring().parts().get(i);
            if (stands(other, run, place, moment)) {
                waiting.trim(other, run, moment);
                performance.taken(i, newcomer.cueName() + " took its place");
            }
        }
        move(finish(performance.ring(), moment, out), out);
    }

    private Ring finish(Ring ring, long at, Outcome.Builder out) {
        if (ring.isOpen()) {
            return ring;
        }
        out.follows(new CueRang(ring.cueId(), ring.cueName(), true, ring.event()), depthAfter(ring, at));
        return ring.become(RingState.ENDED, "");
    }

    /** How deep an event is that a ring leads to: time between them breaks the chain. */
    int depthAfter(Ring ring, long at) {
        return at == ring.arrived() ? ring.depth() + 1 : 1;
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

    /** How long parts of a ring that plays have to wait for their places, or {@link #NO_ROOM}. */
    long room(Ring ring, List<PartRun> parts) {
        return waiting.room(ring, parts);
    }

    /** Books anew what a ring that plays takes up. */
    void book(Ring ring) {
        waiting.release(ring);
        waiting.book(ring);
    }

    /** The first part of a ring was told: it is paid, and its cooldown counts for good. */
    void begun(long ring, long at, Outcome.Builder out) {
        lets.settle(ring);
        tonight.pay(ring, at, out);
    }

    /** Ends a ring; where nothing has played its price and its entry in the cooldowns are given back. */
    void drop(Ring ring, RingState state, String why, Outcome.Builder out) {
        move(ring.become(state, why).withParts(run -> run.state().isOpen() ? run.become(PartState.CUT, "") : run), out);
        if (!ring.begun()) {
            tonight.refund(ring.number(), out);
            if (lets.takeBack(ring.number())) {
                out.changed(keeper -> keeper.takeBack(ring.number()));
            }
        }
    }

    void completed(long at, String partRun, Completion result, Outcome.Builder out) {
        int dot = partRun.indexOf('.');
        Ring ring = dot > 0 && partRun.substring(0, dot).matches("\\d{1,18}")
                ? agenda.ring(Long.parseLong(partRun.substring(0, dot)))
                : null;
        if (ring == null) {
            return;
        }
        for (int i = 0; i < ring.parts().size(); i++) {
            PartRun run = ring.parts().get(i);
            if (run.state() == PartState.TOLD && ring.nameOf(run).equals(partRun)) {
                report(at, ring, i, result, out);
                return;
            }
        }
    }

    private void report(long at, Ring ring, int index, Completion result, Outcome.Builder out) {
        PartRun run = ring.parts().get(index);
        Performance performance = new Performance(this, ring.knowing(run.part().lateValues(result.results())), at, out);
        if (result.kind() == Completion.Kind.MEASURED) {
            performance.measured(index, result.lengthMs());
        } else if (result.kind() == Completion.Kind.FAILED) {
            waiting.trim(ring, run, at);
            performance.fail(index, result.detail());
        } else if (!run.settled().known()) {
            waiting.trim(ring, run, at);
            performance.close(index, PartState.ENDED, "");
        } else if (ring.overOf(run) <= at) {
            performance.close(index, PartState.ENDED, "");
        }
        // A page that says "ended" before the part's time only ran ahead of the clock; the part keeps its place till
        // then.
        if (!performance.ring().equals(ring)) {
            move(finish(performance.ring(), at, out), out);
            if (performance.ring().state().isActive()) {
                book(performance.ring());
            }
            placeWaiting(at, out);
        }
    }

    /** Ends and drops all, and puts back what was switched; a sentence on what that was. */
    String hush(long at, Outcome.Builder out) {
        int ended = 0;
        int dropped = 0;
        for (Ring ring : rings()) {
            if (ring.state() == RingState.WAITING) {
                drop(ring, RingState.HUSHED, "hushed while it waited", out);
                dropped++;
            } else {
                move(
                        ring.become(RingState.HUSHED, "hushed")
                                .withParts(run -> run.state().isOpen() ? run.become(PartState.CUT, "hushed") : run),
                        out);
                ended++;
            }
        }
        out.directed(new HushAll(at));
        tonight.switches.hush(at, out);
        return "Hush · ended " + ended + ", dropped " + dropped;
    }

    /** Ends or skips one ring by hand; what it switched is put back. What there is to say of it. */
    String stop(long at, Ring ring, Outcome.Builder out) {
        boolean waits = ring.state() == RingState.WAITING;
        if (waits) {
            drop(ring, RingState.DROPPED, "skipped by hand", out);
        } else {
            Performance performance = new Performance(this, ring, at, out);
            performance.cutAll("ended by hand");
            move(finish(performance.ring(), at, out), out);
        }
        placeWaiting(at, out);
        return (waits ? "skipped " : "ended ") + ring.cueName() + " by hand";
    }

    void rewire(CueBook next) {
        book = next;
        looks = next.wiring().looks();
    }

    /** A target stands another way now by what a part of {@code ring} did; cues may wait for that as for any other change. */
    void switched(Ring ring, Target target, long at, Outcome.Builder out) {
        out.follows(new HouseEvent.Switched(target, tonight.switches.shown(target), false), depthAfter(ring, at));
        if (target.kind() == Target.Kind.RACK) {
            dropOff(at, out);
        }
    }

    /** The parts of these names are over, for a person switched what they held. */
    void loosen(List<String> partRuns, long at, Outcome.Builder out) {
        for (Ring ring : rings()) {
            Performance performance = new Performance(this, ring, at, out);
            for (int i = 0; i < ring.parts().size(); i++) {
                if (partRuns.contains(ring.nameOf(ring.parts().get(i)))) {
                    performance.close(i, PartState.CUT, "changed by hand");
                }
            }
            if (!performance.ring().equals(ring)) {
                move(finish(performance.ring(), at, out), out);
            }
        }
    }

    void dropOff(long at, Outcome.Builder out) {
        boolean any = false;
        for (Ring ring : rings()) {
            if (ring.state() == RingState.WAITING && !isOn(ring.cueId())) {
                drop(ring, RingState.DROPPED, "its cue was switched off", out);
                any = true;
            }
        }
        if (any) {
            placeWaiting(at, out);
        }
    }

    private boolean isOn(String cueId) {
        ReadyCue ready = book.cue(cueId).orElse(null);
        return ready != null
                && ready.cue().on()
                && tonight.rackOn(
                        ready.cue().rack(),
                        book.wiring().rack(ready.cue().rack()).map(Rack::on).orElse(false));
    }

    /** How a target stands by the wiring alone; empty text where the wiring does not say. */
    String wired(Target target) {
        return target.kind() == Target.Kind.RACK
                ? book.wiring()
                        .rack(target.name())
                        .map(rack -> rack.on() ? "on" : "off")
                        .orElse("")
                : "";
    }

    void resume(long now, Outcome.Builder out) {
        for (Ring ring : rings()) {
            if (ring.state() == RingState.WAITING && !ring.begun() && ring.deadline() <= now) {
                // Before the others are placed: what it leaves free belongs to now, not to the time that was missed.
                drop(ring, RingState.DROPPED, TOO_LONG, out);
            } else {
                pickUp(now, ring, out);
            }
        }
        placeWaiting(now, out);
    }

    private void pickUp(long now, Ring ring, Outcome.Builder out) {
        Performance performance = new Performance(this, ring, now, out);
        for (int i = 0; i < ring.parts().size(); i++) {
            PartRun run = performance.ring().parts().get(i);
            if (run.state() == PartState.TOLD) {
                pickUpTold(now, performance, i, run, out);
            } else if (run.state() == PartState.PLANNED
                    && run.placed()
                    && (ring.state() == RingState.PLAYING || run.part().manner().atOnce())) {
                boolean shown = run.part().lane().toldAhead();
                if (shown ? ring.overOf(run) <= now : ring.momentOf(run) < now) {
                    performance.close(i, PartState.MISSED, "its moment passed while the program was not running");
                }
            }
        }
        if (!performance.ring().equals(ring)) {
            move(finish(performance.ring(), now, out), out);
        }
    }

    private void pickUpTold(long now, Performance performance, int index, PartRun run, Outcome.Builder out) {
        Ring ring = performance.ring();
        boolean over = ring.overOf(run) <= now;
        Target held = run.part().holds().orElse(null);
        if (held != null) {
            if (over) {
                tonight.switches.forget(held, ring.nameOf(run));
                performance.close(index, PartState.ENDED, "");
                tonight.switches.owe(held, held.kind() == Target.Kind.RACK, ring.nameOf(run), now, out);
            }
        } else if (run.part().lane().toldAhead() && !over) {
            out.directed(tell(ring, run));
        } else if (run.part().lane().toldAhead()) {
            performance.close(index, PartState.ENDED, "");
        } else {
            performance.close(index, PartState.UNKNOWN, "the program stopped while it was under way");
        }
    }

    /** The holds of parts that still last, as they were before a restart. */
    void holdAgain() {
        for (Ring ring : rings()) {
            for (PartRun run : ring.parts()) {
                if (run.state() == PartState.TOLD
                        && run.part().holds().isPresent()
                        && tell(ring, run) instanceof Switch held) {
                    tonight.switches.resume(ring, run, held);
                }
            }
        }
    }

    /** What the adapter of a part is told, with the slate as it stands now. */
    Directive tell(Ring ring, PartRun run) {
        Map<String, String> slate =
                tonight.wordsOfAll(ring.event().by().map(Viewer::id).orElse(""));
        return run.part()
                .direct(ring.telling(run, slate, wordBook, tonight.house().home(), looks));
    }

    @Nullable
    Outlet outlet(String place) {
        return book.outlet(place).orElse(null);
    }

    WordBook wordBook() {
        return wordBook;
    }

    Shelf shelf() {
        return book.shelf();
    }

    Tonight tonight() {
        return tonight;
    }

    Draws draws(Ring ring, Outcome.Builder out) {
        return chance.of(ring.cueId(), ring.number(), new ArrayList<>(), out);
    }

    WheelDraws wheelDraws(Ring ring, Outcome.Builder out) {
        return wheels.of(ring, book.wiring(), out);
    }

    Wheels wheels() {
        return wheels;
    }

    private List<Ring> rings() {
        return agenda.all();
    }
}
