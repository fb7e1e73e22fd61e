package org.waxbell.engine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.waxbell.booking.Want;
import org.waxbell.cue.Cue;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.directive.SayInChat;
import org.waxbell.event.ChatLine;
import org.waxbell.event.CueRang;
import org.waxbell.event.Identity;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Tried;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;
import org.waxbell.gate.GateAnswer;
import org.waxbell.gate.GateQuery;
import org.waxbell.gate.Let;
import org.waxbell.gate.LetBook;
import org.waxbell.gate.WhoGate;
import org.waxbell.journal.CueAnswer;
import org.waxbell.score.Score;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.time.Spans;
import org.waxbell.wiring.CommandList;
import org.waxbell.wiring.Match;
import org.waxbell.wiring.ReadyCue;

/** From one event to what every cue that looks at it answers: gates, take, ring. */
final class Deciding {
    /** How long a cue that said why it held stays silent to others, in milliseconds. */
    private static final long ANY_VIEWER_MS = 1_500;
    /** How long it stays silent to the same viewer. */
    private static final long SAME_VIEWER_MS = 10_000;
    /** What takes are chosen under, which no part can be called. */
    private static final String TAKE = ".take";

    private final Agenda agenda;
    private final Waiting waiting;
    private final Runner runner;
    private final LetBook lets;
    private final Handlers handlers;
    private final Chance chance;
    private final Wired wired;
    private long leadMs;
    private long nextRing;

    Deciding(
            Agenda agenda,
            Waiting waiting,
            Runner runner,
            LetBook lets,
            Handlers handlers,
            long nextRing,
            long leadMs) {
        this.agenda = agenda;
        this.waiting = waiting;
        this.runner = runner;
        this.lets = lets;
        this.handlers = handlers;
        this.chance = handlers.chance();
        this.wired = handlers.wired();
        this.nextRing = nextRing;
        this.leadMs = leadMs;
    }

    void lead(long millis) {
        leadMs = millis;
    }

    long nextRing() {
        return nextRing;
    }

    /** One event that is asked about: its number, its moment, how many led to it, and whether what rings by it counts. */
    private record Question(long decision, long at, ShowEvent event, int depth, boolean counts) {}

    /** What every cue that the event concerns answers, in the order of the list; those that stand back are asked last. */
    List<CueAnswer> ask(long decision, long at, ShowEvent event, int depth, Turn out) {
        List<Match> matches = wired.book().match(event, this::isSpent);
        if (matches.isEmpty()) {
            return List.of();
        }
        Question question = new Question(decision, at, event, depth, true);
        CueAnswer[] answers = new CueAnswer[matches.size()];
        Match best = null;
        for (boolean back : new boolean[] {false, true}) {
            for (int i = 0; i < answers.length; i++) {
                Match match = matches.get(i);
                if (match.ready().standsBack() == back) {
                    String outdid = back && best != null && best.exactness() > match.exactness()
                            ? best.ready().cue().name()
                            : "";
                    answers[i] = answer(question, match, outdid, out);
                    best = answers[i].held() || best != null && best.exactness() >= match.exactness() ? best : match;
                }
            }
        }
        return List.of(answers);
    }

    /** What one cue answers to an event with which a person tries it; empty where there is no such cue. */
    List<CueAnswer> tried(long decision, long at, Tried tried, Turn out) {
        ReadyCue ready = wired.book().cue(tried.cue()).orElse(null);
        if (ready == null) {
            return List.of();
        }
        Question question = new Question(decision, at, tried.cause(), 0, !tried.past());
        if (!tried.past()) {
            return List.of(answer(question, new Match(ready, Long.MAX_VALUE, null), "", out));
        }
        GateQuery query = new GateQuery(at, tried.cause(), tried.cue(), lets, 0, handlers.known(), "");
        Take take = ready.take(
                        query,
                        bound -> chance.below(tried.cue(), TAKE, nextRing, bound),
                        chance.last(tried.cue(), TAKE))
                .orElse(ready.cue().takes().get(0));
        return List.of(ring(
                question,
                ready,
                take,
                List.of(new GateAnswer("hand", true, "past its gates, by hand", Map.of())),
                out));
    }

    private boolean isSpent(Match match, ChatLine line) {
        return match.first() != null
                && handlers.firstLines().isSpent(match.ready().cue().id(), match.first(), line.viewer());
    }

