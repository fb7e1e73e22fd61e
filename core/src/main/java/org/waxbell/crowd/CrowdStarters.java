package org.waxbell.crowd;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;

/** The words that a crowd begins with: one cue each, so that its rack says in which scenes and chapters they mean something. */
final class CrowdStarters {
    private final Crowd crowd;
    private final ChatWords words;

    CrowdStarters(Crowd crowd, String about, String rack) {
        this.crowd = crowd;
        this.words = new ChatWords(crowd, about, rack);
    }

    List<Cue> all() {
        return crowd.moves().stream().map(this::cue).toList();
    }

    private Cue cue(CrowdMove move) {
        Cue made = words.cue(
                "-" + move.key().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                "Crowd: " + move.word(),
                List.of(),
                words.asking(Crowd.PRESS, Map.of(Crowd.MOVE, move.word(), Crowd.REST, "{argument}")));
        // A short word as it is, without the prefix of other words.
        return made.withPulls(List.of(new ChatWordPull(List.of(move.word()), false, "")));
    }
}
