package org.waxbell.engine;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.condition.Condition;
import org.waxbell.cue.Rack;
import org.waxbell.event.ChatLine;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.event.Tried;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.GateQuery;
import org.waxbell.gate.Let;
import org.waxbell.gate.LetBook;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.port.Calendars;
import org.waxbell.show.Schedules;
import org.waxbell.wiring.CueBook;

/**
 * From event to decisions and directives; the same for a live evening and a rehearsal.
 *
 * <p>Deterministic: the same wiring, inputs, times and seed give the same outcomes. It has no thread and no clock: calls
 * are serialised by the caller, and every input carries its stamp in milliseconds since 1970 UTC, which never goes back.
 * Before an input at <i>t</i>, everything due up to <i>t</i> is done, each at its own moment.
 */
public final class Engine {
    /** How many cues and facts may lead to one another within one input. */
    static final int DEEPEST = 8;

    private final Agenda agenda = new Agenda();
    private final LetBook lets = new LetBook();
    private final Chance chance;
    private final Tonight tonight;
    private final Waiting waiting;
    private final Runner runner;
    private final Deciding deciding;
    private final Faces faces;
    private final long seed;
    private CueBook book;
    private long nextDecision;

    /**
     * An engine that goes on from {@code state}.
     *
     * @param leadMs    how long before their moment parts are told, in milliseconds
     * @param calendars works out calendar rules
     */
    public Engine(CueBook book, EngineState state, long leadMs, Calendars calendars) {
        this.book = book;
        this.seed = state.seed();
        this.nextDecision = state.nextDecision();
        this.chance = new Chance(seed, state.drawn());
        this.tonight = new Tonight(state.books(), book, lets, calendars);
        this.waiting = new Waiting(agenda, book);
        this.runner = new Runner(agenda, waiting, lets, tonight, chance, book);
        this.deciding = new Deciding(
                new Deciding.Parts(agenda, waiting, runner, lets, tonight, chance), book, state.nextRing(), leadMs);
        this.faces = new Faces(tonight, runner.wheels(), runner.wordBook());
        Set<Long> takeable = state.rings().stream()
                .filter(ring -> !ring.begun())
                .map(Ring::number)
                .collect(Collectors.toSet());
        state.lets().forEach(let -> remember(let, takeable));
        state.rings().forEach(ring -> {
            agenda.put(ring);
            waiting.book(ring);
        });
        runner.holdAgain();
    }

    private void remember(Let let, Set<Long> takeable) {
        long memory = book.cue(let.cueId()).map(ready -> ready.remembersMs()).orElse(0L);
        if (takeable.contains(let.ring())) {
            lets.add(let, memory);
        } else {
            lets.addSettled(let, memory);
        }
    }

    /** An event arrived. */
    public Outcome accept(long at, ShowEvent event) {
        Outcome.Builder out = new Outcome.Builder();
        runUntil(at, out);
        decide(at, event, 0, out);
        followUp(at, out);
        runUntil(at, out);
        return done(at, out);
    }

    private void decide(long at, ShowEvent event, int depth, Outcome.Builder out) {
        if (event instanceof Tried tried) {
            List<CueAnswer> answers = deciding.tried(nextDecision, at, tried, out);
            out.decided(new Decision(
                    nextDecision++, at, event, answers, answers.isEmpty() ? "there is no such cue any more" : ""));
            return;
        }
        if (tonight.isNeighbour(event)) {
            out.decided(new Decision(nextDecision++, at, event, List.of(), "a neighbour: never answered"));
            return;
        }
        String note = tonight.note(at, event, out);
        if (note.isEmpty()) {
            fill(event, out);
        }
        boolean news = !(event instanceof HouseEvent.Switched switched) || depth > 0 || switched(at, switched, out);
        List<CueAnswer> answers =
                note.isEmpty() && news ? deciding.ask(nextDecision, at, event, depth, out) : List.of();
        if (note.isEmpty() && event instanceof ChatLine line) {
            // A first line or a phrase in it may ring all the same.
            note = deciding.hint(nextDecision, at, line, out);
        }
        if (answers.isEmpty()
                && note.isEmpty()
                && event instanceof ChatLine line
                && !tonight.showOpen()
                && book.hasFirstLine(line)) {
            note = "no cue has this word · no show is open, so it is nobody's first line tonight";
        }
        // What followed from something else, or only reports how things stand, is told where a cue waits for it.
        boolean report = event instanceof HouseEvent.Switched seen && !seen.byHand();
        if (depth == 0 && !report || !answers.isEmpty()) {
            out.decided(new Decision(nextDecision++, at, event, answers, note));
        }
    }

