package org.waxbell.engine;

/**
 * What the engine was at when a fault ended its work.
 *
 * @param ring  the ring that it carried on, 0 for none
 * @param place of the document whose desk was at work, empty text for none
 */
public record AtWork(long ring, String place) {
    /** Nothing that it knows of. */
    public static final AtWork NOTHING = new AtWork(0, "");
}
