package org.waxbell.app.rest;

import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.tasks.TaskList;
import org.waxbell.tasks.TaskText;
import org.waxbell.tasks.Tasks;
import org.waxbell.tasks.TasksDesk;
import org.waxbell.tasks.TasksState;

/** Task lists carried out as text. */
@RestController
@RequestMapping("/api/tasks/{id}/{list}")
class TasksController {
    private final DeskBoards boards;
    private final WiringStore wiring;

    TasksController(DeskBoards boards, WiringStore wiring) {
        this.boards = boards;
        this.wiring = wiring;
    }

    private Tasks tasks(String id) {
        return wiring.current()
                .wiring()
                .desk(id, Tasks.class)
                .orElseThrow(() -> new Refused("id", id, "There are no such task lists.", "Choose some under Desks."));
    }

    private TaskList list(String id, String list) {
        return tasks(id).lists().stream()
                .filter(each -> each.id().equals(list))
                .findFirst()
                .orElseThrow(() -> new Refused("list", list, "There is no such list.", "Choose one that is there."));
    }

    private TasksState now(String id) {
        return boards.now(new TasksDesk(), id, tasks(id));
    }

    /** A Markdown check list, which can be brought again. */
    @GetMapping("/list.md")
    ResponseEntity<byte[]> markdown(@PathVariable String id, @PathVariable String list) {
        return Carried.text(list + ".md", "text/markdown", TaskText.markdown(list(id, list), now(id)));
    }

    /** What is to be done, one a line. */
    @GetMapping("/list.txt")
    ResponseEntity<byte[]> plain(@PathVariable String id, @PathVariable String list) {
        return Carried.text(list + ".txt", "text/plain", TaskText.plain(list(id, list), now(id)));
    }
}
