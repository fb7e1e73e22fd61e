package org.waxbell.game;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.prize.Entrant;

/**
 * How a game stands, beside who played.
 *
 * @param offers challenges that stand
 * @param pot    who put into it, in order
 * @param seed   with which it is drawn
 * @param ends   when it is drawn, milliseconds since 1970 UTC; 0 while nobody put anything in
 * @param plays  the last ones, the newest first
 */
public record GameHead(List<Offer> offers, List<Entrant> pot, String seed, long ends, List<Play> plays) {
    /** Nobody played yet. */
    static final GameHead NEW = new GameHead(List.of(), List.of(), "", 0, List.of());

    private static final int MOST_PLAYS = 20;

    /** A challenge. @param to whom, by name @param stake that the challenger put in, in points @param at milliseconds since 1970 UTC */
    public record Offer(String person, String name, String to, long stake, long at) {}

    /** What came of a play. @param at milliseconds since 1970 UTC @param drawn in words @param won in points, the stake included */
    public record Play(long at, String name, long stake, String drawn, long won) {}

    public GameHead {
        offers = List.copyOf(offers);
        pot = List.copyOf(pot);
        plays = List.copyOf(plays);
    }

    GameHead played(Play play) {
        List<Play> all = new ArrayList<>(plays);
        all.add(0, play);
        return new GameHead(offers, pot, seed, ends, all.subList(0, Math.min(MOST_PLAYS, all.size())));
    }

    GameHead offering(List<Offer> other) {
        return new GameHead(other, pot, seed, ends, plays);
    }

    GameHead pot(List<Entrant> other, String with, long until) {
        return new GameHead(offers, other, with, until, plays);
    }

    /** What the pot holds, in points. */
    long holds() {
        return pot.stream().mapToLong(Entrant::paid).sum();
    }
}
