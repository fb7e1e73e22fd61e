package org.waxbell.tasks;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.CheckLines;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.Whom;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.gate.Surroundings;

/** What the host and moderators ask of task lists. */
final class Leading extends TasksStep {
    Leading(Tasks tasks, TasksState now, Ask ask, Surroundings evening) {
        super(tasks, now, ask, evening);
    }

    Answer<TasksState> answer() {
        if (listUnknown()) {
            return noSuchList();
        }
        return switch (ask.act().name()) {
            case "show" -> show();
            case "shut", "open" -> shut(ask.act().name().equals("shut"));
            case "hide", "reveal" -> hide(ask.act().name().equals("hide"));
            case "move" -> move();
            case "clear" -> clear();
            case "reset" -> reset();
            case "bring" -> bring();
            case "ban" -> ban();
            case "unban" -> unban();
            default -> undo();
        };
    }

    private Answer<TasksState> refused(String outcome, String says) {
        return Answer.refused(now, outcome, says);
    }

    private Answer<TasksState> show() {
        String named = OneLine.of(ask.text("list"));
        List<TaskList> all = tasks.lists();
        TaskList shown = tasks.shown(now.head().shown());
        Optional<TaskList> wanted =
                named.isEmpty() ? Optional.of(all.get((all.indexOf(shown) + 1) % all.size())) : tasks.called(named);
        if (wanted.isEmpty()) {
            return noSuchList();
        }
        if (wanted.get().equals(shown)) {
            return refused("already", shown.name() + " is shown already.");
        }
        Fact told = DeskFacts.TASK_LIST_SHOWN.by(
                ask.by(), tasks.name(), wanted.get().name());
        return stepped(
                now.with(now.head().showing(wanted.get().id())),
                "shown",
                wanted.get().name() + " is shown.",
                List.of(told));
    }

    private Answer<TasksState> shut(boolean shut) {
        if (now.head().shut() == shut) {
            return refused("already", tasks.name() + (shut ? " is shut already." : " is open already."));
        }
        return stepped(
                now.with(now.head().shut(shut)),
                shut ? "shut" : "opened",
                tasks.name() + (shut ? " is shut: viewers write nothing until it is opened." : " is open again."),
                List.of((shut ? DeskFacts.TASKS_SHUT : DeskFacts.TASKS_OPENED).by(ask.by(), tasks.name())));
    }

    private Meant meant() {
        return meant(ask.text("which"), now.of(list.id()));
    }

    private Answer<TasksState> hide(boolean hidden) {
        List<Task> found = meant().sure();
        if (found.isEmpty()) {
            return notMeant(meant());
        }
        TasksState after = now;
        for (Task each : found) {
            after = after.changed(each, each.hidden(hidden));
        }
        return stepped(
                after,
                hidden ? "hidden" : "revealed",
                (found.size() == 1 ? found.get(0).words() : found.size() + " tasks")
                        + (hidden ? " is left out on stages." : " is seen again."),
                List.of());
    }

    private Answer<TasksState> move() {
        List<Task> found = meant().sure();
        if (found.size() != 1) {
            return notMeant(meant());
        }
        List<Task> all = now.of(list.id());
        if (all.size() < 2) {
            return refused("alone", "There is nothing else to move it past.");
        }
        TasksState after = now.moved(found.get(0), ask.number("to"));
        return stepped(after, "moved", found.get(0).words() + " was moved.", List.of());
    }

    private Answer<TasksState> clear() {
        List<Task> done = now.of(list.id()).stream().filter(Task::ticked).toList();
        if (done.isEmpty()) {
            return refused("empty", "Nothing on " + list.name() + " is done.");
        }
        TasksState after = now;
        for (Task each : done) {
            after = after.without(each, at);
        }
        return stepped(after, "cleared", done.size() + " done and taken away.", List.of());
    }

    private Answer<TasksState> reset() {
        int count = now.of(list.id()).size();
        return count == 0
                ? refused("empty", list.name() + " is empty.")
                : stepped(
                        now.reset(list.id()),
                        "reset",
                        list.name() + " is empty now: " + count + " taken away.",
                        List.of());
    }

    private Answer<TasksState> bring() {
        TasksState after = now;
        int room = Tasks.MOST - now.of(list.id()).size();
        int brought = 0;
        int left = 0;
        int nested = 0;
        int cut = 0;
        for (CheckLines.Line line : CheckLines.read(ask.text("text"))) {
            String words = OneLine.of(line.words(), tasks.longest());
            if (words.isEmpty() || brought >= room) {
                left++;
            } else {
                after = after.adding(list.id(), words, "", "", at, line.ticked() ? at : 0);
                brought++;
                nested += line.nested() ? 1 : 0;
                cut += words.equals(OneLine.of(line.words())) ? 0 : 1;
            }
        }
        if (brought == 0) {
            return refused("empty", "Nothing stands there. Write one a line, such as - [ ] a sage taper.");
        }
        return stepped(
                after,
                "brought",
                brought + " brought to " + list.name() + "."
                        + (nested == 0 ? "" : " " + nested + " stood below others and stand beside them now.")
                        + (cut == 0
                                ? ""
                                : " " + cut + (cut == 1 ? " was" : " were") + " cut to " + tasks.longest()
                                        + " characters.")
                        + (left == 0 ? "" : " " + left + " left out: a list has " + Tasks.MOST + " at most."),
                List.of());
    }

    private Answer<TasksState> ban() {
        Whom whom = Whom.of(ask.text("name"));
        for (Task each : now.tasks()) {
            if (!each.person().isEmpty() && whom.is(each.name())) {
                Map<String, String> banned = new TreeMap<>(now.head().banned());
                banned.put(each.person(), each.name());
                return stepped(
                        now.with(now.head().banning(banned)),
                        "banned",
                        each.name() + " writes nothing more to " + tasks.name() + ". What they wrote stands.",
                        List.of());
            }
        }
        return refused("nobody", whom.unknown("wrote nothing here."));
    }

    private Answer<TasksState> unban() {
        Whom whom = Whom.of(ask.text("name"));
        Map<String, String> banned = new TreeMap<>(now.head().banned());
        return banned.values().removeIf(whom::is)
                ? stepped(
                        now.with(now.head().banning(banned)), "unbanned", whom.name() + " may write again.", List.of())
                : refused("nobody", whom.unknown("is not kept out."));
    }

    private Answer<TasksState> undo() {
        return now.head()
                .back()
                .map(back -> Answer.done(now.takenBack(back, at), "undone", tasks.name() + " is as it was.", Map.of()))
                .orElseGet(() -> refused("nothing", "There is no step to take back."));
    }
}
