package org.waxbell.clock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;
import org.waxbell.gate.Gate;

/** The chat words that a clock begins with: for all to see how it stands, for moderators to lead it. */
final class ClockStarters {
    private static final List<Gate> LEADING = List.of(ChatWords.MODERATORS);
    private final Clock clock;
    private final ChatWords words;

    ClockStarters(Clock clock, String about, String rack) {
        this.clock = clock;
        this.words = new ChatWords(clock, about, rack);
    }

    List<Cue> all() {
        String name = clock.name();
        String stands = ChatWords.plain(name) + ": {" + clock.value("Left") + "}"
                + (clock.way() == Way.ROUNDS ? ", {" + clock.value("Round") + "}" : "") + " ({" + clock.value("State")
                + "})";
        List<Cue> all = new ArrayList<>(List.of(
                words.cue("", "How " + name + " stands", List.of(ChatWords.CALM), ChatWords.says("", stands)),
                words.asks("-start", "Start " + name, LEADING, Clock.START, Map.of()),
                words.asks("-pause", "Pause " + name, LEADING, Clock.PAUSE, Map.of()),
                words.asks("-add", "More time for " + name, LEADING, Clock.ADD, Map.of("time", "{argument}")),
                words.asks("-take", "Less time for " + name, LEADING, Clock.TAKE, Map.of("time", "{argument}")),
                words.asks("-set", "Set " + name, LEADING, Clock.SET, Map.of("time", "{argument}"))));
        if (clock.way() == Way.ROUNDS) {
            all.add(words.asks("-skip", "Next round of " + name, LEADING, Clock.SKIP, Map.of()));
        }
        return all;
    }
}
