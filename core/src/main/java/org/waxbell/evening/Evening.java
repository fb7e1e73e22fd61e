package org.waxbell.evening;

/**
 * How the evening stands.
 *
 * @param show     number of the show that is open, 0 for none
 * @param shows    how many were opened in all
 * @param openedAt when the open one was opened, or when the last one closed, milliseconds since 1970 UTC
 * @param onAir    whether the mixer streams
 * @param lines    lines of chat in the open show
 */
public record Evening(long show, long shows, long openedAt, boolean onAir, long lines) {
    /** Before the first show. */
    public static final Evening NONE = new Evening(0, 0, 0, false, 0);

    /** Whether a show is open. */
    public boolean open() {
        return show > 0;
    }

    /** The next show opens. */
    public Evening opened(long at) {
        return new Evening(shows + 1, shows + 1, at, onAir, 0);
    }

    /** The show closes. */
    public Evening closed(long at) {
        return new Evening(0, shows, at, onAir, 0);
    }

    /** The mixer streams from now on, or no longer. */
    public Evening air(boolean next) {
        return new Evening(show, shows, openedAt, next, lines);
    }

    /** One more line of chat. */
    public Evening line() {
        return new Evening(show, shows, openedAt, onAir, lines + 1);
    }
}
