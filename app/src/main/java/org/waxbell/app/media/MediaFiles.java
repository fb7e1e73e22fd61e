package org.waxbell.app.media;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Map;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.security.Hashes;
import org.waxbell.app.store.MediaMapper;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/** Files of the shelf, kept under the hash of their content. */
@Component
public class MediaFiles {
    private static final Map<String, String> TYPES =
            Map.of("wav", "audio/wav", "svg", "image/svg+xml", "webm", "video/webm", "json", "application/json");
    private final DataFolder folder;
    private final MediaMapper mapper;

    MediaFiles(DataFolder folder, MediaMapper mapper) {
        this.folder = folder;
        this.mapper = mapper;
    }

    /** Puts a file on the shelf, with its length measured. */
    public Media add(String shelfFolder, String name, byte[] content) {
        String type = TYPES.getOrDefault(
                name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT), "application/octet-stream");
        return put(shelfFolder, name, content, type, length(type, content));
    }

    /** Puts a file on the shelf whose kind and length, in milliseconds, are known; one of the same name is replaced. */
    public Media put(String shelfFolder, String name, byte[] content, String type, long lengthMs) {
        Media media = new Media(name, shelfFolder, HexFormat.of().formatHex(Hashes.sha256(content)), type, lengthMs);
        try {
            Files.write(file(media.hash()), content);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        mapper.put(media, content.length);
        return media;
    }

    /** The file of that hash, which may not exist. */
    public Path file(String hash) {
        return folder.media().resolve(hash);
    }

    /** Everything on the shelf now. */
    public Shelf shelf() {
        return new Shelf(mapper.all());
    }

    /** How long a file of that kind lasts, in milliseconds; 0 for what does not last or does not tell. */
    public long lengthOf(String type, byte[] content) {
        return length(type, content);
    }

    private static long length(String type, byte[] content) {
        if (type.equals("video/webm")) {
            return WebmLength.of(content);
        }
        if (!type.startsWith("audio/")) {
            return 0;
        }
        try {
            AudioFileFormat format = AudioSystem.getAudioFileFormat(new ByteArrayInputStream(content));
            return Math.round(
                    format.getFrameLength() * 1_000.0 / format.getFormat().getFrameRate());
        } catch (UnsupportedAudioFileException | IOException broken) {
            throw new IllegalArgumentException("not a sound that can be measured", broken);
        }
    }
}
