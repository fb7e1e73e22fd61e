package org.waxbell.app.config;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Copies of the database in the data folder: one a day by itself, of which the last seven are kept; one before each change of its
 * schema. The whole house in one file is another thing.
 */
public final class Copies {
    /** How many daily copies are kept. */
    public static final int KEPT = 7;

    private static final String DAILY = "waxbell-\\d{4}-\\d\\d-\\d\\d\\.db";
    private static final String ANY = "[A-Za-z0-9-]+\\.(db|zip)";
    private static final String IN_ZIP = "waxbell.db";
    private static final String KEY_IN_ZIP = "secret.key";
    private static final DateTimeFormatter SECOND = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss");
    private final DataFolder folder;

    /** The copies in {@code folder}. */
    public Copies(DataFolder folder) {
        this.folder = folder;
    }

    /** A copy. @param name of its file in the folder of copies @param bytes its size @param at when it was made, in milliseconds since 1970 UTC @param whole whether it is the whole house */
    public record Copy(String name, long bytes, long at, boolean whole) {}

    /** All copies, the newest first. */
    public List<Copy> all() throws IOException {
        List<Copy> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder.backups())) {
            for (Path file : files.filter(each -> name(each).matches(ANY)).toList()) {
                all.add(new Copy(
                        name(file),
                        Files.size(file),
                        Files.getLastModifiedTime(file).toMillis(),
                        name(file).endsWith(".zip")));
            }
        }
        all.sort(Comparator.comparingLong(Copy::at).reversed());
        return all;
    }

    /** Makes today's copy where there is none yet, and lets go of the daily ones beyond the last seven; empty where there was one. */
    public synchronized Optional<Path> daily(LocalDate today) throws IOException, SQLException {
        Path target = folder.backups().resolve("waxbell-" + today + ".db");
        if (Files.exists(target)) {
            return Optional.empty();
        }
        make(target);
        List<Path> daily;
        try (Stream<Path> files = Files.list(folder.backups())) {
            daily = files.filter(each -> name(each).matches(DAILY))
                    .sorted(Comparator.comparing(Copies::name).reversed())
                    .toList();
        }
        for (Path old : daily.subList(Math.min(KEPT, daily.size()), daily.size())) {
            Files.delete(old);
        }
        return Optional.of(target);
    }

    /** Makes a copy under a name of its own. */
    public void make(Path target) throws IOException, SQLException {
        // A copy that was broken off must never be taken for one.
        Path part = target.resolveSibling(name(target) + ".part");
        Files.deleteIfExists(part);
        try (Connection connection = DriverManager.getConnection(folder.databaseUrl());
                Statement statement = connection.createStatement()) {
            statement.execute("vacuum into '" + part.toString().replace("'", "''") + "'");
        }
        Files.move(DataFolder.ownerOnly(part), target, StandardCopyOption.REPLACE_EXISTING);
    }

    /**
     * Puts a copy in the place of the database, which is set aside beside the copies; throws {@link StartRefused} where the copy cannot be
     * used, and nothing is changed then.
     *
     * @param copy the name of one in the folder of copies, or the path of a file; empty text for the newest
     */
    public static Path restore(DataFolder folder, String copy, LocalDateTime now) {
        Copies copies = new Copies(folder);
        try {
            Path from = copies.find(copy);
            boolean zip = name(from).endsWith(".zip");
            Path database = folder.backups().resolve("restored.part");
            Path key = folder.backups().resolve("restored-key.part");
            try {
                // All that can be wrong with the copy is known before anything is moved.
                unpack(from, zip ? IN_ZIP : "", database);
                look(database);
                boolean keys = zip && holds(from, KEY_IN_ZIP);
                if (keys) {
                    unpack(from, KEY_IN_ZIP, key);
                }
                Path aside = folder.backups().resolve("replaced-" + now.format(SECOND) + ".db");
                for (String beside : new String[] {"", "-wal", "-shm"}) {
                    move(
                            folder.database().resolveSibling(name(folder.database()) + beside),
                            name(aside) + beside,
                            aside);
                }
                Files.move(database, folder.database());
                if (keys) {
                    move(folder.secretKey(), name(aside).replace(".db", ".key"), aside);
                    Files.move(key, folder.secretKey());
                }
            } finally {
                Files.deleteIfExists(database);
                Files.deleteIfExists(key);
            }
            return from;
        } catch (IOException | SQLException broken) {
            throw new StartRefused(
                    "The copy cannot be put in place: " + broken.getMessage() + ".",
                    "What was there before is in its place, or in " + folder.backups()
                            + " as replaced-…. Name another copy: ./waxbell restore NAME.");
        }
    }

    private static void move(Path file, String name, Path beside) throws IOException {
        if (Files.exists(file)) {
            Files.move(file, beside.resolveSibling(name));
        }
    }

    /** The file of a copy: by its name in the folder of copies, by its path, or the newest for empty text; throws {@link StartRefused} where there is none. */
    public Path find(String copy) throws IOException {
        List<String> known = all().stream().map(Copy::name).toList();
        if (copy.isEmpty()) {
            return folder.backups()
                    .resolve(known.stream()
                            .filter(each -> !each.startsWith("replaced-"))
                            .findFirst()
                            .orElseThrow(() -> new StartRefused(
                                    "There is no copy in " + folder.backups() + ".",
                                    "Name the file of one: ./waxbell restore FILE.")));
        }
        Path here = folder.backups().resolve(copy);
        if (known.contains(copy)) {
            return here;
        }
        Path file = Path.of(copy);
        if (Files.isRegularFile(file)) {
            return file;
        }
        throw new StartRefused(
                "There is no copy called \"" + copy + "\".",
                known.isEmpty() ? "Name the file of one." : "There are " + String.join(", ", known) + ".");
    }

    private static boolean holds(Path from, String entry) throws IOException {
        try (ZipFile zip = new ZipFile(from.toFile())) {
            return zip.getEntry(entry) != null;
        }
    }

    private static void unpack(Path from, String entry, Path target) throws IOException {
        if (entry.isEmpty()) {
            Files.copy(from, target, StandardCopyOption.REPLACE_EXISTING);
        } else {
            try (ZipFile zip = new ZipFile(from.toFile())) {
                ZipEntry found = zip.getEntry(entry);
                if (found == null) {
                    throw new IOException(name(from) + " is no copy of Wax Bell: " + entry + " is missing in it");
                }
                try (var content = zip.getInputStream(found)) {
                    Files.copy(content, target, StandardCopyOption.REPLACE_EXISTING);
                }
            }
        }
        DataFolder.ownerOnly(target);
    }

    private static void look(Path database) throws SQLException, IOException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            Optional<String> damage = damage(statement);
            if (damage.isPresent()) {
                throw new IOException("it is damaged itself: " + damage.get());
            }
            if (SchemaGuard.version(statement) == 0) {
                throw new IOException("it is no database of Wax Bell");
            }
        }
    }

    /** What is damaged in a database, empty where nothing is. */
    static Optional<String> damage(Statement statement) throws SQLException {
        try (ResultSet found = statement.executeQuery("pragma quick_check(1)")) {
            String said = found.next() ? found.getString(1) : "ok";
            return said.equals("ok")
                    ? Optional.empty()
                    : Optional.of(said.lines().findFirst().orElse(said));
        }
    }

    private static String name(Path file) {
        return String.valueOf(file.getFileName());
    }
}
