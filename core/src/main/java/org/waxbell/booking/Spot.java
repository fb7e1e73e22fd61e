package org.waxbell.booking;

/**
 * A named place on a stage where parts appear.
 *
 * @param frame where it stands
 * @param busy  what happens when it is taken
 */
public record Spot(String id, String name, Frame frame, BusyRule busy) {
    /** A spot at those pixels, behind all else and not locked. */
    public static Spot plain(String id, String name, int x, int y, int width, int height, BusyRule busy) {
        return new Spot(id, name, new Frame(x, y, width, height, 0, false), busy);
    }
}
