package org.waxbell.booking;

/**
 * A named place on a stage where parts appear.
 *
 * @param x      left edge in pixels of the stage
 * @param y      top edge in pixels of the stage
 * @param width  in pixels
 * @param height in pixels
 * @param busy   what happens when it is taken
 */
public record Spot(String id, String name, int x, int y, int width, int height, BusyRule busy) {
}
