package org.waxbell.e2e;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.Map;

/** The clock of the machine as the program under test sees it, moved while it runs; nothing else sees it so. */
final class MovedClock {
    private final Path file;

    /** @param file where it is written how far it is from the true one */
    MovedClock(Path file) {
        this.file = file;
        move(Duration.ZERO);
    }

    /** From now on it is so far from the true one. */
    void move(Duration off) {
        try {
            Path fresh = Files.writeString(
                    file.resolveSibling(file.getFileName() + ".new"), (off.isNegative() ? "" : "+") + off.toSeconds());
            Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** What a program is started with that is to see it. */
    Map<String, String> environment() {
        return Map.of(
                "LD_PRELOAD",
                library().toString(),
                "FAKETIME_TIMESTAMP_FILE",
                file.toString(),
                "FAKETIME_CACHE_DURATION",
                "1",
                "FAKETIME_DONT_FAKE_MONOTONIC",
                "1",
                // Else each thread of Java that waits for a moment does so by asking again and again, and all cores are
                // busy.
                "FAKETIME_FORCE_MONOTONIC_FIX",
                "0");
    }

    /** In whichever folder of libraries it stands. */
    private static Path library() {
        try (DirectoryStream<Path> each = Files.newDirectoryStream(Path.of("/usr/lib"))) {
            for (Path folder : each) {
                Path found = folder.resolve("faketime/libfaketimeMT.so.1");
                if (Files.exists(found)) {
                    return found;
                }
            }
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
        throw new IllegalStateException("the package faketime is not installed; ./waxbell test installs it");
    }
}
