package org.waxbell.tasks;

import org.waxbell.desk.CheckLines;

/** A task list as text. */
public final class TaskText {
    private TaskText() {}

    /** A Markdown check list, in the order in which it stands; {@code bring} reads it again. */
    public static String markdown(TaskList list, TasksState now) {
        StringBuilder text = new StringBuilder("# " + list.name() + "\n\n");
        now.of(list.id()).forEach(task -> text.append(CheckLines.written(task.words(), task.ticked())));
        return text.toString();
    }

    /** Plain text: what is to be done, one a line. */
    public static String plain(TaskList list, TasksState now) {
        StringBuilder text = new StringBuilder();
        now.of(list.id()).stream()
                .filter(task -> !task.ticked())
                .forEach(task -> text.append(task.words()).append('\n'));
        return text.toString();
    }
}
