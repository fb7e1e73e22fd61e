package org.waxbell.earning;

import java.util.List;

/**
 * How points are earned now, beside by whom.
 *
 * @param next  when presence is paid next, milliseconds since 1970 UTC; 0 while no show is open
 * @param paid  how many points were earned in this show
 * @param first who wrote first in this show, empty text while nobody did
 * @param top   who of those who were here had most when that was last looked at, in words
 */
public record EarningHead(long next, long paid, String first, List<Rich> top) {
    /** Before the first show. */
    static final EarningHead NEW = new EarningHead(0, 0, "", List.of());

    /** Somebody and what they can spend. */
    public record Rich(String name, long points) {}

    public EarningHead {
        top = List.copyOf(top);
    }

    EarningHead nextAt(long at) {
        return new EarningHead(at, paid, first, top);
    }

    EarningHead paying(long more) {
        return new EarningHead(next, paid + more, first, top);
    }

    EarningHead firstIs(String name) {
        return new EarningHead(next, paid, name, top);
    }

    EarningHead with(List<Rich> richest) {
        return new EarningHead(next, paid, first, richest);
    }
}
