package org.waxbell.app.health;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.DataFolder;
import org.waxbell.time.Spans;

/** What stands on the disk, and how much room is left. */
@Component
@Order(3)
class DiskVitals implements VitalSource {
    private static final String PART = "Disk";
    private static final double LITTLE = 1e9;
    private static final double LEAST = 100e6;
    private final DataFolder folder;
    private final SystemClock clock;

    DiskVitals(DataFolder folder, SystemClock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    @Override
    public List<Vital> vitals() {
        try {
            // Not by the table of what is mounted, which knows nothing of a folder that a program is locked into.
            long free = folder.root().toFile().getUsableSpace();
            long ahead = size(folder.root().resolve(folder.database().getFileName() + "-wal"));
            long media;
            try (var files = Files.walk(folder.media())) {
                media = files.filter(Files::isRegularFile)
                        .mapToLong(DiskVitals::size)
                        .sum();
            }
            return List.of(
                    Vital.fine(PART, "Data folder", folder.root().toString()),
                    Vital.fine(PART, "Database", Sizes.of(size(folder.database()))),
                    Vital.below(PART, "Not written into it yet", Sizes.of(ahead), ahead, 100e6, 1e9),
                    Vital.fine(PART, "Sounds, pictures and clips", Sizes.of(media)),
                    // The less is left, the worse it is.
                    Vital.below(PART, "Free", Sizes.of(free), 1.0 / Math.max(1, free), 1 / LITTLE, 1 / LEAST),
                    newest());
        } catch (IOException | UncheckedIOException unreadable) {
            return List.of(new Vital(
                    PART,
                    "Data folder",
                    folder.root() + " cannot be read: " + unreadable.getMessage(),
                    Vital.Mood.BAD));
        }
    }

    private Vital newest() throws IOException {
        long at = new Copies(folder)
                .all().stream().mapToLong(Copies.Copy::at).max().orElse(0);
        Duration age = Duration.ofMillis(clock.now() - at);
        return at == 0
                ? new Vital(PART, "Newest copy", "none yet; one is made each day", Vital.Mood.DOUBTFUL)
                : Vital.below(
                        PART,
                        "Newest copy",
                        Spans.inWords(age.toSeconds() * 1_000) + " old",
                        age.toHours(),
                        72,
                        24 * 30);
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException gone) {
            return 0;
        }
    }
}
