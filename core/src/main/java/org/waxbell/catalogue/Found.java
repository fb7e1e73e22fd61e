package org.waxbell.catalogue;

import java.util.List;

/**
 * What is meant by some words.
 *
 * @param sure    whether it can only be the first
 * @param nearest what it may be, the likeliest first; at most three
 */
public record Found(boolean sure, List<Tune> nearest) {
    /** Nothing is called anything like that. */
    public static final Found NOTHING = new Found(false, List.of());

    public Found {
        nearest = List.copyOf(nearest);
    }
}
