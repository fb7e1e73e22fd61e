package org.waxbell.game;

import java.util.List;

/**
 * Something that may come of a play.
 *
 * @param what   in words
 * @param chance from 0 to 1
 * @param pays   how many times the stake comes back, the stake itself included
 */
public record Odd(String what, double chance, double pays) {
    /** What comes back of a stake on average, as a share of it. */
    public static double expected(List<Odd> all) {
        return all.stream().mapToDouble(each -> each.chance() * each.pays()).sum();
    }
}
