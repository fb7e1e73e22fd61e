package org.waxbell.turns;

import java.util.List;
import org.waxbell.fixture.Face;

/**
 * What a queue shows on a stage.
 *
 * @param up      who is up, by name
 * @param next    who comes next, the first few, by name
 * @param waiting how many wait
 * @param about   about how long who joins now would wait, in words; empty text where it is not known
 * @param open    whether anybody may join
 */
public record TurnsFace(List<String> up, List<String> next, int waiting, String about, boolean open) implements Face {
    public TurnsFace {
        up = List.copyOf(up);
        next = List.copyOf(next);
    }
}
