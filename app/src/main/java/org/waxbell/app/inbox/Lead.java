package org.waxbell.app.inbox;

/** How long ahead of its moment a part is told, from the pages' measured round trips. */
public final class Lead {
    /** The least, in milliseconds: enough on one quiet machine. */
    public static final long LEAST = 40;
    /** The most, in milliseconds: beyond it chat would feel slow. */
    public static final long MOST = 150;

    private Lead() {}

    /** The lead for a worst round trip, both in milliseconds: the way there twice over, and the least for the page itself. */
    public static long of(double roundTrip) {
        return Math.round(Math.min(MOST, Math.max(LEAST, LEAST + roundTrip)));
    }
}
