package org.waxbell.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.waxbell.shelf.Shelf;

/** Every tune there is, found by id, by link, or by words in which letters are wrong and words are missing. */
public final class Catalogue {
    /** One without tunes. */
    public static final Catalogue NONE = new Catalogue(List.of());

    private final List<Tune> all;
    private final Map<String, Tune> byId = new HashMap<>();
    private final Map<String, Tune> byLink = new HashMap<>();
    private @Nullable TuneIndex index;

    /** @param sources in the order in which their tunes are listed */
    public Catalogue(List<? extends TuneSource> sources) {
        List<Tune> tunes = new ArrayList<>();
        for (TuneSource source : sources) {
            for (Tune tune : source.tunes()) {
                if (byId.putIfAbsent(tune.id(), tune) == null) {
                    tunes.add(tune);
                    if (!tune.link().isEmpty()) {
                        byLink.put(bare(tune.link()), tune);
                    }
                }
            }
        }
        all = List.copyOf(tunes);
    }

    /** What a shelf has, beside the practice catalogue. */
    public static Catalogue of(Shelf shelf) {
        List<TuneSource> sources = new ArrayList<>(ShelfTunes.of(shelf));
        sources.add(PracticeTunes.ALL);
        return new Catalogue(sources);
    }

    private static String bare(String link) {
        return link.strip().toLowerCase(Locale.ROOT).replaceAll("^https?://(www\\.)?|[/?#]+$", "");
    }

    /** All of them, in the order of their sources. */
    public List<Tune> all() {
        return all;
    }

    /** The tune of that id; empty where there is none any more. */
    public Optional<Tune> get(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The tune of that address; empty where none has it. */
    public Optional<Tune> linked(String link) {
        return Optional.ofNullable(byLink.get(bare(link)));
    }

    /** The tune that a line of a list means: by its address or id, else by a title and maker that can only be one; empty where none is. */
    public Optional<Tune> listed(String location, String title, String maker) {
        return linked(location).or(() -> get(location)).or(() -> {
            Found found = title.isEmpty() ? Found.NOTHING : find(title + " " + maker);
            return found.sure() ? Optional.of(found.nearest().get(0)) : Optional.empty();
        });
    }

    /** What is meant by words. The index is made when it is asked for first. */
    public synchronized Found find(String words) {
        if (index == null) {
            index = new TuneIndex(all);
        }
        return index.find(words);
    }
}
