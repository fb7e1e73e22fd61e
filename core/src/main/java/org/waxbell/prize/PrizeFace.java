package org.waxbell.prize;

import java.util.List;
import org.waxbell.fixture.Face;

/**
 * What a prize draw shows on a stage.
 *
 * @param phase    where it is
 * @param prize    what is drawn for
 * @param entrants how many entered
 * @param lately   who entered last, the newest first
 * @param ends     when one can enter no longer, milliseconds since 1970 UTC; 0 while nothing but the host ends it
 * @param draws    in order
 * @param claimBy  until when who is drawn has to speak up, milliseconds since 1970 UTC; 0 where they need not
 */
public record PrizeFace(
        PrizeHead.Phase phase,
        String prize,
        int entrants,
        List<PrizeNumber> lately,
        long ends,
        List<PrizeDrawn> draws,
        long claimBy)
        implements Face {
    /** Somebody's number. */
    public record PrizeNumber(int number, String name) {}

    /** One draw. @param at milliseconds since 1970 UTC */
    public record PrizeDrawn(String prize, int number, String name, Drawn.Claim claim, long at) {}

    public PrizeFace {
        lately = List.copyOf(lately);
        draws = List.copyOf(draws);
    }
}
