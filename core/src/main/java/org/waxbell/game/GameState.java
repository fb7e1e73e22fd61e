package org.waxbell.game;

import org.waxbell.state.Ranked;

/** How a game stands. @param players who played in this show, by identity */
public record GameState(GameHead head, Ranked<String, Player> players) {
    /** Nobody played yet. */
    static final GameState NEW = new GameState(GameHead.NEW, Ranked.none());

    GameState with(GameHead other) {
        return new GameState(other, players);
    }

    GameState with(Player player) {
        return new GameState(head, players.with(player.person(), player));
    }

    GameState nobody() {
        return new GameState(head, Ranked.none());
    }
}
