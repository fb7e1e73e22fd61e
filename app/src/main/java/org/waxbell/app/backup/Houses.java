package org.waxbell.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.config.Version;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.wiring.StoredWiring;
import org.waxbell.check.Problem;
import org.waxbell.wiring.Wiring;

/** Back-ups of the whole house in the folder of copies: database, media and, sealed by a passphrase, the key to passwords and addresses. */
@Component
public final class Houses {
    private static final String DAILY = "house-\\d{4}-\\d\\d-\\d\\d\\.zip";
    private static final DateTimeFormatter SECOND = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss");
    private static final String HOUSE = "house.json";
    private final DataFolder folder;
    private final Copies copies;
    private final Documents json;

    /** Those in {@code folder}. */
    public Houses(DataFolder folder, Documents json) {
        this.folder = folder;
        this.copies = new Copies(folder);
        this.json = json;
    }

    /**
     * What was found in a back-up, or in a copy of the database.
     *
     * @param version of the program that made it, empty text where that is not told
     * @param at      when, milliseconds since 1970 UTC
     * @param whole   whether media are in it
     * @param sealed  whether the key to passwords and addresses is in it
     */
    public record Found(String name, String version, long at, boolean whole, boolean sealed, Wiring wiring) {}

    /** Makes one now that stays until somebody takes it away. @param passphrase empty text to leave passwords and addresses out */
    public Path now(LocalDateTime now, String passphrase) throws IOException, SQLException {
        return make("house-" + now.format(SECOND) + ".zip", passphrase);
    }

    /** Makes today's where there is none, without passwords and addresses, and lets go of the daily ones beyond the last {@code keep}. */
    public void daily(LocalDate today, int keep) throws IOException, SQLException {
        String name = "house-" + today + ".zip";
        if (keep > 0 && !Files.exists(folder.backups().resolve(name))) {
            make(name, "");
        }
        List<Path> all;
        try (Stream<Path> files = Files.list(folder.backups())) {
            all = files.filter(each -> String.valueOf(each.getFileName()).matches(DAILY))
                    .sorted(Comparator.comparing((Path each) -> String.valueOf(each.getFileName()))
                            .reversed())
                    .toList();
        }
        for (Path old : all.subList(Math.min(keep, all.size()), all.size())) {
            Files.delete(old);
        }
    }

