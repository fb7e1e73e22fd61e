package org.waxbell.draft;

import java.util.List;
import java.util.stream.IntStream;
import org.waxbell.booking.Frame;
import org.waxbell.stage.Stage;

/** Finds where something new stands on a stage: over as little as can be of what stands there, and out of the middle, where the picture is. */
final class FreeFrame {
    /** Part of each side that a screen may cut off. */
    private static final int MARGIN = 20;

    private static final int STEP = 16;
    private final Stage stage;
    private final List<Frame> there;

    FreeFrame(Stage stage, List<Frame> there) {
        this.stage = stage;
        this.there = there;
    }

    /** One of that size, or of the stage's where that is smaller; before all that stands there. */
    Frame of(int wide, int high) {
        int width = Math.min(wide, stage.width());
        int height = Math.min(high, stage.height());
        int layer = there.stream().mapToInt(Frame::layer).max().orElse(0) + 1;
        int left = margin(stage.width(), width);
        int top = margin(stage.height(), height);
        int right = stage.width() - width - left;
        int bottom = stage.height() - height - top;
        Frame best = new Frame(right, top, width, height, layer);
        for (int x : between(right, left)) {
            for (int y : between(top, bottom)) {
                Frame here = new Frame(x, y, width, height, layer);
                best = isBetter(here, best) ? here : best;
            }
        }
        return best;
    }

    /** From one edge to the other in steps, both among them. */
    private static int[] between(int from, int to) {
        int steps = (Math.abs(to - from) + STEP - 1) / STEP;
        return IntStream.rangeClosed(0, steps)
                .map(step -> from < to ? Math.min(to, from + step * STEP) : Math.max(to, from - step * STEP))
                .toArray();
    }

    private static int margin(int whole, int size) {
        return Math.min(whole / MARGIN, (whole - size) / 2);
    }

    private boolean isBetter(Frame one, Frame other) {
        int less = Long.compare(covered(one), covered(other));
        return less < 0 || less == 0 && fromMiddle(one) > fromMiddle(other);
    }

    /** How much of what stands there it would cover, in pixels, counted for each. */
    private long covered(Frame frame) {
        return there.stream()
                .mapToLong(each -> shared(frame.x(), frame.width(), each.x(), each.width())
                        * shared(frame.y(), frame.height(), each.y(), each.height()))
                .sum();
    }

    private static long shared(int from, int size, int otherFrom, int otherSize) {
        return Math.max(0, Math.min(from + size, otherFrom + otherSize) - Math.max(from, otherFrom));
    }

    /** How far its middle is from that of the stage, as the square of pixels. */
    private long fromMiddle(Frame frame) {
        long across = 2L * frame.x() + frame.width() - stage.width();
        long down = 2L * frame.y() + frame.height() - stage.height();
        return across * across + down * down;
    }
}
