package org.waxbell.tasks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.desk.Whom;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.gate.Surroundings;

/** What viewers ask of task lists, and the host and moderators by the same acts. */
final class Writing extends TasksStep {
    private static final Pattern NUMBERED = Pattern.compile("#?(\\d{1,6})[:.,]?\\s+(\\S.*)");
    private final TasksAnswers answers;

    Writing(Tasks tasks, TasksState now, Ask ask, Surroundings evening) {
        super(tasks, now, ask, evening);
        this.answers = tasks.answers();
    }

    Answer<TasksState> answer() {
        if (listUnknown()) {
            return noSuchList();
        }
        return switch (ask.act().name()) {
            case "add" -> add();
            case "done" -> ticked(true);
            case "undone" -> ticked(false);
            case "edit" -> edit();
            case "remove" -> remove();
            case "mine" -> mine();
            default -> seal();
        };
    }

    /** Why who asks may write nothing at all; null where they may. */
    private @Nullable Answer<TasksState> barred() {
        if (leads()) {
            return null;
        }
        if (now.head().banned().containsKey(person())) {
            return no("banned", answers.banned());
        }
        if (now.head().shut()) {
            return no("shut", answers.shut());
        }
        return viewer.orElseThrow().standings().contains(list.who()) ? null : no("notAllowed", answers.notAllowed());
    }

    private Answer<TasksState> add() {
        Answer<TasksState> barred = barred();
        if (barred != null) {
            return barred;
        }
        List<String> wanted = Arrays.stream(ask.text("text").split("[;\\n]"))
                .map(OneLine::of)
                .filter(each -> !each.isEmpty())
                .toList();
        if (wanted.isEmpty()) {
            return no("needWords", answers.needWords());
        }
        TasksState after = now;
        List<Task> added = new ArrayList<>();
        Answer<TasksState> refused = no("needWords", answers.needWords());
        for (String words : wanted) {
            Answer<TasksState> why = fault(after, words);
            if (why == null) {
                after = after.adding(list.id(), words, person(), name(), at, 0);
                List<Task> all = after.of(list.id());
                added.add(all.get(all.size() - 1));
            } else {
                refused = why;
            }
        }
        if (added.isEmpty()) {
            return refused;
        }
        String left = Integer.toString(wanted.size() - added.size());
        return stepped(
                after,
                "added",
                said(answers.added(), after, added, Map.of("leftOut", left)),
                added.stream().map(task -> about(DeskFacts.TASK_ADDED, task)).toList());
    }

    /** Why words cannot be written; null where they can. */
    private @Nullable Answer<TasksState> fault(TasksState state, String words) {
        if (words.codePointCount(0, words.length()) > tasks.longest()) {
            return no("tooLong", answers.tooLong());
        }
        List<Task> open =
                state.of(list.id()).stream().filter(task -> !task.ticked()).toList();
        List<Task> twins = open.stream()
                .filter(task -> task.words().toLowerCase(Locale.ROOT).equals(words.toLowerCase(Locale.ROOT)))
                .toList();
        if (!twins.isEmpty()) {
            return no("twice", answers.twice(), twins);
        }
        if (open.size() >= (leads() ? Tasks.MOST : tasks.most())) {
            return no("full", answers.full());
        }
        boolean has = tasks.each() > 0
                && open.stream().filter(task -> task.person().equals(person())).count() >= tasks.each();
        return has && !leads() ? no("tooMany", answers.tooMany()) : null;
    }

    private boolean owns(Task task) {
        return leads() || task.person().equals(person());
    }

    private boolean ticks(Task task) {
        return owns(task)
                || tasks.tick() == Tick.ANYONE
                        && viewer.orElseThrow().standings().contains(list.who());
    }

    /** The tasks that are meant and may be changed, or why there are none: the one answer, or the other. */
    private record Found(List<Task> tasks, Answer<TasksState> refused) {}

    private Found found(String written, Predicate<Task> may, Predicate<Task> fits, Answer<TasksState> unfit) {
        List<Task> all = now.of(list.id());
        // What cannot be meant does not make it unsure: ticked tasks while one is to be ticked, and those of others.
        Meant first = meant(written, all.stream().filter(may).filter(fits).toList());
        Meant any = first.sure().isEmpty() && first.perhaps().isEmpty() ? meant(written, all) : first;
        if (any.sure().isEmpty()) {
            return new Found(List.of(), notMeant(any));
        }
        if (!any.sure().stream().allMatch(may)) {
            return new Found(List.of(), no("notYours", answers.notYours(), any.sure()));
        }
        if (!any.sure().stream().allMatch(fits)) {
            return new Found(List.of(), unfit.says().isEmpty() ? unfit : no("already", unfit.says(), any.sure()));
        }
        return new Found(any.sure(), unfit);
    }

