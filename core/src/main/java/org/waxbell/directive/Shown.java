package org.waxbell.directive;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.waxbell.look.Look;

/** What a page shows beside cards, by kind. */
public sealed interface Shown
        permits Shown.Picture, Shown.Video, Shown.Burst, Shown.Names, Shown.Spin, Shown.Moving, Shown.Introduction {
    /** How long what stands in for a page shows it, in milliseconds; empty where its length is known. */
    default Optional<Long> standsInMs() {
        return Optional.empty();
    }

    /** A picture, as large as its spot. @param entry how it comes in, by name */
    record Picture(String entry, String exit, long entryMs, long exitMs) implements Shown {}

    /**
     * A video with its own sound.
     *
     * @param volume in percent of its own, with its level on the shelf in it; above 100 for one that is raised
     * @param left   how much is cut off at the left, in percent of its width; likewise the others
     * @param open   whether its length is not known and the page tells when it was over
     */
    record Video(
            int volume,
            int left,
            int top,
            int right,
            int bottom,
            String entry,
            String exit,
            long entryMs,
            long exitMs,
            boolean open)
            implements Shown {
        private static final long STAND_IN_TAKES_MS = 10_000;

        @Override
        public Optional<Long> standsInMs() {
            return open ? Optional.of(STAND_IN_TAKES_MS) : Optional.empty();
        }
    }

    /** Many small things that fly and fall. @param shape by name @param count how many @param seed from which every flight follows, so that two pages show the same */
    record Burst(String shape, int count, List<String> colours, long seed) implements Shown {
        public Burst {
            colours = List.copyOf(colours);
        }
    }

    /** Names one under another under a heading, moving up where they have no room. */
    record Names(String heading, List<String> names, String colour, String plate) implements Shown {
        public Names {
            names = List.copyOf(names);
        }
    }

    /** A wheel turns and stops, once for each segment drawn. @param drawn which segments, counted from 0 @param words what stands on them @param stayMs how long each result stands */
    record Spin(List<Integer> drawn, List<String> words, long spinMs, long stayMs) implements Shown {
        public Spin {
            drawn = List.copyOf(drawn);
            words = List.copyOf(words);
        }
    }

    /**
     * Somebody is introduced.
     *
     * @param look     in whose colours and type
     * @param words    what is known of them
     * @param last     what they last streamed, empty text where nothing is known; the picture beside is its art
     * @param portrait hash of their portrait, empty text for a seal made of their name
     * @param entry    how it comes in, by name
     */
    record Introduction(
            Look look,
            String name,
            String words,
            String last,
            String portrait,
            String entry,
            String exit,
            long entryMs,
            long exitMs)
            implements Shown {
        /** The same with the portrait's address in place of its hash. */
        public Introduction at(UnaryOperator<String> address) {
            return new Introduction(look, name, words, last, address.apply(portrait), entry, exit, entryMs, exitMs);
        }
    }

    /** A mascot moves. @param move by name */
    record Moving(String move) implements Shown {}
}
