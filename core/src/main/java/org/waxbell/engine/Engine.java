package org.waxbell.engine;

import java.util.List;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Origin;
import org.waxbell.condition.Condition;
import org.waxbell.cue.Urgency;
import org.waxbell.desk.Desk;
import org.waxbell.desk.DeskReport;
import org.waxbell.evening.Evening;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.GateQuery;
import org.waxbell.gate.LetBook;
import org.waxbell.journal.Decision;
import org.waxbell.port.Calendars;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;

/**
 * From event to decisions and directives; the same for a live evening and a rehearsal.
 *
 * <p>Deterministic: the same wiring, inputs, times and seed give the same outcomes. It has no thread and no clock: calls
 * are serialised by the caller, and every input carries its stamp in milliseconds since 1970 UTC, which never goes back.
 * Before an input at <i>t</i>, everything due up to <i>t</i> is done, each at its own moment. Where a call throws, the
 * engine is of no use any more: the caller makes another of what was kept.
 */
public final class Engine {
    /** How many cues and facts may lead to one another within one input. */
    static final int DEEPEST = 8;

    private static final String OVER = "it is over already";
    private final Agenda agenda = new Agenda();
    private final LetBook lets = new LetBook();
    private final Handlers handlers;
    /** Every event goes through them in this order. */
    private final List<Handler> order;
    /** Those of them to whom lines of chat are something, in the same order. */
    private final Handler[] forLines;
    /** Of those for whom a moment may come the one that does what is due before the others. */
    private final Cues cues;

    private final Shutters shutters;

    private final Runner runner;
    private final Deciding deciding;
    private final Faces faces;
    private final long seed;
    private long nextDecision;

    /**
     * An engine that goes on from {@code state}.
     *
     * @param leadMs    how long before their moment parts are told, in milliseconds
     * @param calendars works out calendar rules
     * @param desks     the standing jobs that there are
     */
    public Engine(CueBook book, EngineState state, long leadMs, Calendars calendars, List<Desk<?, ?>> desks) {
        this.seed = state.seed();
        this.nextDecision = state.nextDecision();
        this.handlers = Handlers.of(book, state, calendars, desks);
        Waiting waiting = new Waiting(agenda, handlers.wired());
        this.runner = new Runner(agenda, waiting, lets, handlers);
        this.deciding = new Deciding(agenda, waiting, runner, lets, handlers, state.nextRing(), leadMs);
        this.faces = new Faces(handlers, runner.wordBook());
        this.cues = new Cues(agenda, runner, deciding, lets, handlers);
        this.shutters = new Shutters(state.memory(), handlers.wired(), handlers.people(), handlers.switches(), runner);
        this.order = List.of(
                new Trials(deciding),
                new Uniting(handlers),
                new HandAnswers(handlers.wired()),
                new HandMarks(),
                handlers.neighbours(),
                handlers.people(),
                handlers.ranks(),
                new Tallies(handlers.slate()),
                handlers.shows(),
                handlers.slate(),
                handlers.points(),
                handlers.firstLines(),
                new Switches(handlers.switches(), runner, book),
                shutters,
                handlers.desks(),
                cues,
                handlers.chance());
        this.forLines = order.stream().filter(Handler::takesLines).toArray(Handler[]::new);
        cues.remember(state);
        state.rings().forEach(ring -> {
            agenda.put(ring);
            waiting.book(ring);
        });
        new Resuming(runner).holdAgain();
    }

    /** An event arrived. */
    public Outcome accept(long at, ShowEvent event) {
        Turn turn = new Turn();
        runUntil(at, turn);
        decide(at, handlers.accounts().whole(event, turn), 0, turn);
        return over(at, turn);
    }

    private void decide(long at, ShowEvent event, int depth, Turn turn) {
        handlers.desks().begin(at);
        // What followed from something else, or only reports how things stand, is told where a cue waits for it.
        turn.begin(nextDecision, depth, depth == 0 && !isReport(event) || isOfDesk(event));
        if (event instanceof ChatLine) {
            for (int i = 0; i < forLines.length && !turn.isSettled(); i++) {
                forLines[i].take(at, event, turn);
            }
        } else {
            for (int i = 0; i < order.size() && !turn.isSettled(); i++) {
                order.get(i).take(at, event, turn);
            }
        }
        if (turn.isTold()) {
            turn.decided(new Decision(nextDecision++, at, event, turn.answers(), turn.note()));
        }
    }

