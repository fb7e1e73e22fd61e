package org.waxbell.game;

import java.util.List;

/**
 * How a game stands, for its host.
 *
 * @param odds     what may come of it
 * @param expected what comes back of a stake on average, as a share of it
 * @param plays    the last ones, the newest first
 * @param staked   by all in this show, in points
 * @param won      by all in this show, in points
 * @param offers   challenges that stand
 * @param pot      what it holds, in points
 * @param ends     when it is drawn, milliseconds since 1970 UTC; 0 while nobody put anything in
 */
public record GameBoard(
        List<Odd> odds,
        double expected,
        List<GameHead.Play> plays,
        long staked,
        long won,
        List<GameHead.Offer> offers,
        long pot,
        long ends) {
    public GameBoard {
        odds = List.copyOf(odds);
        plays = List.copyOf(plays);
        offers = List.copyOf(offers);
    }
}
