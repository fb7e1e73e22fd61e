package org.waxbell.app.config;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import org.jspecify.annotations.Nullable;

/** The one folder in which everything is kept: database, media by hash, keys, log, backups. Only one program has it open. */
public final class DataFolder implements AutoCloseable {
    private static final String DATABASE = "waxbell.db";
    private final Path root;
    private final FileChannel lock;

    private DataFolder(Path root, FileChannel lock) {
        this.root = root;
        this.lock = lock;
    }

    /** Makes the folder where it is missing and locks it; throws {@link StartRefused} where it cannot be used. */
    public static DataFolder open(Path root) {
        try {
            boolean fresh = !Files.exists(root);
            Files.createDirectories(root);
            if (fresh) {
                ownerOnly(root);
            }
            for (String part : new String[] {"media", "keys", "log", "backups", "scripts", "faults", "voices"}) {
                ownerOnly(Files.createDirectories(root.resolve(part)));
            }
            if (!Files.isWritable(root)) {
                throw new IOException("not writable");
            }
            FileChannel channel =
                    FileChannel.open(root.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (tryLock(channel) == null) {
                channel.close();
                throw new FolderInUse(root);
            }
            Files.deleteIfExists(address(root));
            if (!Files.exists(root.resolve(DATABASE))) {
                // What the database writes beside it takes its rights over.
                Files.createFile(root.resolve(DATABASE));
            }
            ownerOnly(root.resolve(DATABASE));
            return new DataFolder(root, channel);
        } catch (IOException broken) {
            throw new StartRefused(
                    "The data folder " + root + " cannot be written.",
                    "Give yourself the right to write there, or choose another folder: --data FOLDER.");
        }
    }

    private static @Nullable FileLock tryLock(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException sameProcess) {
            return null;
        }
    }

    /** Lets nobody but its owner read or write a file or folder, where the disk knows of rights. */
    public static Path ownerOnly(Path file) throws IOException {
        if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            String rights = Files.isDirectory(file) ? "rwx------" : "rw-------";
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(rights));
        }
        return file;
    }

    /** The folder itself. */
    public Path root() {
        return root;
    }

    /** The database file. */
    public Path database() {
        return root.resolve(DATABASE);
    }

    /**
     * How the driver reaches the database: a log of writes ahead, commits that survive the end of the process, and a short
     * patience with a lock, for the engine's thread waits that long before it goes on unsaved.
     */
    public String databaseUrl() {
        return databaseUrl(false);
    }

    /** The same. @param toDisk whether a commit waits until the disk has it, so that it survives a loss of power too */
    public String databaseUrl(boolean toDisk) {
        return "jdbc:sqlite:" + database() + "?journal_mode=WAL&synchronous=" + (toDisk ? "FULL" : "NORMAL")
                + "&busy_timeout=250&foreign_keys=on&transaction_mode=IMMEDIATE";
    }

    /** Where the console of the program is that has a folder open. */
    public static Path address(Path root) {
        return root.resolve("address");
    }

    /** The folder of media, named by their hash. */
    public Path media() {
        return root.resolve("media");
    }

    /** The folder of practice tunes as they sound; what is in it can be made again. */
    public Path tunes() {
        return root.resolve("tunes");
    }

    /** The folder of programs that may speak. */
    public Path voices() {
        return root.resolve("voices");
    }

    /** The folder of scripts to rehearse. */
    public Path scripts() {
        return root.resolve("scripts");
    }

    /** The folder of what was set aside, for the engine met a fault at it. */
    public Path faults() {
        return root.resolve("faults");
    }

    /** The folder of keys. */
    public Path keys() {
        return root.resolve("keys");
    }

    /** The key with which secrets are locked. */
    public Path secretKey() {
        return keys().resolve("secret.key");
    }

    /** The folder of copies of the database. */
    public Path backups() {
        return root.resolve("backups");
    }

    /** The log that is written now. */
    public Path log() {
        return root.resolve("log").resolve("waxbell.log");
    }

    @Override
    public void close() throws IOException {
        lock.close();
    }
}
