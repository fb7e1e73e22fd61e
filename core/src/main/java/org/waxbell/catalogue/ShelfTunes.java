package org.waxbell.catalogue;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * What lies on the shelf and is long enough to be a tune: {@code Maker - Title.ogg}, or a title alone. Of videos only those that are
 * named with their maker, for a clip of the evening is no tune. All of it is the host's own to answer for.
 *
 * @param name what ids begin with
 * @param fits which of the shelf are its tunes
 */
record ShelfTunes(String name, Shelf shelf, Predicate<Media> fits) implements TuneSource {
    /** What lies shorter is a sound. */
    static final long SHORTEST_MS = 20_000;
    /** What ids of videos begin with. */
    static final String FILM = "film";

    private static final Pattern NAMED = Pattern.compile("(?:(.+?) - )?(.+?)(?:\\.[A-Za-z0-9]{1,5})?");

    /** Both sources of a shelf: its audio and its videos. */
    static List<TuneSource> of(Shelf shelf) {
        return List.of(
                new ShelfTunes("shelf", shelf, Media::audible),
                new ShelfTunes(
                        FILM,
                        shelf,
                        media -> media.type().startsWith("video/")
                                && !tune(FILM, media).maker().isEmpty()));
    }

    @Override
    public List<Tune> tunes() {
        return shelf.all().stream()
                .filter(media -> media.lengthMs() >= SHORTEST_MS && fits.test(media))
                .map(media -> tune(name, media))
                .toList();
    }

    private static Tune tune(String source, Media media) {
        Matcher named = NAMED.matcher(media.name());
        boolean fits = named.matches();
        return new Tune(
                source + "/" + media.hash(),
                fits ? named.group(2).strip() : media.name(),
                fits && named.group(1) != null ? named.group(1).strip() : "",
                media.lengthMs(),
                "",
                "",
                media.gain(),
                false);
    }
}
