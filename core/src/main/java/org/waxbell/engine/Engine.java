package org.waxbell.engine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.booking.Want;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.Take;
import org.waxbell.directive.SayInChat;
import org.waxbell.event.HushPulled;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.gate.GateAnswer;
import org.waxbell.gate.GateQuery;
import org.waxbell.gate.Let;
import org.waxbell.gate.LetBook;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.time.Spans;
import org.waxbell.words.Wording;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.ReadyCue;

/**
 * From event to decisions and directives; the same for a live evening and a rehearsal.
 *
 * <p>Deterministic: the same wiring, inputs, times and seed give the same outcomes. It has no thread and no clock: calls
 * are serialised by the caller, and every input carries its stamp in milliseconds since 1970 UTC, which never goes back.
 * Before an input at <i>t</i>, everything due up to <i>t</i> is done, each at its own moment.
 */
public final class Engine {
    /** How long a cue that said why it held stays silent to others, in milliseconds. */
    private static final long ANY_VIEWER_MS = 1_500;
    /** How long it stays silent to the same viewer. */
    private static final long SAME_VIEWER_MS = 10_000;

    private final Agenda agenda = new Agenda();
    private final LetBook lets = new LetBook();
    private final Chance chance;
    private final Waiting waiting;
    private final Runner runner;
    private final long seed;
    private CueBook book;
    private long leadMs;
    private long nextDecision;
    private long nextRing;

    /**
     * An engine that goes on from {@code state}.
     *
     * @param leadMs how long before their moment parts are told, in milliseconds
     */
    public Engine(CueBook book, EngineState state, long leadMs) {
        this.book = book;
        this.leadMs = leadMs;
        this.seed = state.seed();
        this.nextDecision = state.nextDecision();
        this.nextRing = state.nextRing();
        this.chance = new Chance(seed, state.drawn());
        this.waiting = new Waiting(agenda, book);
        this.runner = new Runner(agenda, waiting, lets);
        state.lets().forEach(let -> lets.add(let, Long.MAX_VALUE / 2));
        state.rings().forEach(ring -> {
            agenda.put(ring);
            waiting.book(ring);
        });
    }

    /** An event arrived. */
    public Outcome accept(long at, ShowEvent event) {
        Outcome.Builder out = new Outcome.Builder();
        runner.runUntil(at, out);
        List<CueAnswer> answers = new ArrayList<>();
        for (ReadyCue ready : book.match(event)) {
            answers.add(answer(at, event, ready, out));
        }
        out.decided(new Decision(nextDecision++, at, event, List.copyOf(answers), ""));
        runner.runUntil(at, out);
        return out.build();
    }

    private CueAnswer answer(long at, ShowEvent event, ReadyCue ready, Outcome.Builder out) {
        Cue cue = ready.cue();
        List<GateAnswer> gates = ready.ask(new GateQuery(at, event, cue.id(), lets, chance.roll(cue.id(), nextDecision)));
        GateAnswer last = gates.get(gates.size() - 1);
        if (!last.passed()) {
            answerHeld(at, event, cue, last, out);
            return new CueAnswer(cue.id(), cue.name(), gates, 0, false, List.of(), "");
        }
        long number = nextRing++;
        List<String> drawn = new ArrayList<>();
        Ring ring = ring(number, at, event, cue, drawn, out);
        letThrough(new Let(number, cue.id(), event.by().map(Viewer::id).orElse(""), at), ready, out);
        String note = admit(ring, out);
        return new CueAnswer(cue.id(), cue.name(), gates, number, agenda.ring(number) == null, List.copyOf(drawn), note);
    }

    /** Says why in chat, where the cue says something for that gate, there is a chat to say it in, and it was not said just now. */
    private void answerHeld(long at, ShowEvent event, Cue cue, GateAnswer held, Outcome.Builder out) {
        String viewer = event.by().map(Viewer::id).orElse("");
        for (HeldAnswer answer : cue.whenHeld()) {
            if (answer.gate().equals(held.gate()) && event.link().isPresent() && mayAnswer(at, cue.id(), viewer)) {
                Let said = Let.said(nextDecision, cue.id(), viewer, at);
                lets.add(said, SAME_VIEWER_MS);
                out.changed(new Change.LetThrough(said));
                Map<String, String> values = new HashMap<>(event.values());
                values.put("reason", held.reason());
                out.directed(new SayInChat("held" + nextDecision + "." + cue.id(), at, event.link().get(),
                        Wording.of(answer.words()).fill(values)));
            }
        }
    }

    /** A word that is flooded must not make us flood the chat in turn. */
    private boolean mayAnswer(long at, String cueId, String viewer) {
        String answers = Let.answersOf(cueId);
        long last = lets.last(answers);
        long own = lets.last(answers, viewer);
        return (last == LetBook.NEVER || at - last >= ANY_VIEWER_MS) && (own == LetBook.NEVER || at - own >= SAME_VIEWER_MS);
    }

