package org.waxbell.prize;

import java.util.List;

/**
 * How a prize draw stands, for its host.
 *
 * @param face     what viewers see
 * @param lots     of all who entered
 * @param paid     by them all, in points
 * @param entrants the first of them in the order of their numbers
 * @param seal     what was published before the draw, empty text before the first
 * @param seed     what was published with it, empty text while one may enter
 */
public record PrizeBoard(PrizeFace face, long lots, long paid, List<Entrant> entrants, String seal, String seed) {
    public PrizeBoard {
        entrants = List.copyOf(entrants);
    }
}
