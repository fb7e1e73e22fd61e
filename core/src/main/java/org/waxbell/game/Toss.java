package org.waxbell.game;

import java.util.List;
import org.waxbell.desk.Lots;

/** A wager: the wick catches, and the stake is doubled, or it does not. @param chance that it catches, in percent */
record Toss(int chance) implements Rules {
    private static final int WHOLE = 100;

    @Override
    public List<Odd> odds() {
        double share = chance / (double) WHOLE;
        return List.of(new Odd("the wick catches", share, 2), new Odd("it does not", 1 - share, 0));
    }

    @Override
    public Played play(Lots lots, String guess) {
        return lots.below("toss", WHOLE) < chance
                ? new Played("the wick catches", 2)
                : new Played("the wick does not catch", 0);
    }
}
