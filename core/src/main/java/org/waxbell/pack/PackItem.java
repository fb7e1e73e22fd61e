package org.waxbell.pack;

import java.util.Comparator;

/** Something of a wiring that can be carried by itself. @param id within its sort */
public record PackItem(Sort sort, String id) implements Comparable<PackItem> {
    private static final Comparator<PackItem> ORDER =
            Comparator.comparing(PackItem::sort).thenComparing(PackItem::id);

    /** What there is. */
    public enum Sort {
        /** A rack of cues. */
        RACK,
        /** A stage with all that stands on it. */
        STAGE,
        /** A desk that stands by itself. */
        DESK,
        /** A cue. */
        CUE,
        /** A look of cards of the host’s own. */
        LOOK,
        /** A value of the slate. */
        SLATE,
        /** A circle of people; who is in it stays at home. */
        CIRCLE
    }

    @Override
    public int compareTo(PackItem other) {
        return ORDER.compare(this, other);
    }
}
