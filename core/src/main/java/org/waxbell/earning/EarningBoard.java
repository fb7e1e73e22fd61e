package org.waxbell.earning;

import java.util.List;

/**
 * How points are earned, for the host.
 *
 * @param next    when presence is paid next, milliseconds since 1970 UTC; 0 while no show is open
 * @param present how many are present now
 * @param here    how many were here in this show
 * @param paid    how many points were earned in this show
 * @param first   who wrote first, empty text for nobody yet
 * @param top     who had most when that was last looked at
 * @param names   those who were here lately
 */
public record EarningBoard(
        long next, int present, int here, long paid, String first, List<EarningHead.Rich> top, List<String> names) {
    public EarningBoard {
        top = List.copyOf(top);
        names = List.copyOf(names);
    }
}
