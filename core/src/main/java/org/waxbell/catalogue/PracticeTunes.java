package org.waxbell.catalogue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.SplittableRandom;

/** A made-up catalogue to try everything with: melodies from seeds, with invented titles and makers, some of them confusingly alike. */
public final class PracticeTunes implements TuneSource {
    private static final String LINKS = "https://tunes.example.org/";
    private static final int COUNT = 172;
    private static final List<String> HOW = List.of(
            "Brine",
            "Amber",
            "Quiet",
            "Salt",
            "Harbour",
            "Low",
            "Winter",
            "Copper",
            "Drowsy",
            "Marsh",
            "Paper",
            "Northern",
            "Hollow",
            "Honey",
            "Slate",
            "Silver");
    private static final List<String> WHAT = List.of(
            "Lantern", "Ferry", "Heron", "Tide", "Kiln", "Orchard", "Bell", "Wharf", "Thistle", "Ladder", "Kettle",
            "Moth", "Reed", "Sail", "Weather", "Loom");
    private static final List<String> WHERE =
            List.of("on the Quay", "at Low Water", "before Rain", "for Two Hands", "after Supper", "in Grey Wool");
    private static final List<String> MAKERS = List.of(
            "Tern and Daughters",
            "Oda Quill",
            "The Small Ovens",
            "Pell Marrow",
            "Nine Buckets",
            "Ines Calder",
            "Sallow Street",
            "Fen Choir",
            "Bram Oakhurst",
            "The Late Ferries",
            "Moss Ledger",
            "Wren Applegarth",
            "Kit Saltby",
            "Lamp Room Trio");
    private static final List<String> LICENCES =
            List.of("CC0-1.0", "CC-BY-4.0", "CC-BY-4.0", "CC-BY-SA-4.0", "All rights reserved");
    /** Titles that are easily taken for one another. */
    private static final List<String> ALIKE = List.of(
            "The Brine Lantern",
            "Tidesong",
            "Tide Song",
            "Tidal Song",
            "Lantern Street",
            "Lantern on the Quay",
            "Slow Wax",
            "Slow Wax (for Two Hands)",
            "Café Marée",
            "The Long Ebb",
            "The Long Ebb, Part Two",
            "Nocturne 7",
            "Nocturne 17");

    /** The only one there is. */
    public static final PracticeTunes ALL = new PracticeTunes();

    private final List<Tune> tunes;

    private PracticeTunes() {
        List<String> titles = new ArrayList<>(ALIKE);
        Set<String> taken = new HashSet<>(titles);
        SplittableRandom seed = new SplittableRandom(1_802);
        while (titles.size() < COUNT) {
            String title = title(seed);
            if (taken.add(title)) {
                titles.add(title);
            }
        }
        tunes = titles.stream().map(title -> tune(title, seed)).toList();
    }

    private static <T> T one(List<T> of, SplittableRandom seed) {
        return of.get(seed.nextInt(of.size()));
    }

    private static String title(SplittableRandom seed) {
        String how = one(HOW, seed);
        String what = one(WHAT, seed);
        return switch (seed.nextInt(4)) {
            case 0 -> how + " " + what;
            case 1 -> "The " + how + " " + what;
            case 2 -> what + " " + one(WHERE, seed);
            default -> how + " " + what + " " + one(WHERE, seed);
        };
    }

    private static Tune tune(String title, SplittableRandom seed) {
        String id = title.toLowerCase(Locale.ROOT)
                .replace('é', 'e')
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        long seconds = title.startsWith("The Long Ebb") ? 500 + seed.nextInt(90) : 40 + seed.nextInt(150);
        return new Tune(
                "practice/" + id,
                title,
                one(MAKERS, seed),
                seconds * 1_000,
                title.equals("The Brine Lantern") ? "CC-BY-4.0" : one(LICENCES, seed),
                LINKS + id,
                0,
                true);
    }

    @Override
    public String name() {
        return "practice";
    }

    @Override
    public List<Tune> tunes() {
        return tunes;
    }
}
