package org.waxbell.turns;

import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;

/** The chat words that a queue begins with: for viewers to join, to leave and to ask, for moderators to lead it. */
final class QueueStarters {
    private static final List<Gate> EACH = List.of(new CooldownGate(0, 2_000));
    private static final List<Gate> LEADING = List.of(ChatWords.MODERATORS);
    private final Queue queue;
    private final ChatWords words;

    QueueStarters(Queue queue, String about, String rack) {
        this.queue = queue;
        this.words = new ChatWords(queue, about, rack);
    }

    List<Cue> all() {
        String name = queue.name();
        String next = "Up: {" + queue.value("Up") + "}. Next: {" + queue.value("Next") + "}. {" + queue.value("Waiting")
                + ", plural, =0 {Nobody waits.} one {# waits.} other {# wait.}}";
        return List.of(
                words.asks("", "Join " + name, EACH, "join", Map.of("note", "{argument}")),
                words.asks("-leave", "Leave " + name, EACH, "leave", Map.of()),
                words.asks("-place", "My place in " + name, EACH, "place", Map.of()),
                words.asks("-note", "My note in " + name, EACH, "note", Map.of("note", "{argument}")),
                words.cue("-next", "Who is next in " + name, List.of(ChatWords.CALM), ChatWords.says("", next)),
                words.asks("-open", "Open " + name, LEADING, "open", Map.of()),
                words.asks("-close", "Close " + name, LEADING, "close", Map.of()),
                words.asks("-take", "Take the next of " + name, LEADING, "next", Map.of()),
                words.asks("-pick", "Take one of " + name, LEADING, "take", Map.of("name", "{argument}")),
                words.asks("-draw", "Draw one of " + name, LEADING, "random", Map.of("from", "{argument}")),
                words.asks("-done", "End a turn of " + name, LEADING, "done", Map.of("outcome", "{argument}")),
                words.asks("-back", "Put back in " + name, LEADING, "back", Map.of("name", "{argument}")),
                words.asks("-remove", "Send away from " + name, LEADING, "remove", Map.of("name", "{argument}")),
                words.asks("-ban", "Keep out of " + name, LEADING, "ban", Map.of("name", "{argument}")));
    }
}
