package org.waxbell.game;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;
import org.waxbell.game.Game.Sort;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;

/** The words that a game begins with. */
final class GameStarters {
    /** A rest for each viewer alone. */
    private static final List<Gate> EACH = List.of(new CooldownGate(0, 10_000));

    private final Game game;
    private final ChatWords words;

    GameStarters(Game game, String about, String rack) {
        this.game = game;
        this.words = new ChatWords(game, about, rack);
    }

    List<Cue> all() {
        String name = ChatWords.plain(game.name());
        List<Cue> all = new ArrayList<>();
        all.add(words.asks("", "Play " + name, EACH, Game.PLAY, Map.of(Game.STAKE, "{argument}")));
        if (game.sort() == Sort.DUEL) {
            all.add(words.asks("-yes", "Take up " + name, EACH, Game.TAKE_UP, Map.of()));
        }
        return all;
    }
}
