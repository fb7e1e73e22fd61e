package org.waxbell.engine;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.Asking;
import org.waxbell.act.DeskDocument;
import org.waxbell.actor.Actor;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.Desk;
import org.waxbell.desk.DeskReport;
import org.waxbell.desk.Errand;
import org.waxbell.desk.Lots;
import org.waxbell.directive.RunScript;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;

/** Runs every desk: hands on what is asked and what happens, keeps how each stands, and lets out what comes of it. */
final class DeskRuns implements Handler {
    private static final ChatLine ANY_LINE = Facts.chat();
    private final List<Desk<?, ?>> desks;
    private final Surroundings evening;
    private final Points points;
    private final Chance chance;
    private final Stands stands;
    /** How each stands, by desk and place; those whose document is no more are kept, for an undo may bring it back. */
    private final Map<Desk<?, ?>, Map<String, Object>> states = new LinkedHashMap<>();

    private final Map<String, Run<?, ?>> runs = new LinkedHashMap<>();
    /** Those who hear lines, of which there are most. */
    private List<Run<?, ?>> ofLines = List.of();
    /** When the first of them wants to be woken, worked out only when one of them changed. */
    private long next;

    private boolean nextIsKnown;
    /** The moment of the step in hand, milliseconds since 1970 UTC: what desks tell of themselves holds for it. */
    private long moment;

    private String atWork = "";
    /** Who brings what for words, by name. */
    private final Map<String, Run<?, ?>> owners = new HashMap<>();

    DeskRuns(
            List<Desk<?, ?>> desks,
            Memory memory,
            CueBook book,
            Surroundings evening,
            Points points,
            Chance chance,
            Stands stands) {
        this.desks = desks;
        this.stands = stands;
        this.evening = evening;
        this.points = points;
        this.chance = chance;
        desks.forEach(desk -> {
            Map<String, Object> own = new TreeMap<>();
            memory.keys(desk.book()).forEach(place -> own.put(place, restored(desk, place, memory)));
            own.forEach((place, now) -> stands.resume(place, holds(desk, now)));
            states.put(desk, own);
        });
        define(book);
    }

    private static <S> Object restored(Desk<?, S> desk, String place, Memory memory) {
        return Objects.requireNonNull(desk.restored(place, memory), place);
    }

    private static <S> Map<Target, String> holds(Desk<?, S> desk, Object now) {
        return desk.holds(cast(desk, now));
    }

    private Map<String, Object> states(Desk<?, ?> desk) {
        return Objects.requireNonNull(states.get(desk));
    }

    /** One document with the desk that runs it. */
    private final class Run<D extends DeskDocument, S> {
        private final Desk<D, S> desk;
        private final String place;
        private final D document;

        Run(Desk<D, S> desk, String place, DeskDocument document) {
            this.desk = desk;
            this.place = place;
            this.document = desk.documents().cast(document);
        }

        private S now() {
            Object now = states(desk).get(place);
            return now == null ? desk.fresh(document) : cast(desk, now);
        }

        Answer<?> ask(Ask ask, int depth, Turn turn) {
            Act act = ask.act();
            for (ActField field : act.fields()) {
                String fault = field.faultOf(act.said(field.key(), ask.with()));
                if (!fault.isEmpty()) {
                    return Answer.refused(now(), "notUnderstood", fault);
                }
            }
            atWork = place;
            return become(ask.at(), desk.ask(document, now(), ask, evening), depth, turn);
        }

        boolean hears(ShowEvent event) {
            return desk.hears(document, event);
        }

        void reported(long at, DeskReport report, Turn turn) {
            atWork = place;
            become(at, desk.reported(document, now(), at, report, evening), 1, turn);
        }

        void hear(long at, ShowEvent event, Turn turn) {
            atWork = place;
            Answer<?> answer = become(at, desk.hear(document, now(), at, event, evening), turn.depth() + 1, turn);
            if (!answer.says().isEmpty()) {
                turn.says(answer.says());
            }
        }

        long nextWake() {
            return desk.nextWake(document, now());
        }

        void wake(long at, Turn turn) {
            atWork = place;
            become(at, desk.wake(document, now(), at, evening), 1, turn);
        }

