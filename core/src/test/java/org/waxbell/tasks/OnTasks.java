package org.waxbell.tasks;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.OnDesk;
import org.waxbell.event.Standing;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;

/** An engine with task lists and their chat words. */
final class OnTasks extends OnDesk<Tasks, TasksState> {
    static final Tasks TASKS = Records.with(
            (Tasks) Tasks.KIND.fresh().apply(Fresh.NOTHING),
            Map.of(
                    "id",
                    "task",
                    "name",
                    "Things to do",
                    "lists",
                    List.of(
                            new TaskList("orders", "Orders to pour", Standing.ANYONE),
                            new TaskList("evening", "Odalys's evening", Standing.HOST)),
                    "each",
                    3,
                    "most",
                    8));

    OnTasks(Map<String, ?> rules) {
        super(new TasksDesk(), Records.with(TASKS, rules));
    }

    /** What stands on a list, in order: ticked ones behind an x. */
    List<String> on(String list) {
        return state().of(list).stream()
                .map(task -> (task.ticked() ? "x" : "") + task.named())
                .toList();
    }

    TasksFace face() {
        return (TasksFace) new TasksDesk().face(document, state(), at).orElseThrow();
    }

    TasksBoard board() {
        return new TasksDesk().board(document, state(), at);
    }

    String markdown() {
        return TaskText.markdown(document.lists().get(0), state());
    }
}