    /** One at a time: two of the same second would be the same file. */
    private synchronized Path make(String name, String passphrase) throws IOException, SQLException {
        if (!passphrase.isEmpty() && passphrase.length() < SealedKey.SHORTEST) {
            throw new Refused(
                    "passphrase",
                    passphrase.length() + " characters",
                    "It is too short to keep anything safe.",
                    "Choose one of at least " + SealedKey.SHORTEST + " characters, or leave it out.");
        }
        Path target = folder.backups().resolve(name);
        Path part = folder.backups().resolve(name + ".part");
        Path database = folder.backups().resolve(name + ".bare");
        try {
            copies.make(database);
            Optional<SealedKey> key = passphrase.isEmpty() || !Files.exists(folder.secretKey())
                    ? Optional.empty()
                    : Optional.of(SealedKey.seal(Files.readAllBytes(folder.secretKey()), passphrase));
            Files.deleteIfExists(part);
            DataFolder.ownerOnly(Files.createFile(part));
            long at = Files.getLastModifiedTime(database).toMillis();
            HouseFile.write(part, database, folder.media(), key, Version.current(), at, json);
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING);
            return target;
        } finally {
            Files.deleteIfExists(part);
            Files.deleteIfExists(database);
        }
    }

    /** The file of that name in the folder of copies; throws {@link Refused} where there is none. */
    public Path file(String name) {
        Path file = folder.backups().resolve(name);
        if (!name.matches("[A-Za-z0-9-]+\\.(db|zip)") || !Files.isRegularFile(file)) {
            throw new Refused("name", name, "There is no such back-up.", "Choose one that is listed.");
        }
        return file;
    }

    /** What is in one; nothing is changed by it. Throws {@link Refused} where it cannot be used. */
    public Found look(String name) {
        Path file = file(name);
        try {
            if (name.endsWith(".db")) {
                return new Found(
                        name,
                        "",
                        Files.getLastModifiedTime(file).toMillis(),
                        false,
                        false,
                        StoredWiring.of(file, json));
            }
            try (HouseFile house = HouseFile.open(file, json)) {
                Path database = apart();
                try {
                    house.database(database);
                    HouseFile.Told told = house.told();
                    return new Found(
                            name,
                            told.version(),
                            told.at(),
                            true,
                            house.key().isPresent(),
                            StoredWiring.of(database, json));
                } finally {
                    Files.deleteIfExists(database);
                }
            }
        } catch (IOException | SQLException broken) {
            throw new Refused(name, "", "It cannot be read: " + broken.getMessage() + ".", "Choose another back-up.");
        }
    }

    /** The content of a file of media, of a back-up or as it lies here; throws {@link Refused} where it is in neither. */
    public byte[] media(String name, String hash) {
        try {
            if (name.endsWith(".zip")) {
                try (HouseFile house = HouseFile.open(file(name), json)) {
                    if (house.media().contains(hash)) {
                        Path out = apart();
                        try {
                            house.media(hash, out);
                            return Files.readAllBytes(out);
                        } finally {
                            Files.deleteIfExists(out);
                        }
                    }
                }
            }
            return Files.readAllBytes(folder.media().resolve(hash));
        } catch (IOException broken) {
            throw new Refused(
                    "media/" + hash,
                    "",
                    "This file is neither in the back-up nor here any more.",
                    "Choose something that does not use it.");
        }
    }

    private Path apart() {
        try {
            Path here = Files.createDirectories(folder.root().resolve("coming"));
            return DataFolder.ownerOnly(Files.createFile(here.resolve(UUID.randomUUID() + ".look")));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** Whether a file is one of the whole house. */
    public static boolean isHouse(Path file) {
        if (!String.valueOf(file.getFileName()).endsWith(".zip")) {
            return false;
        }
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return zip.getEntry(HOUSE) != null;
        } catch (IOException none) {
            return false;
        }
    }

    /**
     * Puts a whole house in place: its database, the media that are missing, and its key where the passphrase opens it. Throws {@link StartRefused}
     * where it cannot be used, and nothing is changed then but for media that came beside those there are.
     *
     * @param passphrase empty text to leave the key of this folder as it is
     */
    public void restore(Path file, String passphrase, LocalDateTime now) {
        try (HouseFile house = HouseFile.open(file, json)) {
            Optional<byte[]> key = opened(house, passphrase);
            Path database = apart();
            try {
                house.database(database);
                for (String hash : house.media()) {
                    Path to = folder.media().resolve(hash);
                    if (!Files.exists(to)) {
                        Path part = folder.media().resolve(hash + ".part");
                        house.media(hash, part);
                        Files.move(part, to);
                    }
                }
                Copies.restore(folder, database.toString(), now);
            } finally {
                Files.deleteIfExists(database);
            }
            if (key.isPresent()) {
                put(key.get(), now);
            }
        } catch (Refused refused) {
            Problem first = refused.problems().get(0);
            throw new StartRefused(
                    "The back-up cannot be put in place: " + (first.path() + " " + first.message()).strip(),
                    first.remedy());
        } catch (IOException broken) {
            throw new StartRefused(
                    "The back-up cannot be put in place: " + broken.getMessage() + ".",
                    "Make room on the disk, and try again.");
        }
    }

    private static Optional<byte[]> opened(HouseFile house, String passphrase) throws IOException {
        Optional<SealedKey> sealed = house.key();
        if (sealed.isEmpty() || passphrase.isEmpty()) {
            return Optional.empty();
        }
        Optional<byte[]> key = sealed.get().open(passphrase);
        if (key.isEmpty()) {
            throw new StartRefused(
                    "The passphrase does not open this back-up.",
                    "Write the one with which it was made, or none: passwords and addresses stay out then.");
        }
        return key;
    }

    private void put(byte[] key, LocalDateTime now) throws IOException {
        Path file = folder.secretKey();
        if (Files.exists(file) && Arrays.equals(Files.readAllBytes(file), key)) {
            return;
        }
        if (Files.exists(file)) {
            Files.move(file, folder.backups().resolve("replaced-" + now.format(SECOND) + ".key"));
        }
        Files.deleteIfExists(file);
        DataFolder.ownerOnly(Files.createFile(file));
        Files.write(file, key);
    }
}