    private Answer<TasksState> ticked(boolean done) {
        Answer<TasksState> barred = barred();
        if (barred != null) {
            return barred;
        }
        Found found = found(
                ask.text("which"),
                this::ticks,
                task -> task.ticked() != done,
                Answer.refused(now, "already", done ? answers.already() : answers.noSuch()));
        if (found.tasks().isEmpty()) {
            return found.refused();
        }
        TasksState after = now;
        List<Fact> told = new ArrayList<>();
        for (Task each : found.tasks()) {
            after = after.changed(each, each.doneAt(done ? at : 0));
            told.add(about(done ? DeskFacts.TASK_DONE : DeskFacts.TASK_UNDONE, each));
        }
        told.addAll(allDone(after));
        return stepped(
                after,
                done ? "done" : "undone",
                said(done ? answers.done() : answers.undone(), after, found.tasks(), Map.of()),
                told);
    }

    private Answer<TasksState> remove() {
        Answer<TasksState> barred = barred();
        if (barred != null) {
            return barred;
        }
        Found found = found(ask.text("which"), this::owns, task -> true, Answer.refused(now, "noSuch", ""));
        if (found.tasks().isEmpty()) {
            return found.refused();
        }
        TasksState after = now;
        List<Fact> told = new ArrayList<>();
        for (Task each : found.tasks()) {
            after = after.without(each, at);
            told.add(about(DeskFacts.TASK_REMOVED, each));
        }
        told.addAll(allDone(after));
        return stepped(after, "removed", said(answers.removed(), after, found.tasks(), Map.of()), told);
    }

    private Answer<TasksState> edit() {
        Answer<TasksState> barred = barred();
        if (barred != null) {
            return barred;
        }
        String text = OneLine.of(ask.text("text"));
        Matcher numbered = NUMBERED.matcher(text);
        List<Task> own = now.of(list.id()).stream()
                .filter(task -> !task.ticked() && task.person().equals(person()))
                .toList();
        // Who has one task alone need not say its number.
        boolean alone = !numbered.matches() && own.size() == 1;
        String which = alone ? Integer.toString(own.get(0).number()) : numbered.matches() ? numbered.group(1) : "";
        String words = alone ? text : numbered.matches() ? numbered.group(2) : "";
        if (words.isEmpty()) {
            return no("needWords", answers.needWords());
        }
        Found found = found(which, this::owns, task -> true, Answer.refused(now, "noSuch", ""));
        if (found.tasks().isEmpty()) {
            return found.refused();
        }
        if (words.codePointCount(0, words.length()) > tasks.longest()) {
            return no("tooLong", answers.tooLong());
        }
        Task was = found.tasks().get(0);
        Task is = was.saying(words);
        TasksState after = now.changed(was, is);
        return stepped(after, "edited", said(answers.edited(), after, List.of(is), Map.of()), List.of());
    }

    private Answer<TasksState> mine() {
        List<Task> own = now.of(list.id()).stream()
                .filter(task -> !task.ticked() && task.person().equals(person()))
                .toList();
        return own.isEmpty()
                ? no("none", answers.none())
                : Answer.done(now, "mine", said(answers.mine(), now, own, Map.of()), Map.of());
    }

    private Answer<TasksState> seal() {
        Whom whom = Whom.of(ask.text("name"));
        if (!whom.name().isEmpty()) {
            return leads() ? given(whom) : no("notAllowed", answers.notAllowed());
        }
        if (viewer.isEmpty()) {
            return Answer.refused(now, "nobody", "No viewer asks. A seal stands beside a viewer's name.");
        }
        if (now.head().banned().containsKey(person())) {
            return no("banned", answers.banned());
        }
        return sealed(person(), name(), tasks.sealPrice());
    }

    /** The host or a moderator gives a seal, which costs nothing, to somebody whose name stands on a list. */
    private Answer<TasksState> given(Whom whom) {
        for (Task task : now.tasks()) {
            if (whom.is(task.name())) {
                return sealed(task.person(), task.name(), 0);
            }
        }
        return Answer.refused(now, "unknown", whom.unknown("has written nothing on these lists yet."));
    }

    private Answer<TasksState> sealed(String whose, String called, long price) {
        String wanted = OneLine.of(ask.text("seal")).toLowerCase(Locale.ROOT);
        boolean figure = tasks.seals().contains(wanted);
        Wax wax = Wax.of(figure ? Seals.WAX : wanted, tasks.behind()).orElse(null);
        if (wax == null) {
            String choices = tasks.seals().isEmpty() ? "none" : String.join(", ", tasks.seals());
            return Answer.refused(now, "noSeal", said(answers.noSeal(), now, List.of(), Map.of("choices", choices)));
        }
        if (price > 0 && evening.canSpend(whose) < price) {
            return no("cannotPay", answers.cannotPay());
        }
        boolean mended = !figure && wax.mended();
        String says = said(
                mended ? answers.mended() : answers.sealed(),
                now,
                List.of(),
                Map.of("viewer", called, "seal", figure ? "the " + wanted : wanted));
        Glow glow = new Glow(whose, called, figure ? wanted : "", wax.colour(), at + tasks.sealMs());
        Answer<TasksState> answer = Answer.done(now.with(glow), mended ? "mended" : "sealed", says, Map.of())
                .telling(List.of(about(DeskFacts.TASK_SEAL, wanted)));
        return price == 0 ? answer : answer.moving(List.of(new PointsMove(whose, -price, "a seal at " + tasks.name())));
    }
}
