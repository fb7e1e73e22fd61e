package org.waxbell.app.pack;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.json.Refused;

/** Packs that were sent and are looked at; the newest few are kept until the next ones come. */
@Component
public class ComingFiles {
    private static final int KEPT = 3;
    private final Path folder;

    ComingFiles(DataFolder data) {
        folder = data.root().resolve("coming");
    }

    /** One of them. @param id by which it is asked for again */
    public record Kept(String id, Path path) {}

    /** Keeps what comes; throws {@link Refused} where the disk has no room. */
    public synchronized Kept keep(InputStream from) {
        try {
            Files.createDirectories(folder);
            tidy();
            String id = UUID.randomUUID().toString();
            Path to = folder.resolve(id + ".zip");
            try {
                Files.copy(from, to);
            } catch (IOException broken) {
                Files.deleteIfExists(to);
                throw broken;
            }
            return new Kept(id, to);
        } catch (IOException broken) {
            throw new Refused(
                    "",
                    "",
                    "The pack could not be kept: " + broken.getMessage() + ".",
                    "Make room on the disk, and bring it again.");
        }
    }

    private void tidy() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            List<Path> old = all.filter(
                            each -> String.valueOf(each.getFileName()).endsWith(".zip"))
                    .sorted(Comparator.comparing(ComingFiles::modified).reversed())
                    .skip(KEPT - 1L)
                    .toList();
            for (Path each : old) {
                Files.deleteIfExists(each);
            }
        }
    }

    private static long modified(Path file) {
        try {
            return Files.getLastModifiedTime(file).toMillis();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** One that is kept still; throws {@link Refused} where it is not. */
    public Kept get(String id) {
        Path path = folder.resolve(id + ".zip");
        if (!id.matches("[0-9a-f-]{36}") || !Files.exists(path)) {
            throw new Refused("coming", id, "This pack is not kept any more.", "Bring its file again.");
        }
        return new Kept(id, path);
    }
}
