package org.waxbell.score;

import java.util.List;

/** Draws segments of wheels by the ring's own chance. */
@FunctionalInterface
public interface WheelDraws {
    /** One draw. @param segment counted from 0 @param words what stands on it @param odds how likely it was, in percent */
    record Drawn(int segment, String words, double odds) {}

    /** {@code times} draws, one after another; empty where there is no such wheel any more. @param purpose the part for which */
    List<Drawn> draw(String purpose, String stage, String wheel, int times);
}