        private Answer<S> become(long at, Answer<S> answer, int depth, Turn turn) {
            S before = now();
            if (!answer.next().equals(before)) {
                boolean first = states(desk).put(place, answer.next()) == null;
                nextIsKnown = false;
                (first ? desk.kept(place, answer.next()) : desk.changes(place, before, answer.next()))
                        .forEach(turn::changed);
                turn.moved();
            }
            stands.become(place, desk.holds(before), desk.holds(answer.next()), at, depth, turn);
            answer.points().forEach(move -> points.move(at, move.person(), move.amount(), move.why(), turn));
            answer.directives()
                    .forEach(each -> turn.directed(each instanceof RunScript run ? chance.drawn(run) : each));
            answer.told().forEach(fact -> turn.follows(fact, depth));
            answer.asks().forEach(other -> turn.follows(asked(other), depth));
            atWork = "";
            return answer;
        }

        /** Its document was taken away. */
        void letGo(long at, Turn turn) {
            become(at, Answer.becomes(desk.gone(now())), 1, turn);
        }

        private Fact asked(Errand errand) {
            Asking other = errand.asking();
            String says = act(other.desk(), other.about(), other.act())
                    .map(Act::title)
                    .orElse(other.act());
            String whom = Optional.ofNullable(runs.get(other.about()))
                    .map(run -> run.document.name())
                    .orElse(other.about());
            return Facts.DESK_ASKED.by(
                    Actor.desk(place),
                    other.desk(),
                    other.about(),
                    other.act(),
                    other.with(),
                    document.name() + " asks " + whom + ": " + says,
                    errand.mark());
        }

        /** Another did what this one asked it for. */
        void answered(String mark, Asking undoing, long at, Turn turn) {
            become(at, Answer.becomes(desk.answered(now(), mark, undoing)), turn.depth() + 1, turn);
        }

        Map<String, Object> values(String person) {
            return desk.values(document, now(), moment, person);
        }

        Optional<Face> face() {
            return desk.face(document, now(), moment);
        }
    }

    @Override
    public boolean takesLines() {
        return true;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (runs.isEmpty()) {
            return;
        }
        if (event instanceof Fact fact && (fact.is(Facts.ASKED) || fact.is(Facts.DESK_ASKED))) {
            byHand(at, fact, turn);
        } else {
            for (Run<?, ?> run : event instanceof ChatLine ? ofLines : runs.values()) {
                if (run.hears(event)) {
                    run.hear(at, event, turn);
                }
            }
        }
    }

    /** A step begins: what desks tell of themselves holds for that moment. */
    void begin(long at) {
        moment = at;
    }

    /** The place of the document whose desk is at work, empty text for none; stays where a fault ended the work. */
    String atWork() {
        return atWork;
    }

    /** Whether any desk wants to hear of such an event. */
    boolean hears(ShowEvent event) {
        return runs.values().stream().anyMatch(run -> run.hears(event));
    }

    private void byHand(long at, Fact fact, Turn turn) {
        Act act = act(fact.text("desk"), fact.text("about"), fact.text("act")).orElse(null);
        if (act != null && !fact.actor().may(act.right())) {
            turn.refuse(fact.actor().inWords() + " may not ask for that");
            return;
        }
        long decision = turn.decision();
        Lots lots = (purpose, bound) ->
                chance.below("desk/" + fact.text("about"), fact.text("act") + "/" + purpose, decision, bound);
        Answer<?> answer = ask(
                at,
                fact.actor(),
                fact,
                fact.text("desk"),
                fact.text("about"),
                fact.text("act"),
                fact.texts("with"),
                lots,
                1,
                turn);
        turn.says(answer.says());
        Run<?, ?> asker =
                fact.text("mark").isEmpty() ? null : runs.get(fact.actor().id());
        String undo = act == null || answer.refused() ? null : act.undoing().get(answer.outcome());
        if (asker != null && undo != null) {
            asker.answered(
                    fact.text("mark"), new Asking(fact.text("desk"), fact.text("about"), undo, Map.of()), at, turn);
        }
    }

    /** An adapter tells what came of a directive of a desk; where that is no more, it is passed over. */
    void completed(long at, String partRun, Completion result, Turn turn) {
        Run<?, ?> run = runs.get(DeskReport.placeOf(partRun));
        if (run != null && result.kind() != Completion.Kind.MEASURED) {
            run.reported(at, new DeskReport(partRun, result.detail(), result.results()), turn);
        }
    }

