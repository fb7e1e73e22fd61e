package org.waxbell.shelf;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The library of sounds and pictures as the engine sees it: an immutable list in order of folder and name. */
public record Shelf(List<Media> all) {
    /** A shelf with nothing on it. */
    public static final Shelf EMPTY = new Shelf(List.of());

    public Shelf {
        all = all.stream()
                .sorted(Comparator.comparing(Media::folder).thenComparing(Media::name))
                .toList();
    }

    /** What lies in {@code folder}, by name; empty where there is no such folder. */
    public List<Media> folder(String folder) {
        return all.stream().filter(media -> media.folder().equals(folder)).toList();
    }

    /** The item of that folder and name, if it is there. */
    public Optional<Media> find(String folder, String name) {
        return all.stream()
                .filter(media -> media.folder().equals(folder) && media.name().equals(name))
                .findFirst();
    }
}
