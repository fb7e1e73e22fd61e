package org.waxbell.tasks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.KeptByEntries;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/** Keeps task lists. Each task is kept by itself. */
public final class TasksDesk implements KeptByEntries<Tasks, TasksState, TasksHead> {
    private static final Book<TasksHead> HEAD = new Book<>(Tasks.DESK, TasksHead.class);
    private static final Book<Task> TASKS = new Book<>("task", Task.class);
    private static final Book<Glow> GLOWS = new Book<>("taskGlow", Glow.class);
    private static final Set<String> VIEWERS = Set.of("add", "done", "undone", "edit", "remove", "mine", "seal");
    private static final int MOST_AT_DESK = 300;

    @Override
    public String title() {
        return "Task lists";
    }

    @Override
    public Class<Tasks> documents() {
        return Tasks.class;
    }

    @Override
    public Book<TasksHead> book() {
        return HEAD;
    }

    @Override
    public List<Book<?>> books() {
        return List.of(HEAD, TASKS, GLOWS);
    }

    @Override
    public TasksState none() {
        return TasksState.NEW;
    }

    @Override
    public TasksHead head(TasksState now) {
        return now.head();
    }

    @Override
    public TasksState restored(String about, Memory memory) {
        TasksState state = TasksState.NEW.with(memory.get(HEAD, about).orElse(TasksHead.NEW));
        for (Task each : memory.below(TASKS, about)) {
            state = state.with(each);
        }
        for (Glow each : memory.below(GLOWS, about)) {
            state = state.with(each);
        }
        return state;
    }

    private static String key(String about, Task task) {
        return String.format(Locale.ROOT, "%s/%s/%06d", about, task.list(), task.number());
    }

    @Override
    public void entries(String about, TasksState before, TasksState after, List<Change> into) {
        TASKS.changes(before.tasks(), after.tasks(), each -> key(about, each), into);
        GLOWS.changes(before.glows(), after.glows(), each -> about + "/" + each.person(), into);
    }

    @Override
    public Answer<TasksState> ask(Tasks tasks, TasksState now, Ask ask, Surroundings evening) {
        return VIEWERS.contains(ask.act().name())
                ? new Writing(tasks, now, ask, evening).answer()
                : new Leading(tasks, now, ask, evening).answer();
    }

    @Override
    public long nextWake(Tasks tasks, TasksState now) {
        long first = Long.MAX_VALUE;
        for (Glow each : now.glows()) {
            first = Math.min(first, each.until());
        }
        return first;
    }

    @Override
    public Answer<TasksState> wake(Tasks tasks, TasksState now, long at, Surroundings evening) {
        TasksState next = now;
        for (Glow each : now.glows()) {
            next = each.until() <= at ? next.without(each) : next;
        }
        return Answer.becomes(next);
    }

    private static List<Task> shown(Tasks tasks, TasksState now) {
        return now.of(tasks.shown(now.head().shown()).id());
    }

    @Override
    public Map<String, Object> values(Tasks tasks, TasksState now, long at, String person) {
        List<Task> all = shown(tasks, now);
        List<Task> open = all.stream().filter(task -> !task.ticked()).toList();
        String mine = open.stream()
                .filter(task -> !person.isEmpty() && task.person().equals(person))
                .map(Task::named)
                .collect(Collectors.joining(", "));
        return Map.of(
                tasks.value("List"),
                tasks.shown(now.head().shown()).name(),
                tasks.value("Left"),
                (long) open.size(),
                tasks.value("Done"),
                (long) all.size() - open.size(),
                tasks.value("All"),
                (long) all.size(),
                tasks.value("Next"),
                open.isEmpty() ? "nothing" : open.get(0).words(),
                tasks.value("Mine"),
                mine.isEmpty() ? "nothing" : mine);
    }

    @Override
    public Optional<Face> face(Tasks tasks, TasksState now, long at) {
        List<Task> all = shown(tasks, now);
        Stream<Task> open = all.stream().filter(task -> !task.ticked());
        Stream<Task> done = all.stream().filter(Task::ticked).sorted(Comparator.comparingLong(Task::done));
        Stream<Task> seen = switch (tasks.whenDone()) {
            case STAY -> all.stream();
            case GONE -> open;
            case LAST, SEALED -> Stream.concat(open, done);
        };
        return Optional.of(new TasksFace(
                tasks.shown(now.head().shown()).name(),
                seen.filter(task -> !task.hidden()).map(task -> row(now, task)).toList(),
                (int) all.stream().filter(Task::ticked).count(),
                all.size(),
                now.head().shut(),
                tasks.whenDone()));
    }

    private static TasksFace.Row row(TasksState now, Task task) {
        Optional<Glow> glow = now.glows().get(task.person());
        return new TasksFace.Row(
                task.number(),
                task.words(),
                task.name(),
                task.ticked(),
                glow.map(Glow::seal).orElse(""),
                glow.map(Glow::colour).orElse(""));
    }

    @Override
    public TasksBoard board(Tasks tasks, TasksState now, long at) {
        List<TasksBoard.OneList> lists = tasks.lists().stream()
                .map(list -> {
                    List<Task> all = now.of(list.id());
                    int done = (int) all.stream().filter(Task::ticked).count();
                    return new TasksBoard.OneList(
                            list.id(),
                            list.name(),
                            list.whoInWords(),
                            all.size() - done,
                            done,
                            all.subList(0, Math.min(MOST_AT_DESK, all.size())),
                            Math.max(0, all.size() - MOST_AT_DESK));
                })
                .toList();
        return new TasksBoard(
                tasks.shown(now.head().shown()).id(),
                now.head().shut(),
                lists,
                now.head().banned().values().stream().sorted().toList(),
                now.glows().first(MOST_AT_DESK),
                now.head().back().isPresent());
    }

    @Override
    public String brief(Tasks tasks, TasksState now, long at) {
        List<Task> all = shown(tasks, now);
        long done = all.stream().filter(Task::ticked).count();
        return tasks.shown(now.head().shown()).name() + " · " + done + " of " + all.size() + " done"
                + (now.head().shut() ? " · shut" : "");
    }

    @Override
    public List<String> of(Tasks tasks, TasksState now, String person) {
        List<String> all = new ArrayList<>();
        long written = 0;
        long done = 0;
        for (Task each : now.tasks()) {
            written += each.person().equals(person) ? 1 : 0;
            done += each.person().equals(person) && each.ticked() ? 1 : 0;
        }
        if (written > 0) {
            all.add(done + " of " + written + " done");
        }
        now.glows()
                .get(person)
                .ifPresent(glow -> all.add(glow.seal().isEmpty() ? "a colour beside the name" : "the " + glow.seal()));
        if (now.head().banned().containsKey(person)) {
            all.add("may not write");
        }
        return all;
    }

    @Override
    public List<Cue> starters(Tasks tasks, String about, String rack) {
        return new TasksStarters(tasks, about, rack).all();
    }
}