    private static boolean isReport(ShowEvent event) {
        return event instanceof Fact fact
                && (fact.is(Facts.SCENE) || fact.is(Facts.SWITCHED) || fact.is(Facts.CIRCLED))
                && !fact.actor().inPerson();
    }

    /** What a desk or a script did is told even where nobody waits for it: the journal says who changed it, and why. */
    private static boolean isOfDesk(ShowEvent event) {
        return event instanceof Fact fact
                && (fact.what().isTold()
                        || fact.is(Facts.DESK_ASKED)
                        || fact.actor().origin() == Origin.EXTENSION);
    }

    /** Answers what followed from the input, first in, first out. */
    private void followUp(long at, Turn turn) {
        for (Turn.FollowUp next = turn.nextFollowUp(); next != null; next = turn.nextFollowUp()) {
            if (!handlers.wired().book().waitsFor(next.event())
                    && !handlers.desks().hears(next.event())
                    && !isOfDesk(next.event())) {
                continue;
            }
            if (next.depth() <= DEEPEST) {
                decide(at, next.event(), next.depth(), turn);
            } else {
                turn.decided(new Decision(
                        nextDecision++,
                        at,
                        next.event(),
                        List.of(),
                        "stopped: cues set one another off more than " + DEEPEST + " deep"));
            }
        }
    }

    /** Does everything due up to {@code now}, each at its own moment. */
    private void runUntil(long now, Turn turn) {
        for (long at = nextWake(); at <= now; at = nextWake()) {
            wakeDue(at, turn);
            followUp(at, turn);
        }
    }

    private void wakeDue(long at, Turn turn) {
        handlers.desks().begin(at);
        if (cues.nextWake() == at) {
            cues.wake(at, turn);
        } else if (handlers.desks().nextWake() == at) {
            handlers.desks().wake(at, turn);
        } else if (shutters.nextWake() == at) {
            shutters.wake(at, turn);
        } else {
            handlers.shows().wake(at, turn);
        }
    }

    /** An adapter reports of a part; what is no longer known is passed over. */
    public Outcome completed(long at, String partRun, Completion result) {
        Turn turn = new Turn();
        runUntil(at, turn);
        handlers.desks().begin(at);
        if (partRun.startsWith(DeskReport.OF_DESK)) {
            handlers.desks().completed(at, partRun, result, turn);
        } else {
            runner.completed(at, partRun, result, turn);
        }
        HandAnswers.told(partRun, result).ifPresent(fact -> decide(at, fact, 0, turn));
        return over(at, turn);
    }

    /** Time moved on to {@code now}. */
    public Outcome wake(long now) {
        Turn turn = new Turn();
        runUntil(now, turn);
        return done(now, turn);
    }

    /** What followed is answered, and what became due by it is done. */
    private Outcome over(long at, Turn turn) {
        followUp(at, turn);
        runUntil(at, turn);
        return done(at, turn);
    }

    /** The step is over: what fixtures show is told where it changed. */
    private Outcome done(long at, Turn turn) {
        shutters.tell(turn);
        if (turn.facesMoved()) {
            handlers.desks().begin(at);
            faces.tell(at, book().wiring(), turn);
        }
        return turn.outcome();
    }

    /** When it wants to be woken, milliseconds since 1970 UTC; {@link Long#MAX_VALUE} for never. */
    public long nextWake() {
        // Named one by one, not from a list: every line asks this three times.
        return Math.min(
                cues.nextWake(),
                Math.min(
                        handlers.desks().nextWake(),
                        Math.min(shutters.nextWake(), handlers.shows().nextWake())));
    }

