package org.waxbell.pack;

import java.util.Map;

/**
 * What whoever brings a pack decided where both sides have the same.
 *
 * @param items what happens with something that is there under the same id and is another; {@link Way#ADD} for stages and {@link Way#KEEP} for all else where nothing was decided
 * @param words what a chat word becomes that is taken, by {@link WordClash#key}; empty text to leave it out
 */
public record Choices(Map<PackItem, Way> items, Map<String, String> words) {
    /** Nothing was decided. */
    public static final Choices NONE = new Choices(Map.of(), Map.of());

    public Choices {
        items = Map.copyOf(items);
        words = Map.copyOf(words);
    }

    /** What happens with one of the two. */
    public enum Way {
        /** What is there stays, and what comes is left out. */
        KEEP,
        /** What is there stays, with what it lacks; of stages alone. */
        ADD,
        /** What comes takes its place. */
        REPLACE,
        /** A cue that comes stands beside it, under another name. */
        BESIDE
    }

    Way of(PackItem item) {
        return items.getOrDefault(item, item.sort() == PackItem.Sort.STAGE ? Way.ADD : Way.KEEP);
    }
}
