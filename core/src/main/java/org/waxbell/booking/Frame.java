package org.waxbell.booking;

import org.waxbell.check.Problems;

/**
 * Where a spot or fixture stands on its stage.
 *
 * @param x      left edge in pixels of the stage
 * @param y      top edge likewise
 * @param width  in pixels
 * @param height in pixels
 * @param layer  what is higher stands before what is lower
 * @param locked whether the composer leaves it where it is
 */
public record Frame(int x, int y, int width, int height, int layer, boolean locked) {
    private static final int MOST_SIZE = 8_192;
    private static final int MOST_LAYER = 999;

    /** One that the composer may move. */
    public Frame(int x, int y, int width, int height, int layer) {
        this(x, y, width, height, layer, false);
    }

    /** The same place on a stage of another size. The first two are the width and height of the stage on which it stands, the others those of the other. */
    public Frame scaled(int fromWide, int fromHigh, int toWide, int toHigh) {
        return new Frame(
                x * toWide / fromWide,
                y * toHigh / fromHigh,
                Math.max(1, width * toWide / fromWide),
                Math.max(1, height * toHigh / fromHigh),
                layer,
                locked);
    }

    /** Adds what is wrong with it. */
    public void check(Problems here) {
        here.at("width").within(width, 1, MOST_SIZE, "The width", " pixels");
        here.at("height").within(height, 1, MOST_SIZE, "The height", " pixels");
        here.at("x").within(x, -MOST_SIZE, MOST_SIZE, "The left edge", " pixels");
        here.at("y").within(y, -MOST_SIZE, MOST_SIZE, "The top edge", " pixels");
        here.at("layer").within(layer, 0, MOST_LAYER, "The layer", "");
    }

    /** Whether any of it lies beyond a stage of that size. */
    public boolean beyond(int stageWidth, int stageHeight) {
        return x < 0 || y < 0 || x + width > stageWidth || y + height > stageHeight;
    }
}
