package org.waxbell.e2e;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;

/**
 * A disk of its own for a program under test: a file system (ext4) in a file, seen by that program alone. It can be full, and what it
 * was never told to write down for good can be lost. Wants to be root, as in a container.
 */
public final class SmallDisk {
    private static final long MEGABYTE = 1 << 20;
    private final Path image;
    private final Path place;

    /** @param folder where its file lies @param megabytes its size */
    public SmallDisk(Path folder, int megabytes) {
        image = folder.resolve("disk.img");
        place = folder.resolve("disk");
        try {
            Files.createDirectories(place);
            try (FileChannel file = FileChannel.open(
                    image, java.nio.file.StandardOpenOption.CREATE, java.nio.file.StandardOpenOption.WRITE)) {
                file.write(java.nio.ByteBuffer.allocate(1), megabytes * MEGABYTE - 1);
            }
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
        did("mkfs.ext4", "-q", "-F", "-m", "0", image.toString());
    }

    /** The folder on it. */
    public Path data() {
        return place.resolve("data");
    }

    /** What starts a program that sees it. */
    public List<String> around() {
        return List.of(
                "unshare",
                "-m",
                "sh",
                "-c",
                "mount -o loop \"$0\" \"$1\" && shift && exec \"$@\"",
                image.toString(),
                place.toString());
    }

    /** Its folder while {@code seeing} runs, as that process sees it. */
    public static Path seenBy(Process seeing, Path path) {
        return Path.of("/proc/" + seeing.pid() + "/root" + path);
    }

    /**
     * The power fails while {@code running} is at work: what it had been told is on the disk stays, of all else no more than happens to be there. The
     * process is gone, and the disk is as it was found afterwards.
     */
    public void losePower(Process running) {
        did("kill", "-STOP", Long.toString(running.pid()));
        Path left = image.resolveSibling("left.img");
        try {
            // The system itself may write at this very moment; a copy counts when the next one is the same.
            do {
                Files.copy(image, left, StandardCopyOption.REPLACE_EXISTING);
            } while (Files.mismatch(image, left) >= 0);
            running.destroyForcibly().waitFor();
            Files.move(left, image, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** Copies a file off it while no program is there, with those beside it whose names begin the same; the copy's place. */
    public Path copied(String name) {
        Path to = image.resolveSibling("copied");
        did(
                "unshare",
                "-m",
                "sh",
                "-c",
                "mount -o loop \"$0\" \"$1\" && rm -rf \"$2\" && mkdir \"$2\" && cp \"$1/data/$3\"* \"$2\"",
                image.toString(),
                place.toString(),
                to.toString(),
                name);
        return to.resolve(name);
    }

    private static void did(String... command) {
        try {
            Process process = new ProcessBuilder(command).inheritIO().start();
            if (process.waitFor() != 0) {
                throw new IllegalStateException(
                        String.join(" ", command) + " failed; it wants to be root, and a disk of its own");
            }
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }
}
