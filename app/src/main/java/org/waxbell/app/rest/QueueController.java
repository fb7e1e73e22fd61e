package org.waxbell.app.rest;

import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.directive.SayInChat;
import org.waxbell.port.ChatOut;
import org.waxbell.turns.CheckList;
import org.waxbell.turns.Entry;
import org.waxbell.turns.PastTurns;
import org.waxbell.turns.Queue;
import org.waxbell.turns.TurnsDesk;
import org.waxbell.turns.TurnsState;
import org.waxbell.turns.Up;

/** What a queue has beside its acts: a code for who is up alone, past turns, and the list of who waits. */
@RestController
@RequestMapping("/api/queues/{id}")
class QueueController {
    private static final int LONGEST_CODE = 200;

    private final DeskBoards boards;
    private final WiringStore wiring;
    private final List<ChatOut> mouths;
    private final SystemClock clock;

    QueueController(DeskBoards boards, WiringStore wiring, List<ChatOut> mouths, SystemClock clock) {
        this.boards = boards;
        this.wiring = wiring;
        this.mouths = mouths;
        this.clock = clock;
    }

    /** What is sent to who is up. @param name who is up @param code what they alone are told; kept nowhere */
    record TurnCode(String name, String code) {}

    /** What came of it, in words. */
    record QueueNotice(String says) {}

    private Queue queue(String id) {
        return wiring.current()
                .wiring()
                .desk(id, Queue.class)
                .orElseThrow(() -> new Refused("id", id, "There is no such queue.", "Choose one under Desks."));
    }

    private TurnsState now(String id) {
        return boards.now(new TurnsDesk(), id, queue(id));
    }

    /** Tells somebody who is up something that nobody else sees: it passes the engine by, so it stands in no journal, stage or export. */
    @PostMapping("/code")
    QueueNotice code(@PathVariable String id, @RequestBody TurnCode asked) {
        if (asked.code().isBlank() || asked.code().length() > LONGEST_CODE) {
            throw new Refused(
                    "code", "", "The code is empty or too long.", "Write at most " + LONGEST_CODE + " characters.");
        }
        Entry entry = now(id).head().up().stream()
                .map(Up::entry)
                .filter(each -> each.name().equals(asked.name()))
                .findFirst()
                .orElseThrow(() ->
                        new Refused("name", asked.name(), asked.name() + " is not up.", "Choose somebody who is up."));
        String link = entry.person().substring(0, Math.max(0, entry.person().indexOf(':')));
        ChatOut mouth = mouths.stream()
                .filter(each -> each.reaches(link))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "name",
                        asked.name(),
                        asked.name() + " did not come by chat and cannot be written to.",
                        "Tell them another way."));
        mouth.say(
                new SayInChat("", clock.now(), link, entry.name(), asked.code().strip()));
        return new QueueNotice(entry.name() + " was told, nobody else.");
    }

    /** Turns that are over, as comma-separated values (RFC 4180). */
    @GetMapping("/past.csv")
    ResponseEntity<byte[]> past(@PathVariable String id) {
        return Carried.text(id + "-turns.csv", "text/csv", PastTurns.written(now(id)));
    }

    /** Who is up and who waits, as a Markdown check list to carry on with another time. */
    @GetMapping("/list.md")
    ResponseEntity<byte[]> list(@PathVariable String id) {
        return Carried.text(id + "-list.md", "text/markdown", CheckList.written(queue(id), now(id)));
    }
}
