package org.waxbell.app.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.film.FilmSound;
import org.waxbell.app.security.Hashes;
import org.waxbell.app.store.MediaMapper;
import org.waxbell.app.store.MediaMapper.FileRow;
import org.waxbell.app.store.MediaMapper.SoundRow;
import org.waxbell.shelf.Levelling;
import org.waxbell.shelf.Loudness;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/** Files of the shelf, kept under the hash of their content. */
@Component
public class MediaFiles {
    private static final Map<String, String> TYPES =
            Map.of("wav", "audio/wav", "svg", "image/svg+xml", "webm", "video/webm", "json", "application/json");
    private static final int MOST_APART = 300;
    /** The database names the file next, and a loss of power between both must not leave it empty. */
    private static final OpenOption[] WHOLE = {
        StandardOpenOption.CREATE,
        StandardOpenOption.WRITE,
        StandardOpenOption.TRUNCATE_EXISTING,
        StandardOpenOption.DSYNC
    };

    private static final String FILM = "video/webm";
    private final Map<String, String> apart = new LinkedHashMap<>();
    private final DataFolder folder;
    private final MediaMapper mapper;
    private final SystemClock clock;

    MediaFiles(DataFolder folder, MediaMapper mapper, SystemClock clock) {
        this.folder = folder;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Puts a file of ours on the shelf, with its length and loudness measured. */
    public Media add(String shelfFolder, String name, byte[] content) {
        String type = TYPES.getOrDefault(
                name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT), "application/octet-stream");
        return type.startsWith("audio/")
                ? put(shelfFolder, name, content, type, SoundReader.measure(content, type))
                : put(shelfFolder, name, content, type, lengthOf(type, content));
    }

    /** Puts a sound on the shelf that was measured; one of the same name is replaced. */
    public Media put(String shelfFolder, String name, byte[] content, String type, Loudness.Measured measured) {
        mapper.measured(row(Hashes.hex(content), measured));
        put(shelfFolder, name, content, type, measured.lengthMs());
        return find(shelfFolder, name).orElseThrow().media();
    }

    private static SoundRow row(String hash, Loudness.Measured measured) {
        byte[] steps = new byte[measured.drawing().length];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = (byte) measured.drawing()[i];
        }
        return new SoundRow(
                hash,
                (int) Math.round(measured.loudness() * 100),
                (int) Math.round(measured.peak() * 100),
                Levelling.gain(measured.loudness(), measured.peak()),
                HexFormat.of().formatHex(steps));
    }

    /** Puts a file on the shelf whose kind and length, in milliseconds, are known; one of the same name is replaced. */
    public Media put(String shelfFolder, String name, byte[] content, String type, long lengthMs) {
        Media media = new Media(name, shelfFolder, Hashes.hex(content), type, lengthMs);
        try {
            Files.write(file(media.hash()), content, WHOLE);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        if (type.equals(FILM)) {
            FilmSound.measured(content).ifPresent(measured -> mapper.measured(row(media.hash(), measured)));
        }
        mapper.put(media, content.length, clock.now());
        return media;
    }

    /** Measures sounds that lay here before they were measured; how many. One that cannot be read is left as it is. */
    public int measureOlder() {
        int done = 0;
        for (FileRow row : mapper.all()) {
            if (row.loudness() == null && (row.media().audible() || row.type().equals(FILM))) {
                try {
                    byte[] content = Files.readAllBytes(file(row.hash()));
                    Optional<Loudness.Measured> measured = row.type().equals(FILM)
                            ? FilmSound.measured(content)
                            : Optional.of(SoundReader.measure(content, row.type()));
                    measured.ifPresent(each -> mapper.measured(row(row.hash(), each)));
                    done += measured.isPresent() ? 1 : 0;
                } catch (IOException | IllegalArgumentException unreadable) {
                    continue;
                }
            }
        }
        return done;
    }

    /** Keeps a file that does not lie on the shelf until the program ends, as what a directory told of somebody; its hash. The newest {@value #MOST_APART} are kept. */
    public String keepApart(byte[] content, String type) {
        String hash = Hashes.hex(content);
        try {
            Files.write(file(hash), content);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        synchronized (apart) {
            apart.put(hash, type);
            List<String> all = List.copyOf(apart.keySet());
            all.subList(0, Math.max(0, all.size() - MOST_APART)).forEach(apart::remove);
        }
        return hash;
    }

    /** The media type of a file that is kept apart; empty where none of that hash is. */
    public Optional<String> apart(String hash) {
        synchronized (apart) {
            return Optional.ofNullable(apart.get(hash));
        }
    }

    /** A sound of that media type as samples; throws {@link IllegalArgumentException} where it cannot be read. */
    public static SoundReader.Decoded samples(byte[] content, String type) {
        return SoundReader.decode(content, type);
    }

    /** The sound of that hash as samples; empty where none lies here that can be read. */
    public Optional<SoundReader.Decoded> samples(String hash) {
        return mapper.all().stream()
                .filter(row -> row.hash().equals(hash) && row.media().audible())
                .findFirst()
                .flatMap(row -> {
                    try {
                        return Optional.of(SoundReader.decode(Files.readAllBytes(file(hash)), row.type()));
                    } catch (IOException | IllegalArgumentException unreadable) {
                        return Optional.empty();
                    }
                });
    }

    /** The file of that hash, which may not exist. */
    public Path file(String hash) {
        return folder.media().resolve(hash);
    }

    /** Everything on the shelf now, with what is told of it. */
    public List<FileRow> rows() {
        return mapper.all();
    }

    /** What lies at a place. */
    public Optional<FileRow> find(String shelfFolder, String name) {
        return Optional.ofNullable(mapper.find(shelfFolder, name));
    }

    /** Everything on the shelf now. */
    public Shelf shelf() {
        return new Shelf(mapper.all().stream().map(FileRow::media).toList());
    }

    /** How long a file of that kind lasts that is no sound, in milliseconds; 0 for what does not last or does not tell. */
    public long lengthOf(String type, byte[] content) {
        return type.equals(FILM) ? WebmLength.of(content) : 0;
    }
}
