package org.waxbell.game;

import java.util.List;
import org.waxbell.desk.Lots;

/** A guess at a number from 1 to 10, which pays nine times the stake. */
record GuessNumber() implements Rules {
    private static final int MOST = 10;
    private static final int PAYS = 9;

    @Override
    public List<Odd> odds() {
        return List.of(new Odd("the number that was guessed", 1.0 / MOST, PAYS), new Odd("another", 1 - 1.0 / MOST, 0));
    }

    @Override
    public String refuses(String guess) {
        return guess.matches("[1-9]|10") ? "" : "a number from 1 to " + MOST + " behind the stake";
    }

    @Override
    public Played play(Lots lots, String guess) {
        int drawn = 1 + lots.below("number", MOST);
        return new Played("it is " + drawn, Integer.toString(drawn).equals(guess) ? PAYS : 0);
    }
}
