package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.directive.SayInChat;
import org.waxbell.event.Facts;
import org.waxbell.port.ChatOut;
import org.waxbell.turns.Entry;
import org.waxbell.turns.PastTurn;
import org.waxbell.turns.Queue;
import org.waxbell.turns.TurnsDesk;
import org.waxbell.turns.TurnsState;
import org.waxbell.turns.Up;

/** What a queue has beside its acts: a code for who is up alone, past turns, and the list of who waits, out and in. */
@RestController
@RequestMapping("/api/queues/{id}")
class QueueController {
    private static final int LONGEST_CODE = 200;
    private static final int MOST_LINES = 1_000;
    private static final Pattern LINE =
            Pattern.compile("\\s*(?:[-*+]|\\d+[.)])?\\s*(?:\\[([ xX])])?\\s*([^:\\s][^:]{0,60}?)(?:\\s*:\\s*(.*))?");

    private final DeskBoards boards;
    private final WiringStore wiring;
    private final List<ChatOut> mouths;
    private final Inbox inbox;
    private final SystemClock clock;

    QueueController(DeskBoards boards, WiringStore wiring, List<ChatOut> mouths, Inbox inbox, SystemClock clock) {
        this.boards = boards;
        this.wiring = wiring;
        this.mouths = mouths;
        this.inbox = inbox;
        this.clock = clock;
    }

    /** What is sent to who is up. @param name who is up @param code what they alone are told; kept nowhere */
    record TurnCode(String name, String code) {}

    /** What came of it, in words. */
    record QueueNotice(String says) {}

    /** A list that was written before, as text. */
    record BroughtList(String text) {}

    private Queue queue(String id) {
        return wiring.current()
                .wiring()
                .desk(id)
                .filter(Queue.class::isInstance)
                .map(Queue.class::cast)
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

    private static ResponseEntity<byte[]> file(String name, String type, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Turns that are over, as comma-separated values (RFC 4180). */
    @GetMapping("/past.csv")
    ResponseEntity<byte[]> past(@PathVariable String id) {
        StringBuilder text = new StringBuilder("number,name,note,joined,up,ended,seconds,outcome\r\n");
        for (PastTurn turn : now(id).past()) {
            text.append(turn.number())
                    .append(',')
                    .append(quoted(turn.name()))
                    .append(',')
                    .append(quoted(turn.note()))
                    .append(',')
                    .append(time(turn.joined()))
                    .append(',')
                    .append(time(turn.began()))
                    .append(',')
                    .append(time(turn.ended()))
                    .append(',')
                    .append((turn.ended() - turn.began()) / 1_000)
                    .append(',')
                    .append(quoted(turn.outcome()))
                    .append("\r\n");
        }
        return file(id + "-turns.csv", "text/csv;charset=UTF-8", text.toString());
    }

    private static String time(long at) {
        return Instant.ofEpochMilli(at).truncatedTo(ChronoUnit.SECONDS).toString();
    }

    /** A sheet would take what begins so for a formula. */
    private static String quoted(String value) {
        String safe = value.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + value : value;
        return '"' + safe.replace("\"", "\"\"") + '"';
    }

    /** Who is up and who waits, as a Markdown check list to carry on with another time. */
    @GetMapping("/list.md")
    ResponseEntity<byte[]> list(@PathVariable String id) {
        StringBuilder text = new StringBuilder("# " + queue(id).name() + "\n\n");
        TurnsState now = now(id);
        List<Entry> all = new ArrayList<>();
        now.head().up().forEach(up -> all.add(up.entry()));
        now.waiting().forEach(all::add);
        for (Entry each : all) {
            text.append("- [ ] ").append(each.name());
            text.append(each.note().isEmpty() ? "" : ": " + each.note()).append('\n');
        }
        return file(id + "-list.md", "text/markdown;charset=UTF-8", text.toString());
    }

    /** Lets everybody of a list join behind the others; what is ticked, and who is in it already, is left out and said so. */
    @PostMapping("/list")
    CompletableFuture<QueueNotice> bring(@PathVariable String id, @RequestBody BroughtList listed, Actor by) {
        Queue queue = queue(id);
        List<Map<String, String>> joining = new ArrayList<>();
        int left = 0;
        List<String> lines = listed.text().lines().toList();
        if (lines.size() > MOST_LINES) {
            throw new Refused(
                    "text", lines.size() + " lines", "The list is too long.", "Keep it to " + MOST_LINES + " lines.");
        }
        for (String line : lines) {
            Matcher matcher = LINE.matcher(line);
            if (line.isBlank() || line.startsWith("#") || !matcher.matches()) {
                left += line.isBlank() || line.startsWith("#") ? 0 : 1;
            } else if (matcher.group(1) != null && !matcher.group(1).isBlank()) {
                left++;
            } else {
                joining.add(new TreeMap<>(Map.of(
                        "name", matcher.group(2).strip(), "note", matcher.group(3) == null ? "" : matcher.group(3))));
            }
        }
        if (joining.isEmpty()) {
            throw new Refused(
                    "text", "", "Nobody stands on that list.", "Write one a line, such as - [ ] brine_otter: sage.");
        }
        int done = left;
        CompletableFuture<Integer> all = CompletableFuture.completedFuture(0);
        for (Map<String, String> each : joining) {
            all = all.thenCompose(count -> inbox.happen(
                            Facts.ASKED.by(by, Queue.DESK, id, "add", each, "Let somebody join · " + queue.name()))
                    .thenApply(decision -> decision.note().contains(" is number ") ? count + 1 : count));
        }
        return all.thenApply(count -> new QueueNotice(count + " joined."
                + (done + joining.size() - count == 0 ? "" : " " + (done + joining.size() - count) + " left out.")));
    }
}
