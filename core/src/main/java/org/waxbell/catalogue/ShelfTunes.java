package org.waxbell.catalogue;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/** The audio of the shelf that is long enough to be a tune: {@code Maker - Title.ogg}, or a title alone. It is the host's own to answer for. */
public record ShelfTunes(Shelf shelf) implements TuneSource {
    /** What lies shorter is a sound. */
    public static final long SHORTEST_MS = 20_000;

    private static final Pattern NAMED = Pattern.compile("(?:(.+?) - )?(.+?)(?:\\.[A-Za-z0-9]{1,5})?");

    @Override
    public String name() {
        return "shelf";
    }

    @Override
    public List<Tune> tunes() {
        return shelf.all().stream()
                .filter(media -> media.audible() && media.lengthMs() >= SHORTEST_MS)
                .map(ShelfTunes::tune)
                .toList();
    }

    private static Tune tune(Media media) {
        Matcher named = NAMED.matcher(media.name());
        boolean fits = named.matches();
        return new Tune(
                "shelf/" + media.hash(),
                fits ? named.group(2).strip() : media.name(),
                fits && named.group(1) != null ? named.group(1).strip() : "",
                media.lengthMs(),
                "",
                "",
                media.gain(),
                false);
    }
}
