package org.waxbell.turns;

import com.google.re2j.Pattern;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;

/** What a viewer asks of a queue: to join, to leave, where they are, another note. */
final class Joining extends TurnsStep {
    /** Notes are shown on stages and boards; what is longer is cut. */
    static final int LONGEST_NOTE = 120;

    private final Viewer viewer;

    Joining(Queue queue, TurnsState now, Ask ask, Surroundings evening, Viewer viewer) {
        super(queue, now, ask, evening);
        this.viewer = viewer;
    }

    private Answer<TurnsState> no(String outcome, String pattern) {
        return refused(outcome, said(pattern, now, ""));
    }

    private String said(String pattern, TurnsState state, String note) {
        return filled(pattern, state, viewer.id(), viewer.name(), note);
    }

    /** A note as it is kept. */
    static String plain(String note) {
        return OneLine.of(note, LONGEST_NOTE);
    }

    Answer<TurnsState> join() {
        QueueAnswers answers = queue.answers();
        if (now.up(viewer.id()).isPresent()) {
            return no("isUp", answers.isUp());
        }
        if (now.people().get(viewer.id()).isPresent()) {
            return no("already", answers.already());
        }
        if (now.head().banned().containsKey(viewer.id())) {
            return no("banned", answers.banned());
        }
        if (!now.head().open()) {
            return no("closed", answers.closed());
        }
        if (!viewer.standings().contains(queue.who()) && !viewer.keepsOrder()
                || queue.who() == Standing.MEMBER && viewer.months() < queue.months() && !viewer.keepsOrder()) {
            return no("notAllowed", answers.notAllowed());
        }
        return joinIfFits(plain(ask.text("note")));
    }

    private Answer<TurnsState> joinIfFits(String note) {
        QueueAnswers answers = queue.answers();
        if (note.isEmpty() && queue.note() == Queue.Note.MUST) {
            return no("needNote", answers.needNote());
        }
        if (!fits(note)) {
            return no("badNote", answers.badNote());
        }
        if (queue.most() > 0 && now.waiting().size() >= queue.most()) {
            return no("full", answers.full());
        }
        if (!mayAgain()) {
            return no("notAgain", answers.notAgain());
        }
        if (queue.price() > 0 && evening.canSpend(viewer.id()) < queue.price()) {
            return no("cannotPay", answers.cannotPay());
        }
        return joined(note);
    }

    private boolean fits(String note) {
        return note.isEmpty()
                || queue.pattern().isEmpty()
                || Pattern.compile(queue.pattern()).matches(note);
    }

    private boolean mayAgain() {
        Optional<Guest> guest = now.guests().get(viewer.id());
        return guest.isEmpty()
                || switch (queue.again()) {
                    case ALWAYS -> true;
                    case RESTED -> at - guest.get().lastAt() >= queue.restMs();
                    case ONCE -> guest.get().lastAt() < now.head().show();
                };
    }

    private Answer<TurnsState> joined(String note) {
        Entry entry = entered(queue, now, viewer, note, at);
        TurnsState next = now.with(now.head().joined()).with(entry);
        Answer<TurnsState> answer = Answer.done(
                        next,
                        "joined",
                        said(queue.answers().joined(), next, note),
                        Map.of("place", Integer.toString(next.place(viewer.id()))))
                .telling(List.of(about(DeskFacts.TURN_JOINED, ask.by(), entry, queue.name(), note)));
        return queue.price() == 0
                ? answer
                : answer.moving(List.of(new PointsMove(viewer.id(), -queue.price(), "joined " + queue.name())));
    }

    /** Somebody as they join: behind all who come no later than they do. */
    static Entry entered(Queue queue, TurnsState now, Viewer viewer, String note, long at) {
        boolean first = switch (queue.first()) {
            case CAME -> true;
            case MEMBERS -> viewer.standings().contains(Standing.MEMBER) && viewer.months() >= queue.firstMonths();
            case FRESH ->
                now.guests()
                        .get(viewer.id())
                        .filter(guest -> guest.lastAt() >= now.head().show())
                        .isEmpty();
        };
        String why =
                !first || queue.first() == First.CAME ? "" : queue.first() == First.MEMBERS ? "a member" : "not up yet";
        return new Entry(
                viewer.id(),
                viewer.name(),
                viewer.standings(),
                viewer.months(),
                note,
                at,
                at,
                first ? 1 : 2,
                now.head().next(),
                why);
    }

    Answer<TurnsState> leave() {
        Optional<Up> up = now.up(viewer.id());
        Optional<Entry> waits = now.people().get(viewer.id());
        if (up.isEmpty() && waits.isEmpty()) {
            return no("notIn", queue.answers().notIn());
        }
        TurnsState next = up.map(each -> now.with(
                        now.head().withUp(without(now.head().up(), each)).stepped(Optional.empty())))
                .orElseGet(() -> now.without(viewer.id()));
        Entry entry = waits.orElseGet(() -> up.orElseThrow().entry());
        return Answer.done(next, "left", said(queue.answers().left(), next, ""), Map.of())
                .telling(List.of(about(
                        DeskFacts.TURN_LEFT,
                        ask.by(),
                        entry,
                        queue.name(),
                        up.isPresent() ? "while up" : "by themselves")));
    }

    Answer<TurnsState> place() {
        if (now.up(viewer.id()).isPresent()) {
            return Answer.done(now, "isUp", said(queue.answers().isUp(), now, ""), Map.of());
        }
        return now.people()
                .get(viewer.id())
                .map(entry -> Answer.done(now, "place", said(queue.answers().place(), now, entry.note()), Map.of()))
                .orElseGet(() -> no("notIn", queue.answers().notIn()));
    }

    Answer<TurnsState> note() {
        String note = plain(ask.text("note"));
        if (note.isEmpty() && queue.note() == Queue.Note.MUST) {
            return no("needNote", queue.answers().needNote());
        }
        if (!fits(note)) {
            return no("badNote", queue.answers().badNote());
        }
        return now.people()
                .get(viewer.id())
                .map(entry -> {
                    TurnsState next = now.with(entry.noting(note));
                    return Answer.done(next, "noted", said(queue.answers().noted(), next, note), Map.of());
                })
                .orElseGet(() -> no("notIn", queue.answers().notIn()));
    }
}
