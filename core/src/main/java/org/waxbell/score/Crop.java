package org.waxbell.score;

import org.waxbell.check.Problems;
import org.waxbell.kind.Field;

/** What parts that show a film cut off at its edges, as they name, offer and check it. */
final class Crop {
    private static final int MOST = 90;
    private static final int LEAST_LEFT = 10;

    private Crop() {}

    /** A field for each edge, in percent of the width or height. */
    static Field[] fields() {
        return new Field[] {edge("left"), edge("right"), edge("top"), edge("bottom")};
    }

    private static Field edge(String key) {
        return Field.number(key, "Cut off at the " + key, 0, MOST)
                .called("What is cut off")
                .in("%")
                .wide(3);
    }

    /** Adds that next to nothing would be left, where that is so. */
    static void check(Problems problems, int left, int top, int right, int bottom) {
        if (left + right > 100 - LEAST_LEFT || top + bottom > 100 - LEAST_LEFT) {
            problems.at("right").add(right, "Next to nothing of the film would be left.", "Cut off less.");
        }
    }
}
