package org.waxbell.wiring;

/**
 * When the shutters come down by themselves, and for how long.
 *
 * @param floodLines at so many lines of strangers within ten seconds, 0 for never
 * @param forMs      how long they stay down that nobody lifts, in milliseconds; 0 for until somebody does
 */
public record ShutterRule(int floodLines, long forMs) {
    /** They come down by hand or cue alone. */
    public static final ShutterRule BY_HAND = new ShutterRule(0, 600_000);
}