    private CueAnswer answer(Question question, Match match, String outdid, Turn out) {
        ReadyCue ready = match.ready();
        Cue cue = ready.cue();
        GateQuery query = new GateQuery(
                question.at(),
                question.event(),
                cue.id(),
                lets,
                chance.roll(cue.id(), question.decision()),
                handlers.known(),
                outdid);
        List<GateAnswer> gates = ready.ask(query);
        Take take = gates.get(gates.size() - 1).passed()
                ? ready.take(query, bound -> chance.below(cue.id(), TAKE, nextRing, bound), chance.last(cue.id(), TAKE))
                        .orElse(null)
                : null;
        if (take != null) {
            return ring(question, ready, take, gates, out);
        }
        if (gates.get(gates.size() - 1).passed()) {
            gates = new ArrayList<>(gates);
            gates.add(new GateAnswer("take", false, "none of its takes fits", Map.of()));
        }
        FirstLinePull first = match.first();
        if (first != null && isSpentThough(first, gates.get(gates.size() - 1))) {
            question.event().by().ifPresent(viewer -> handlers.firstLines().spend(cue.id(), first, viewer, out));
        }
        answerHeld(question, cue, gates.get(gates.size() - 1), out);
        return new CueAnswer(cue.id(), cue.name(), List.copyOf(gates), 0, "", false, List.of(), "");
    }

    /** Who one is does not change: whom a cue is not for had their first line, and is not told so again at each line. */
    private static boolean isSpentThough(FirstLinePull first, GateAnswer held) {
        return first.spentWhenHeld()
                || first.whose() != FirstLinePull.Whose.FIRST_OF_ALL
                        && held.gate().equals(WhoGate.KIND.name());
    }

    private CueAnswer ring(Question question, ReadyCue ready, Take take, List<GateAnswer> gates, Turn out) {
        Cue cue = ready.cue();
        List<String> drawn = new ArrayList<>();
        Ring ring = make(nextRing++, question, cue, take, drawn, out);
        if (cue.takes().size() > 1 && cue.takeRule() != TakeRule.FIRST) {
            chance.chose(cue.id(), TAKE, take.id(), out);
        }
        if (question.counts()) {
            letThrough(question, ready, ring.number(), out);
        }
        String note = admit(ring, out);
        out.follows(new CueRang(cue.id(), cue.name(), false, question.event()), question.depth() + 1);
        return new CueAnswer(
                cue.id(),
                cue.name(),
                gates,
                ring.number(),
                cue.takes().size() > 1 ? take.name() : "",
                agenda.ring(ring.number()) == null,
                List.copyOf(drawn),
                note);
    }

    private Ring make(long number, Question question, Cue cue, Take take, List<String> drawn, Turn out) {
        List<PartRun> parts =
                ScoreCompiler.plan(take.score(), wired.book().shelf(), chance.of(cue.id(), number, drawn, out)).stream()
                        .map(planned -> PartRun.of(planned, false))
                        .toList();
        long lead = take.score().toldAhead() ? leadMs : 0;
        Score spare = cue.take(take.spare()).map(Take::score).orElse(Ring.NO_SPARE);
        Ring ring = new Ring(
                number,
                cue.id(),
                cue.name(),
                take.id(),
                question.event(),
                question.depth(),
                cue.urgency(),
                question.at(),
                0,
                lead,
                question.at() + lead,
                RingState.WAITING,
                false,
                "",
                parts,
                spare,
                words(question, cue));
        return ring.dueBy(question.at() + longestWait(cue, ring));
    }

    /** Values for the words of a cue beside the event's own. */
    private Map<String, String> words(Question question, Cue cue) {
        ReadyCue ready = wired.book().cue(cue.id()).orElse(null);
        Map<String, String> now =
                ready == null || handlers.areReadBy(ready.patterns()) ? handlers.words(question.event()) : Map.of();
        if (ready == null || !ready.lists()) {
            return now;
        }
        Map<String, String> words = new HashMap<>(now);
        Predicate<ReadyCue> may = each -> mayUse(each, question.at(), question.event());
        String about =
                question.event() instanceof Written line ? line.argument().strip() : "";
        words.put(
                CommandList.VALUE,
                wired.book()
                        .commands()
                        .about(about, may)
                        .orElseGet(() -> wired.book().commands().inWords(may)));
        return words;
    }

    private boolean mayUse(ReadyCue ready, long at, ShowEvent event) {
        return ready.mayUse(new GateQuery(at, event, ready.cue().id(), lets, 0, handlers.known(), ""));
    }