    /** Wheels are full again by hand, or as a new show opens. */
    private void fill(ShowEvent event, Outcome.Builder out) {
        if (event instanceof HouseEvent.WheelFilled filled) {
            runner.wheels().fill(filled.stage() + "/" + filled.wheel(), out);
        } else if (event instanceof HouseEvent.ShowMoved moved && moved.open()) {
            book.wiring()
                    .stages()
                    .forEach(stage -> stage.fixtures().stream()
                            .filter(WheelFixture.class::isInstance)
                            .map(each -> stage.id() + "/" + each.id())
                            .filter(place -> !runner.wheels().state(place).out().isEmpty())
                            .forEach(place -> runner.wheels().fill(place, out)));
        }
    }

    /** Takes in how a target stands; whether that is a change that cues may wait for, and not what was known or is known only now. */
    private boolean switched(long at, HouseEvent.Switched switched, Outcome.Builder out) {
        String before = tonight.switches.shown(switched.target());
        if (switched.byHand()) {
            runner.loosen(tonight.switches.changedByHand(switched.target(), switched.value(), out), at, out);
            runner.dropOff(at, out);
        } else {
            tonight.switches.reported(switched.target(), switched.value(), at, out);
        }
        return !before.equals(switched.value()) && (switched.byHand() || !before.isEmpty());
    }

    /** Answers what followed from the input, first in, first out. */
    private void followUp(long at, Outcome.Builder out) {
        for (Outcome.Builder.FollowUp next = out.nextFollowUp(); next != null; next = out.nextFollowUp()) {
            if (!book.waitsFor(next.event())) {
                continue;
            }
            if (next.depth() <= DEEPEST) {
                decide(at, next.event(), next.depth(), out);
            } else {
                out.decided(new Decision(
                        nextDecision++,
                        at,
                        next.event(),
                        List.of(),
                        "stopped: cues set one another off more than " + DEEPEST + " deep"));
            }
        }
    }

    /** Does everything due up to {@code now}, each at its own moment; rings before schedules. */
    private void runUntil(long now, Outcome.Builder out) {
        while (nextWake() <= now) {
            long at = nextWake();
            if (agenda.nextAt() <= at) {
                runner.step(at, out);
            } else {
                come(at, out);
            }
            followUp(at, out);
        }
    }

    private void come(long at, Outcome.Builder out) {
        Schedules.Timed timed = tonight.schedules
                .take(at, tonight.evening(), came -> out.changed(keeper -> keeper.came(came)))
                .orElse(null);
        if (timed != null) {
            decide(
                    at,
                    new HouseEvent.TimeCame(
                            timed.cueId(), timed.pull(), timed.kind().words()),
                    0,
                    out);
        }
    }

    /** An adapter reports of a part; what is no longer known is passed over. */
    public Outcome completed(long at, String partRun, Completion result) {
        Outcome.Builder out = new Outcome.Builder();
        runUntil(at, out);
        runner.completed(at, partRun, result, out);
        followUp(at, out);
        runUntil(at, out);
        return done(at, out);
    }

    /** Time moved on to {@code now}. */
    public Outcome wake(long now) {
        Outcome.Builder out = new Outcome.Builder();
        runUntil(now, out);
        return done(now, out);
    }

