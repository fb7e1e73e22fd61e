package org.waxbell.game;

import java.util.List;
import org.waxbell.desk.Lots;

/** The rules of a game that one plays alone against the table. */
interface Rules {
    /** What came of one play. @param says what was drawn, in words @param pays how many times the stake comes back */
    record Played(String says, int pays) {}

    /** All that may come; the chances add up to 1. */
    List<Odd> odds();

    /** Plays once. @param guess what the player said behind the stake, empty text for nothing */
    Played play(Lots lots, String guess);

    /** Why that cannot be guessed, as the end of a sentence; empty text where it can. */
    default String refuses(String guess) {
        return "";
    }
}
