package org.waxbell.tasks;

import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;

/** The chat words that task lists begin with: for viewers to write, tick off and ask, for moderators to lead. */
final class TasksStarters {
    private static final List<Gate> EACH = List.of(new CooldownGate(0, 1_000));
    private static final List<Gate> LEADING = List.of(ChatWords.MODERATORS);
    private static final String SAID = "{argument}";
    private final Tasks tasks;
    private final ChatWords words;

    TasksStarters(Tasks tasks, String about, String rack) {
        this.tasks = tasks;
        this.words = new ChatWords(tasks, about, rack);
    }

    List<Cue> all() {
        String name = tasks.name();
        String left = "{" + tasks.value("List") + "}: {" + tasks.value("Done") + "} of {" + tasks.value("All")
                + "} done. Next: {" + tasks.value("Next") + "}.";
        return List.of(
                words.asks("", "Write to " + name, EACH, "add", Map.of("text", SAID)),
                words.asks("-done", "Tick off at " + name, EACH, "done", Map.of("which", SAID)),
                words.asks("-undone", "To be done again at " + name, EACH, "undone", Map.of("which", SAID)),
                words.asks("-edit", "Word otherwise at " + name, EACH, "edit", Map.of("text", SAID)),
                words.asks("-remove", "Take away from " + name, EACH, "remove", Map.of("which", SAID)),
                words.asks("-mine", "Mine at " + name, EACH, "mine", Map.of()),
                words.cue("-left", "What is left at " + name, List.of(ChatWords.CALM), ChatWords.says("", left)),
                words.asks("-seal", "A seal beside my name at " + name, EACH, "seal", Map.of("seal", SAID)),
                words.asks("-show", "Show a list of " + name, LEADING, "show", Map.of("list", SAID)),
                words.asks("-shut", "Shut " + name, LEADING, "shut", Map.of()),
                words.asks("-open", "Open " + name, LEADING, "open", Map.of()),
                words.asks("-hide", "Leave out at " + name, LEADING, "hide", Map.of("which", SAID)),
                words.asks("-clear", "Clear what is done at " + name, LEADING, "clear", Map.of()),
                words.asks("-reset", "Empty the list of " + name, LEADING, "reset", Map.of()),
                words.asks("-ban", "Keep out of " + name, LEADING, "ban", Map.of("name", SAID)));
    }
}