    /** Ends every ring, drops all that waits, and puts back what was switched, in one step. */
    public Outcome hush(long at, Actor by) {
        Turn turn = new Turn();
        runUntil(at, turn);
        String note = runner.hush(at, turn);
        Fact hush = Facts.HUSH.by(by);
        turn.decided(new Decision(nextDecision++, at, hush, List.of(), note));
        // What a desk lets sound is no ring.
        handlers.desks().take(at, hush, turn);
        return done(at, turn);
    }

    /** A person ends a ring that plays, or skips one that waits; a ring that is over stays as it is, and that is said. */
    public Outcome stop(long at, long ring, Actor by) {
        Turn turn = new Turn();
        runUntil(at, turn);
        Ring there = agenda.ring(ring);
        String note = there == null ? OVER : runner.stop(at, there, turn);
        Fact stopped = Facts.STOPPED.by(by, ring, there == null ? "ring " + ring : there.cueName());
        turn.decided(new Decision(nextDecision++, at, stopped, List.of(), note));
        return over(at, turn);
    }

    /** A person lets a ring that waits go before the others; of one that plays or is over that is said. */
    public Outcome hasten(long at, long ring, Actor by) {
        Turn turn = new Turn();
        runUntil(at, turn);
        Ring there = agenda.ring(ring);
        String note = there == null ? OVER : first(at, there, turn);
        Fact hastened = Facts.HASTENED.by(by, ring, there == null ? "ring " + ring : there.cueName());
        turn.decided(new Decision(nextDecision++, at, hastened, List.of(), note));
        return over(at, turn);
    }

    private String first(long at, Ring ring, Turn turn) {
        if (ring.state() != RingState.WAITING) {
            return ring.cueName() + " plays already";
        }
        runner.move(ring.asUrgentAs(Urgency.URGENT), turn);
        runner.placeWaiting(at, turn);
        return ring.cueName() + " goes first of what waits, by hand";
    }

    /** Writes down that a fault ended what was at hand; nothing else is done. */
    public Outcome mended(long at, String what, String why) {
        Turn turn = new Turn();
        String note = what + " was given up and set aside, for the program met a fault: " + why;
        turn.decided(new Decision(nextDecision++, at, Facts.MENDED.by(Actor.PROGRAM, what, why), List.of(), note));
        return turn.outcome();
    }

    /** The wiring was changed; rings under way keep theirs, those that wait are dropped where their cue is now off. */
    public Outcome rewire(long at, CueBook next) {
        Turn turn = new Turn();
        runUntil(at, turn);
        turn.moved();
        handlers.wired().become(next);
        order.forEach(each -> each.rewire(next, at, turn));
        runUntil(at, turn);
        return done(at, turn);
    }

    /** The pages' round trips ask for another lead, in milliseconds; it holds for rings from now on. */
    public void lead(long millis) {
        deciding.lead(millis);
    }

    /** Whether what is decided can be kept; while it cannot, cues that cost points are held. */
    public void kept(boolean now) {
        handlers.points().kept(now);
    }

    /** What a condition says of events, as the evening stands now; it changes nothing. */
    public List<Condition.Verdict> wouldHold(Condition condition, List<ShowEvent> events) {
        return events.stream()
                .map(event -> condition.test(() -> new GateQuery(0, event, "", lets, 0, handlers.known(), "").values()))
                .toList();
    }

    /** The wiring in force. */
    public CueBook book() {
        return handlers.wired().book();
    }

    /** What it is at just now; where a call threw, what is to blame. */
    public AtWork atWork() {
        return new AtWork(runner.atWork(), handlers.desks().atWork());
    }

    /**
     * After a restart: what should still be seen is told again for the time it has left, what is over is not done late,
     * and what was under way outside becomes unknown. To be called once, before any other input.
     */
    public Outcome resume(long now) {
        Turn turn = new Turn();
        turn.moved();
        handlers.shows().skipTo(now, turn);
        new Resuming(runner).resume(now, turn);
        return over(now, turn);
    }

    /** How the evening stands. */
    public Evening evening() {
        return handlers.shows().evening();
    }

    /** All that it remembers. */
    public EngineState save() {
        Memory memory = new Memory();
        order.forEach(each -> each.save(memory));
        return new EngineState(
                seed, nextDecision, deciding.nextRing(), handlers.points().nextEntry(), memory);
    }
}