    /** The step is over: what fixtures show is told where it changed. */
    private Outcome done(long at, Outcome.Builder out) {
        if (out.facesMoved()) {
            faces.tell(at, book.wiring(), out);
        }
        return out.build();
    }

    /** When it wants to be woken, milliseconds since 1970 UTC; {@link Long#MAX_VALUE} for never. */
    public long nextWake() {
        return Math.min(agenda.nextAt(), tonight.schedules.nextAt());
    }

    /** Ends every ring, drops all that waits, and puts back what was switched, in one step. */
    public Outcome hush(long at) {
        Outcome.Builder out = new Outcome.Builder();
        runUntil(at, out);
        String note = runner.hush(at, out);
        out.decided(new Decision(nextDecision++, at, new HouseEvent.HushPulled(), List.of(), note));
        return out.build();
    }

    /** A person ends a ring that plays, or skips one that waits; a ring that is over stays as it is, and that is said. */
    public Outcome stop(long at, long ring) {
        Outcome.Builder out = new Outcome.Builder();
        runUntil(at, out);
        Ring there = agenda.ring(ring);
        String note = there == null ? "it is over already" : runner.stop(at, there, out);
        out.decided(new Decision(
                nextDecision++,
                at,
                new HouseEvent.Stopped(ring, there == null ? "ring " + ring : there.cueName()),
                List.of(),
                note));
        followUp(at, out);
        runUntil(at, out);
        return done(at, out);
    }

    /** The wiring was changed; rings under way keep theirs, those that wait are dropped where their cue is now off. */
    public Outcome rewire(long at, CueBook next) {
        Outcome.Builder out = new Outcome.Builder();
        runUntil(at, out);
        out.moved();
        CueBook before = book;
        book = next;
        waiting.rewire(next);
        runner.rewire(next);
        deciding.rewire(next);
        tonight.rewire(next, at);
        for (Rack rack : next.wiring().racks()) {
            // The rack's own switch was moved by a person: that counts for more than what a cue did to it.
            if (before.wiring()
                    .rack(rack.id())
                    .map(was -> was.on() != rack.on())
                    .orElse(false)) {
                Target target = new Target(Target.Kind.RACK, rack.id());
                runner.loosen(tonight.switches.changedByHand(target, rack.on() ? "on" : "off", out), at, out);
            }
        }
        runner.dropOff(at, out);
        runUntil(at, out);
        return done(at, out);
    }

    /** The pages' round trips ask for another lead, in milliseconds; it holds for rings from now on. */
    public void lead(long millis) {
        deciding.lead(millis);
    }

    /** Whether what is decided can be kept; while it cannot, cues that cost points are held. */
    public void kept(boolean now) {
        tonight.kept(now);
    }

    /** What a condition says of events, as the evening stands now; it changes nothing. */
    public List<Condition.Verdict> wouldHold(Condition condition, List<ShowEvent> events) {
        return events.stream()
                .map(event -> condition.test(() -> new GateQuery(0, event, "", lets, 0, tonight, "").values()))
                .toList();
    }

    /** The wiring in force. */
    public CueBook book() {
        return book;
    }

    /**
     * After a restart: what should still be seen is told again for the time it has left, what is over is not done late,
     * and what was under way outside becomes unknown. To be called once, before any other input.
     */
    public Outcome resume(long now) {
        Outcome.Builder out = new Outcome.Builder();
        out.moved();
        tonight.schedules.skipTo(now, tonight.evening());
        runner.resume(now, out);
        followUp(now, out);
        runUntil(now, out);
        return done(now, out);
    }

    /** All that it remembers. */
    public EngineState save() {
        return new EngineState(
                seed,
                nextDecision,
                deciding.nextRing(),
                List.copyOf(agenda.all()),
                lets.all(),
                Map.copyOf(chance.drawn()),
                tonight.save());
    }
}
