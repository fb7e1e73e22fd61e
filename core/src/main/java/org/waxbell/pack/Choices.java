package org.waxbell.pack;

import java.util.List;
import java.util.Map;

/**
 * What whoever brings a pack decided where both sides have the same.
 *
 * @param items what happens with something that is there under the same id and is another; the first of {@link #ways} where nothing that can be was decided
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

    /** What can be done with something of that sort, the usual one first. What belongs to the house is never replaced, for much else hangs on it. */
    static List<Way> ways(PackItem.Sort sort) {
        return switch (sort) {
            case LOOK, SLATE, CIRCLE -> List.of(Way.KEEP);
            case RACK, DESK -> List.of(Way.KEEP, Way.REPLACE);
            case STAGE -> List.of(Way.ADD, Way.KEEP, Way.REPLACE);
            case CUE -> List.of(Way.KEEP, Way.REPLACE, Way.BESIDE);
        };
    }

    Way of(PackItem item) {
        List<Way> ways = ways(item.sort());
        Way wished = items.get(item);
        return wished != null && ways.contains(wished) ? wished : ways.get(0);
    }
}
