package org.waxbell.score;

import java.util.List;
import org.waxbell.shelf.Media;

/** Draws one of several by the ring's own chance, never the same twice running. */
@FunctionalInterface
public interface Draws {
    /** One of {@code choices}, which is not empty, for {@code purpose}; the same ring and purpose always give the same. */
    Media draw(String purpose, List<Media> choices);

    /** A number from 0 up to, not with, {@code choices}, for {@code purpose}; never the same twice running where there are several. */
    default int pick(String purpose, int choices) {
        return 0;
    }
}
