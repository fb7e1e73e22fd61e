package org.waxbell.tune;

import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;

/** The chat words that the desk of tunes begins with: for viewers to ask, to take back and to vote, for moderators to lead. */
final class TunesStarters {
    private static final List<Gate> EACH = List.of(new CooldownGate(0, 1_000));
    private static final List<Gate> LEADING = List.of(ChatWords.MODERATORS);
    private static final String SAID = "{argument}";
    private final Tunes tunes;
    private final ChatWords words;

    TunesStarters(Tunes tunes, String about, String rack) {
        this.tunes = tunes;
        this.words = new ChatWords(tunes, about, rack);
    }

    List<Cue> all() {
        String name = tunes.name();
        String plays = "Now: {" + tunes.value("Now") + "}, asked for by {" + tunes.value("Asker") + "}. Next: {"
                + tunes.value("Next") + "}. {" + tunes.value("Waiting")
                + ", plural, =0 {Nothing waits.} one {# waits.} other {# wait.}}";
        return List.of(
                words.asks("", "Ask for a tune at " + name, EACH, "ask", Map.of("words", SAID)),
                words.asks("-back", "Take my tune back at " + name, EACH, "unask", Map.of()),
                words.asks("-when", "When is mine at " + name, EACH, "when", Map.of()),
                words.asks("-vote", "Vote for the next at " + name, EACH, "vote", Map.of()),
                words.cue("-now", "What plays at " + name, List.of(ChatWords.CALM), ChatWords.says("", plays)),
                words.asks("-play", "Play at " + name, LEADING, "start", Map.of()),
                words.asks("-pause", "Pause at " + name, LEADING, "pause", Map.of()),
                words.asks("-stop", "End playing at " + name, LEADING, "stop", Map.of()),
                words.asks("-skip", "The next at " + name, LEADING, "skip", Map.of()),
                words.asks("-volume", "How loud at " + name, LEADING, "volume", Map.of("percent", SAID)),
                words.asks("-remove", "Take away at " + name, LEADING, "remove", Map.of("number", SAID)),
                words.asks("-keep", "Keep what plays at " + name, LEADING, "keep", Map.of()),
                words.asks("-ban", "Keep out of " + name, LEADING, "ban", Map.of("name", SAID)));
    }
}