    private void letThrough(Let let, ReadyCue ready, Outcome.Builder out) {
        if (ready.remembersMs() > 0) {
            lets.add(let, ready.remembersMs());
            out.changed(new Change.LetThrough(let));
        }
    }

    private Ring ring(long number, long at, ShowEvent event, Cue cue, List<String> drawn, Outcome.Builder out) {
        Take take = cue.takes().get(0);
        List<PartRun> parts = ScoreCompiler.plan(take.score(), book.shelf(), chance.of(cue.id(), number, drawn, out))
                .stream().map(PartRun::of).toList();
        long lead = take.score().toldAhead() ? leadMs : 0;
        Ring ring = new Ring(number, cue.id(), cue.name(), take.id(), event, cue.urgency(), at, 0, lead,
                at + lead, RingState.WAITING, "", parts);
        return ring.dueBy(at + longestWait(cue, ring));
    }

    private long longestWait(Cue cue, Ring ring) {
        return ring.wants().stream().map(Want::place).mapToLong(place -> book.rule(place).longestWaitMs())
                .reduce(cue.longestWaitMs(), Math::min) + ring.leadMs();
    }

    /** Lets a ring in line, or drops it at once where too many wait already; what there is to say of it. */
    private String admit(Ring ring, Outcome.Builder out) {
        String why = refusal(ring);
        if (!why.isEmpty()) {
            runner.drop(ring, RingState.DROPPED, why, out);
            return why;
        }
        agenda.put(ring);
        out.changed(new Change.RingMoved(ring));
        runner.placeWaiting(ring.arrived(), out);
        Ring placed = agenda.ring(ring.number());
        return placed == null ? "" : waitWords(placed.start() - ring.start(), ring.deadline() - ring.arrived() - ring.leadMs());
    }

    private String refusal(Ring ring) {
        String taken = waiting.refusedBy(ring);
        if (!taken.isEmpty()) {
            return book.placeName(taken) + " is taken";
        }
        Waiting.Crowd crowd = waiting.crowd(ring);
        return crowd.count() == 0 ? "" : crowd.count() + " already wait for " + book.placeName(crowd.place());
    }

    private static String waitWords(long wait, long longest) {
        if (wait <= 0) {
            return "";
        }
        return wait <= longest ? "waits " + Spans.inWords(wait)
                : "would wait " + Spans.inWords(wait) + ", may wait " + Spans.inWords(longest);
    }

    /** An adapter reports of a part; what is no longer known is passed over. */
    public Outcome completed(long at, String partRun, Completion result) {
        Outcome.Builder out = new Outcome.Builder();
        runner.runUntil(at, out);
        runner.completed(at, partRun, result, out);
        runner.runUntil(at, out);
        return out.build();
    }

    /** Time moved on to {@code now}. */
    public Outcome wake(long now) {
        Outcome.Builder out = new Outcome.Builder();
        runner.runUntil(now, out);
        return out.build();
    }

    /** When it wants to be woken, milliseconds since 1970 UTC; {@link Long#MAX_VALUE} for never. */
    public long nextWake() {
        return agenda.nextAt();
    }

    /** Ends every ring and drops all that waits, in one step. */
    public Outcome hush(long at) {
        Outcome.Builder out = new Outcome.Builder();
        runner.runUntil(at, out);
        String note = runner.hush(at, out);
        out.decided(new Decision(nextDecision++, at, new HushPulled(), List.of(), note));
        return out.build();
    }

    /** The wiring was changed; rings under way keep theirs, those that wait are dropped where their cue is now off. */
    public Outcome rewire(long at, CueBook next) {
        Outcome.Builder out = new Outcome.Builder();
        runner.runUntil(at, out);
        book = next;
        waiting.rewire(next);
        runner.dropOff(at, next, out);
        runner.runUntil(at, out);
        return out.build();
    }

    /** The pages' round trips ask for another lead, in milliseconds; it holds for rings from now on. */
    public void lead(long millis) {
        leadMs = millis;
    }

    /**
     * After a restart: what should still be seen is told again for the time it has left, what is over is not done late,
     * and what was under way outside becomes unknown. To be called once, before any other input.
     */
    public Outcome resume(long now) {
        Outcome.Builder out = new Outcome.Builder();
        runner.resume(now, out);
        runner.runUntil(now, out);
        return out.build();
    }

    /** All that it remembers. */
    public EngineState save() {
        List<Ring> rings = new ArrayList<>();
        agenda.all().forEach(rings::add);
        Map<String, String> drawn = new HashMap<>(chance.drawn());
        return new EngineState(seed, nextDecision, nextRing, List.copyOf(rings), lets.all(), Map.copyOf(drawn));
    }
}
