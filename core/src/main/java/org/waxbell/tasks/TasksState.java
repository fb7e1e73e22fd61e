package org.waxbell.tasks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.state.Ranked;
import org.waxbell.tasks.TasksHead.Back;
import org.waxbell.tasks.TasksHead.Numbers;

/**
 * How the lists of one desk stand.
 *
 * @param tasks of all lists, each list in its order
 * @param glows what stands beside names, by identity
 */
public record TasksState(TasksHead head, Ranked<TaskSlot, Task> tasks, Ranked<String, Glow> glows) {
    /** A list that was empty that long begins with 1 again: whoever is typing a number means an older task. */
    private static final long NUMBERS_REST = 60_000;
    /** One to which nobody wrote. */
    static final TasksState NEW = new TasksState(TasksHead.NEW, Ranked.none(), Ranked.none());

    TasksState with(TasksHead other) {
        return new TasksState(other, tasks, glows);
    }

    TasksState with(Glow glow) {
        return new TasksState(head, tasks, glows.with(glow.person(), glow));
    }

    TasksState without(Glow glow) {
        return new TasksState(head, tasks, glows.without(glow.person()));
    }

    /** The same with a task as it is kept. */
    TasksState with(Task task) {
        return new TasksState(head, tasks.with(task.slot(), task), glows);
    }

    /** The tasks of a list, in order. */
    public List<Task> of(String list) {
        List<Task> all = new ArrayList<>();
        for (int rank = tasks.rank(new TaskSlot(list, Long.MIN_VALUE, 0)); rank < tasks.size(); rank++) {
            Task task = tasks.at(rank);
            if (!task.list().equals(list)) {
                break;
            }
            all.add(task);
        }
        return all;
    }

    Optional<Task> numbered(String list, int number) {
        return of(list).stream().filter(each -> each.number() == number).findFirst();
    }

    private Numbers numbers(String list) {
        return head.numbers().getOrDefault(list, Numbers.NEW);
    }

    /** The same with a new task behind all of its list. */
    TasksState adding(String list, String words, String person, String name, long at, long done) {
        Numbers numbers = numbers(list);
        int number = numbers.emptied() > 0 && at - numbers.emptied() >= NUMBERS_REST ? 1 : numbers.next();
        Task task = new Task(list, number, head.order(), words, person, name, at, done, false);
        return with(head.ordered(head.order() + TasksHead.STEP).counting(list, new Numbers(number + 1, 0)))
                .with(task);
    }

    /** The same with a task as it stands now, wherever it stood. */
    TasksState changed(Task was, Task is) {
        return new TasksState(head, tasks.without(was.slot()).with(is.slot(), is), glows);
    }

    TasksState without(Task task, long at) {
        TasksState rest = new TasksState(head, tasks.without(task.slot()), glows);
        return rest.of(task.list()).isEmpty()
                ? rest.with(head.counting(
                        task.list(), new Numbers(numbers(task.list()).next(), at)))
                : rest;
    }

    /** The same without a task of a list, which numbers anew. */
    TasksState reset(String list) {
        TasksState rest = this;
        for (Task each : of(list)) {
            rest = new TasksState(rest.head, rest.tasks.without(each.slot()), glows);
        }
        return rest.with(rest.head.counting(list, Numbers.NEW));
    }

    /** The same where a task stands at a place of its list, counted from 1; as near as there is room. */
    TasksState moved(Task task, int place) {
        List<Task> others = new ArrayList<>(of(task.list()));
        others.remove(task);
        int at = Math.max(0, Math.min(place - 1, others.size()));
        long before = at == 0
                ? others.get(0).order() - 2 * TasksHead.STEP
                : others.get(at - 1).order();
        long behind = at == others.size()
                ? before + 2 * TasksHead.STEP
                : others.get(at).order();
        if (behind - before > 1) {
            TasksState next = changed(task, task.ordered(before + (behind - before) / 2));
            return next.with(head.ordered(Math.max(head.order(), behind + TasksHead.STEP)));
        }
        // No room is left between the two: all are set apart again.
        others.add(at, task);
        TasksState all = this;
        long order = head.order();
        for (Task each : others) {
            all = all.changed(each, each.ordered(order));
            order += TasksHead.STEP;
        }
        return all.with(head.ordered(order));
    }

    /** How this comes back from {@code after}. */
    Back backFrom(TasksState after) {
        List<Task> changed = new ArrayList<>();
        List<Task> gone = new ArrayList<>();
        List<Task> fresh = new ArrayList<>();
        Ranked.changes(after.tasks, tasks, (slot, task) -> {
            if (task == null) {
                after.tasks.get(slot).filter(each -> same(each).isEmpty()).ifPresent(fresh::add);
            } else {
                (after.same(task).isEmpty() ? gone : changed).add(task);
            }
        });
        return new Back(head.shown(), head.shut(), head.banned(), changed, gone, fresh);
    }

    /** The task as it stands here; empty where it is gone. A number may have been given anew after a rest. */
    private Optional<Task> same(Task task) {
        return numbered(task.list(), task.number()).filter(each -> each.at() == task.at());
    }

    /** The same with a step taken back; what others did since stays, and no number stands twice. */
    TasksState takenBack(Back back, long at) {
        TasksState now = this;
        for (Task each : back.fresh()) {
            Optional<Task> there = now.same(each);
            now = there.isEmpty() ? now : now.without(there.get(), at);
        }
        for (Task each : back.changed()) {
            Optional<Task> there = now.same(each);
            now = there.isEmpty() ? now : now.changed(there.get(), each);
        }
        List<Task> taken = new ArrayList<>();
        for (Task each : back.gone()) {
            if (now.numbered(each.list(), each.number()).isEmpty()) {
                now = now.back(each);
            } else {
                taken.add(each);
            }
        }
        for (Task each : taken) {
            now = now.back(each.numbered(now.numbers(each.list()).next()));
        }
        return now.with(now.head
                .showing(back.shown())
                .shut(back.shut())
                .banning(back.banned())
                .stepped(Optional.empty()));
    }

    private TasksState back(Task task) {
        int next = Math.max(numbers(task.list()).next(), task.number() + 1);
        return with(task).with(head.counting(task.list(), new Numbers(next, 0)));
    }
}