    /** Which word was meant by one that no cue has, for the host to read; staff who misspelled it are told, they alone. */
    String hint(long decision, long at, ChatLine line, Turn out) {
        if (!line.asks()) {
            return "";
        }
        boolean told = wired.house().hints() && line.viewer().keepsOrder();
        return wired.book()
                .commands()
                .near(line.word(), ready -> mayUse(ready, at, line))
                .map(word -> {
                    if (!told) {
                        return "no cue has this word · did they mean " + word + "?";
                    }
                    out.directed(new SayInChat(
                            "hint" + decision,
                            at,
                            line.from(),
                            line.viewer().name(),
                            "No cue has " + line.word() + ". Did you mean " + word + "?"));
                    return "no cue has this word · perhaps " + word + " was meant, said to "
                            + line.viewer().name();
                })
                .orElse("");
    }

    private long longestWait(Cue cue, Ring ring) {
        return ring.wants().stream()
                        .map(Want::place)
                        .mapToLong(place -> wired.book().rule(place).longestWaitMs())
                        .reduce(cue.longestWaitMs(), Math::min)
                + ring.leadMs();
    }

    private void letThrough(Question question, ReadyCue ready, long ring, Turn out) {
        String cueId = ready.cue().id();
        String person = question.event().by().map(Viewer::id).orElse("");
        if (ready.remembers()) {
            Let let = new Let(ring, cueId, ready.who() ? Identity.key(person) : 0, question.at(), 1);
            lets.add(let, ready.remembersMs());
            out.changed(Books.LETS.put(let.key(), let));
        }
        if (ready.price() > 0 && !person.isEmpty()) {
            handlers.points().promise(ring, person, ready.price(), ready.cue().name(), out);
        }
        question.event()
                .by()
                .ifPresent(viewer -> ready.firstLines()
                        .forEach(first -> handlers.firstLines().spend(cueId, first, viewer, out)));
    }

    /** Says why in chat, where the cue says something for that gate, there is a chat to say it in, and it was not said just now. */
    private void answerHeld(Question question, Cue cue, GateAnswer held, Turn out) {
        ShowEvent event = question.event();
        String viewer = event.by().map(Viewer::id).orElse("");
        for (HeldAnswer answer : cue.whenHeld()) {
            if (answer.gate().equals(held.gate())
                    && event.link().isPresent()
                    && mayAnswer(question.at(), cue.id(), viewer)) {
                Let said = Let.said(question.decision(), cue.id(), viewer, question.at());
                lets.addSettled(said, SAME_VIEWER_MS);
                out.changed(Books.LETS.put(said.key(), said));
                Map<String, String> values = new HashMap<>(handlers.wordsOfAll(event));
                values.putAll(words(question, cue));
                values.putAll(event.values());
                values.put("reason", held.reason());
                out.directed(new SayInChat(
                        "held" + question.decision() + "." + cue.id(),
                        question.at(),
                        event.link().get(),
                        event.privately().orElse(""),
                        runner.wordBook().get(answer.words()).fill(values, (int) question.decision())));
            }
        }
    }

    /** A word that is flooded must not make us flood the chat in turn. */
    private boolean mayAnswer(long at, String cueId, String viewer) {
        String answers = Let.answersOf(cueId);
        long last = lets.last(answers);
        long own = lets.last(answers, viewer);
        return (last == LetBook.NEVER || at - last >= ANY_VIEWER_MS)
                && (own == LetBook.NEVER || at - own >= SAME_VIEWER_MS);
    }

    /** Lets a ring in line, or drops it at once where too many wait already; what there is to say of it. */
    private String admit(Ring ring, Turn out) {
        String why = refusal(ring);
        if (!why.isEmpty()) {
            runner.drop(ring, RingState.DROPPED, why, out);
            return why;
        }
        agenda.put(ring);
        out.changed(Books.RINGS.put(Long.toString(ring.number()), ring));
        runner.placeWaiting(ring.arrived(), out);
        Ring placed = agenda.ring(ring.number());
        return placed == null
                ? ""
                : waitWords(placed.start() - ring.start(), ring.deadline() - ring.arrived() - ring.leadMs());
    }

    private String refusal(Ring ring) {
        return waiting.refusedBy(ring)
                .map(taken -> wired.book().placeName(taken) + " is taken")
                .or(() -> waiting.crowd(ring)
                        .map(crowd -> crowd.count() + " already wait for "
                                + wired.book().placeName(crowd.place())))
                .orElse("");
    }

    private static String waitWords(long wait, long longest) {
        if (wait <= 0) {
            return "";
        }
        return wait <= longest
                ? "waits " + Spans.inWords(wait)
                : "would wait " + Spans.inWords(wait) + ", may wait " + Spans.inWords(longest);
    }
}
