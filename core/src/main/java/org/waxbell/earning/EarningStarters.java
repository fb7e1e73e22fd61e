package org.waxbell.earning;

import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;

/** The words that points begin with. */
final class EarningStarters {
    /** A rest for each viewer alone, so that everybody is answered. */
    private static final List<Gate> EACH = List.of(new CooldownGate(0, 5_000));

    private final Earning earning;
    private final ChatWords words;

    EarningStarters(Earning earning, String about, String rack) {
        this.earning = earning;
        this.words = new ChatWords(earning, about, rack);
    }

    List<Cue> all() {
        String name = ChatWords.plain(earning.name());
        return List.of(
                words.asks("", "My " + name, EACH, Earning.MINE, Map.of()),
                words.asks(
                        "-give",
                        "Give another " + name,
                        EACH,
                        Earning.GIVE,
                        Map.of("name", "{argument}", "amount", "")),
                words.asks("-top", "Who has most " + name, List.of(ChatWords.CALM), Earning.TOP, Map.of()),
                words.asks(
                        "-all",
                        "Give all " + name,
                        List.of(ChatWords.MODERATORS),
                        Earning.ALL,
                        Map.of("amount", "{argument}", "why", "by chat", "circle", "")));
    }
}