    private Optional<Act> act(String desk, String place, String name) {
        Run<?, ?> run = runs.get(place);
        return run == null || !run.desk.name().equals(desk) ? Optional.empty() : run.document.act(name);
    }

    /** Asks one desk; refused where there is no such document or act any more. @param event what led to it */
    Answer<?> ask(
            long at,
            Actor by,
            ShowEvent event,
            String desk,
            String place,
            String act,
            Map<String, String> with,
            Lots lots,
            int depth,
            Turn turn) {
        Act wanted = act(desk, place, act).orElse(null);
        Run<?, ?> run = runs.get(place);
        return wanted == null || run == null
                ? Answer.refused("", "gone", "there is nothing called " + place + " that could be asked for " + act)
                : run.ask(new Ask(at, by, event.by(), event.link(), wanted, with, lots), depth, turn);
    }

    /** What an account has at a desk the person has from now on; where the person has something there already, both stay as they are. */
    void unite(Viewer account, Viewer person, Turn turn) {
        Renaming renaming = new Renaming(account, person);
        desks.forEach(desk -> states(desk).replaceAll((place, now) -> unite(desk, place, now, renaming, person, turn)));
        nextIsKnown = false;
    }

    private static <S> Object unite(
            Desk<?, S> desk, String place, Object now, Renaming renaming, Viewer person, Turn turn) {
        Object next = Renaming.names(now, person) ? now : renaming.of(now);
        if (next != now) {
            desk.changes(place, cast(desk, now), cast(desk, next)).forEach(turn::changed);
        }
        return next;
    }

    @Override
    public long nextWake() {
        if (!nextIsKnown) {
            next = Long.MAX_VALUE;
            runs.values().forEach(run -> next = Math.min(next, run.nextWake()));
            nextIsKnown = true;
        }
        // What was set back by hand, or written otherwise, may have been due before: time never runs backwards.
        return Math.max(next, moment);
    }

    @Override
    public void wake(long at, Turn turn) {
        runs.values().stream().filter(run -> run.nextWake() <= at).findFirst().ifPresent(run -> run.wake(at, turn));
    }

    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        Map<String, Run<?, ?>> before = new LinkedHashMap<>(runs);
        define(next);
        before.forEach((place, run) -> {
            if (!runs.containsKey(place)) {
                run.letGo(at, turn);
            }
        });
    }

    private void define(CueBook book) {
        runs.clear();
        nextIsKnown = false;
        book.wiring()
                .deskDocuments()
                .forEach((place, document) -> desks.stream()
                        .filter(desk -> desk.name().equals(document.desk()))
                        .findFirst()
                        .ifPresent(desk -> runs.put(place, new Run<>(desk, place, document))));
        owners.clear();
        runs.values().forEach(run -> run.document.values().keySet().forEach(name -> owners.put(name, run)));
        ofLines = runs.values().stream().filter(run -> run.hears(ANY_LINE)).toList();
    }

    /** What the fixture at that place shows, null where no desk runs it. */
    @Nullable
    Face face(String place) {
        Run<?, ?> run = runs.get(place);
        return run == null ? null : run.face().orElse(null);
    }

    /** The names in words of what desks bring. */
    Set<String> names() {
        return owners.keySet();
    }

    /** The value of that name in words, as a person sees it; null where no desk brings it. */
    @Nullable
    Object value(Object name, String person) {
        Run<?, ?> run = owners.get(name);
        return run == null ? null : run.values(person).get(name);
    }

    /** The values of all desks, as a person sees them. */
    Map<String, Object> values(String person) {
        Map<String, Object> all = new HashMap<>();
        runs.values().forEach(run -> all.putAll(run.values(person)));
        return all;
    }

    @Override
    public void save(Memory memory) {
        desks.forEach(desk -> save(desk, memory));
    }

    private <S> void save(Desk<?, S> desk, Memory memory) {
        states(desk).forEach((place, now) -> desk.kept(place, cast(desk, now)).forEach(memory::take));
    }

    /** What stands there was made by the very desk. */
    @SuppressWarnings({"unchecked", "TypeParameterUnusedInFormals"})
    private static <S> S cast(Desk<?, S> desk, Object now) {
        return (S) now;
    }
}
