package org.waxbell.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.Asking;
import org.waxbell.actor.Actor;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Place;
import org.waxbell.cue.Rack;
import org.waxbell.desk.Answer;
import org.waxbell.directive.Directive;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.Switch;
import org.waxbell.event.CueRang;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;
import org.waxbell.gate.LetBook;
import org.waxbell.score.Draws;
import org.waxbell.score.Telling;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.ReadyCue;
import org.waxbell.words.WordBook;

/** Carries rings out as time moves on: starts them, tells their parts, ends them. */
final class Runner {
    /** The answer of {@link #room} where parts would have to wait longer than they may. */
    static final long NO_ROOM = -1;

    static final String TOO_LONG = "it waited longer than it may";
    private final Agenda agenda;
    private final Waiting waiting;
    private final LetBook lets;
    private final Handlers handlers;
    private final Chance chance;
    private long atWork;
    private final WordBook wordBook = new WordBook();
    private final Wired wired;

    Runner(Agenda agenda, Waiting waiting, LetBook lets, Handlers handlers) {
        this.agenda = agenda;
        this.waiting = waiting;
        this.lets = lets;
        this.handlers = handlers;
        this.chance = handlers.chance();
        this.wired = handlers.wired();
    }

    /** The ring that it is at just now, 0 for none; stays where a fault ended the work. */
    long atWork() {
        return atWork;
    }

    /** Does what the ring that is due first has to do at {@code at}. */
    void step(long at, Turn out) {
        Ring ring = agenda.next();
        atWork = ring.number();
        step(ring, at, out);
        atWork = 0;
    }

    private void step(Ring ring, long at, Turn out) {
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
    boolean clear(Ring newcomer, Place place, long moment, Turn out) {
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

    private static boolean stands(Ring ring, PartRun run, Place place, long moment) {
        return run.state() == PartState.TOLD
                && run.part().place().filter(place::equals).isPresent()
                && ring.momentOf(run) <= moment
                && moment < ring.overOf(run);
    }

    /** Ends only the part that stands there; its failure rule decides the rest of its score. */
    private void takeOver(Ring newcomer, Ring other, Place place, long moment, Turn out) {
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

    Ring finish(Ring ring, long at, Turn out) {
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

    void move(Ring ring, Turn out) {
        agenda.put(ring);
        out.changed(Books.RINGS.put(Long.toString(ring.number()), ring));
        if (!ring.state().isActive()) {
            waiting.release(ring);
        }
    }

    void placeWaiting(long now, Turn out) {
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
    void begun(long ring, long at, Turn out) {
        lets.settle(ring);
        handlers.points().pay(ring, at, out);
    }

    /** Ends a ring; where nothing has played its price and its entry in the cooldowns are given back. */
    void drop(Ring ring, RingState state, String why, Turn out) {
        move(ring.become(state, why).withParts(run -> run.state().isOpen() ? run.become(PartState.CUT, "") : run), out);
        if (!ring.begun()) {
            handlers.points().refund(ring.number(), out);
            if (lets.takeBack(ring.number())) {
                out.changed(Books.LETS.gone(Long.toString(ring.number())));
            }
        }
    }

    void completed(long at, String partRun, Completion result, Turn out) {
        Ring ring =
                PartName.parse(partRun).map(name -> agenda.ring(name.ring())).orElse(null);
        if (ring == null) {
            return;
        }
        for (int i = 0; i < ring.parts().size(); i++) {
            PartRun run = ring.parts().get(i);
            if (run.state() == PartState.TOLD && ring.nameOf(run).equals(partRun)) {
                report(at, ring, i, result, out);
                atWork = 0;
                return;
            }
        }
    }

    private void report(long at, Ring ring, int index, Completion result, Turn out) {
        atWork = ring.number();
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
    String hush(long at, Turn out) {
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
        handlers.switches().hush(at, out);
        return "Hush · ended " + ended + ", dropped " + dropped;
    }

    /** Ends or skips one ring by hand; what it switched is put back. What there is to say of it. */
    String stop(long at, Ring ring, Turn out) {
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

    /** A target stands another way now by what a part of {@code ring} did; cues may wait for that as for any other change. */
    void switched(Ring ring, Target target, long at, Turn out) {
        out.follows(
                Facts.switched(
                        Actor.cue(ring.cueId()), target, handlers.switches().shown(target)),
                depthAfter(ring, at));
        if (target.kind() == Target.Kind.RACK) {
            dropOff(at, out);
        }
    }

    /** The parts of these names are over, for a person switched what they held. */
    void loosen(List<String> partRuns, long at, Turn out) {
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

    void dropOff(long at, Turn out) {
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
        ReadyCue ready = wired.book().cue(cueId).orElse(null);
        return ready != null
                && ready.cue().on()
                && handlers.known()
                        .rackOn(
                                ready.cue().rack(),
                                wired.book()
                                        .wiring()
                                        .rack(ready.cue().rack())
                                        .map(Rack::on)
                                        .orElse(false));
    }

    /** What the adapter of a part is told, with the slate as it stands now; null where there is nothing to tell. */
    @Nullable
    Directive tell(Ring ring, PartRun run) {
        return run.part().direct(telling(ring, run));
    }

    private Telling telling(Ring ring, PartRun run) {
        Map<String, String> now =
                handlers.areReadBy(run.part().patterns()) ? handlers.wordsOfAll(ring.event()) : Map.of();
        return ring.telling(
                run, now, wordBook, wired.house().home(), wired.book().wiring().looks());
    }

    /** What the outlet of a part holds of the mixer while it sounds; empty for nothing. */
    Optional<Switch> softened(Ring ring, PartRun run) {
        return run.part()
                .place()
                .flatMap(place -> wired.book().outlet(place))
                .flatMap(outlet -> outlet.holds()
                        .map(source -> new Switch(
                                ring.nameOf(run),
                                ring.momentOf(run),
                                source,
                                Integer.toString(outlet.sourceTo()),
                                false)));
    }

    @Nullable
    Outlet outlet(Place place) {
        return wired.book().outlet(place).orElse(null);
    }

    WordBook wordBook() {
        return wordBook;
    }

    Shelf shelf() {
        return wired.book().shelf();
    }

    Handlers handlers() {
        return handlers;
    }

    Draws draws(Ring ring, Turn out) {
        return chance.of(ring.cueId(), ring.number(), new ArrayList<>(), out);
    }

    /** Asks a desk for what a part of a ring wants of it. */
    Answer<?> ask(Ring ring, PartRun run, Asking asking, long at, Turn out) {
        String part = run.part().id();
        Telling telling = telling(ring, run);
        Map<String, String> with = new TreeMap<>();
        asking.with().forEach((key, words) -> with.put(key, telling.fill(words)));
        return handlers.desks()
                .ask(
                        at,
                        Actor.cue(ring.cueId()),
                        ring.event(),
                        asking.desk(),
                        asking.about(),
                        asking.act(),
                        with,
                        (purpose, bound) -> chance.below(ring.cueId(), part + "/" + purpose, ring.number(), bound),
                        depthAfter(ring, at),
                        out);
    }

    List<Ring> rings() {
        return agenda.all();
    }
}
