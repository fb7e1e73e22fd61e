package org.waxbell.tasks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.waxbell.desk.Answer;
import org.waxbell.desk.AnswerWords;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OneLine;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.time.Spans;

/** One step at task lists that somebody asked for. */
abstract class TasksStep {
    private static final int MOST_ASKED_BACK = 3;
    final Tasks tasks;
    final TasksState now;
    final Ask ask;
    final long at;
    final Surroundings evening;
    final Optional<Viewer> viewer;
    /** The list that is meant: the one that is named, or the one that is shown. */
    final TaskList list;

    TasksStep(Tasks tasks, TasksState now, Ask ask, Surroundings evening) {
        this.tasks = tasks;
        this.now = now;
        this.ask = ask;
        this.at = ask.at();
        this.evening = evening;
        this.viewer = ask.viewer();
        this.list = named().flatMap(tasks::called)
                .orElseGet(() -> tasks.shown(now.head().shown()));
    }

    /** The list that is named; empty where none is. */
    private Optional<String> named() {
        return ask.act().fields().contains(Tasks.LIST)
                ? Optional.of(ask.text("list")).filter(named -> !named.isBlank())
                : Optional.empty();
    }

    /** Whether a list is named that is not there: nothing is written to another in its place. */
    boolean listUnknown() {
        return named().filter(each -> tasks.called(each).isEmpty()).isPresent();
    }

    Answer<TasksState> noSuchList() {
        return Answer.refused(
                now,
                "noSuch",
                "No list is called " + OneLine.of(ask.text("list")) + ". There are: "
                        + String.join(
                                ", ", tasks.lists().stream().map(TaskList::name).toList()) + ".");
    }

    /** Why it is not known what is meant: nothing is called that, or several may be. */
    Answer<TasksState> notMeant(Meant meant) {
        List<Task> perhaps = meant.perhaps();
        return perhaps.isEmpty()
                ? no("noSuch", tasks.answers().noSuch())
                : no("unsure", tasks.answers().unsure(), perhaps.subList(0, Math.min(MOST_ASKED_BACK, perhaps.size())));
    }

    /** Whether who asks may lead: the host by hand, and who keeps order. */
    boolean leads() {
        return viewer.isEmpty() || viewer.get().keepsOrder();
    }

    String person() {
        return viewer.map(Viewer::id).orElse("");
    }

    String name() {
        return viewer.map(Viewer::name).orElse("");
    }

    /** An answer of the host's. @param of the tasks it is about */
    String said(String pattern, TasksState state, List<Task> of, Map<String, String> more) {
        List<Task> all = state.of(list.id());
        Map<String, String> values = new HashMap<>(Map.of(
                "viewer", name(),
                "list", list.name(),
                "who", list.whoInWords(),
                "task", of.stream().map(Task::words).collect(Collectors.joining("; ")),
                "taskNumber",
                        of.stream().map(each -> Integer.toString(each.number())).collect(Collectors.joining(", ")),
                "leftOut", "0",
                "choices", of.stream().map(Task::named).collect(Collectors.joining(", ")),
                "doneCount", Long.toString(all.stream().filter(Task::ticked).count()),
                "allCount", Integer.toString(all.size())));
        values.put("each", Integer.toString(tasks.each()));
        values.put("most", Integer.toString(tasks.most()));
        values.put("longest", Integer.toString(tasks.longest()));
        values.put("seal", "");
        values.put("time", Spans.inWords(tasks.sealMs()));
        values.put("price", evening.points(tasks.sealPrice()));
        values.putAll(more);
        return AnswerWords.filled(pattern, values);
    }

    Answer<TasksState> no(String outcome, String pattern) {
        return no(outcome, pattern, List.of());
    }

    Answer<TasksState> no(String outcome, String pattern, List<Task> of) {
        return Answer.refused(now, outcome, said(pattern, now, of, Map.of()));
    }

    /** Something that was done; who leads can take it back, what viewers do for themselves stays. */
    Answer<TasksState> stepped(TasksState after, String outcome, String says, List<Fact> told) {
        TasksState next = leads() ? after.with(after.head().stepped(Optional.of(now.backFrom(after)))) : after;
        return Answer.done(next, outcome, says, Map.of()).telling(told);
    }

    Fact about(FactKind kind, Object... more) {
        List<Object> values = new ArrayList<>(List.of(tasks.name(), list.name()));
        values.addAll(Arrays.asList(more));
        return kind.about(ask.by(), viewer, values.toArray());
    }

    Fact about(FactKind kind, Task task) {
        return about(kind, task.words(), (long) task.number());
    }

    /** All is done, where this step made it so. */
    List<Fact> allDone(TasksState after) {
        List<Task> all = after.of(list.id());
        boolean before = now.of(list.id()).stream().allMatch(Task::ticked);
        return !before && !all.isEmpty() && all.stream().allMatch(Task::ticked)
                ? List.of(about(DeskFacts.TASKS_ALL_DONE, (long) all.size()))
                : List.of();
    }

    /** What somebody means. @param sure the tasks that are meant, empty where that is not known @param perhaps those that may be, empty where none may */
    record Meant(List<Task> sure, List<Task> perhaps) {}

    /** What is meant by numbers, or by words that stand in it: whole words first, then their beginnings. */
    Meant meant(String written, Collection<Task> among) {
        String text = OneLine.of(written).replace("#", "");
        if (text.matches("\\d{1,6}(?:[\\s,]+\\d{1,6})*")) {
            List<Integer> numbers = Arrays.stream(text.split("[\\s,]+"))
                    .map(Integer::valueOf)
                    .distinct()
                    .toList();
            List<Task> found = among.stream()
                    .filter(each -> numbers.contains(each.number()))
                    .toList();
            return new Meant(found.size() == numbers.size() ? found : List.of(), List.of());
        }
        String low = text.toLowerCase(Locale.ROOT);
        List<Task> same = among.stream()
                .filter(each -> each.words().toLowerCase(Locale.ROOT).equals(low))
                .toList();
        List<Task> near = same.isEmpty() ? holding(low, among) : same;
        return near.size() == 1 ? new Meant(near, List.of()) : new Meant(List.of(), near);
    }

    private static List<Task> holding(String low, Collection<Task> among) {
        List<String> wanted = Arrays.stream(low.split("\\P{Alnum}+"))
                .filter(each -> !each.isEmpty())
                .toList();
        return wanted.isEmpty()
                ? List.of()
                : among.stream()
                        .filter(task -> {
                            List<String> has = Arrays.asList(
                                    task.words().toLowerCase(Locale.ROOT).split("\\P{Alnum}+"));
                            return wanted.stream()
                                    .allMatch(word -> has.stream().anyMatch(each -> each.startsWith(word)));
                        })
                        .toList();
    }
}
