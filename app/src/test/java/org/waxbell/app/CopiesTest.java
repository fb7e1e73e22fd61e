package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.backup.Houses;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import org.waxbell.app.config.SchemaGuard;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.json.Documents;
import org.waxbell.app.security.KeyGuard;
import org.waxbell.app.wiring.WiringStore;

/** What can be lost on a disk, and what brings it back: copies, a damaged database, a key that is gone, a document that cannot be read. */
class CopiesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);

    /** A folder in which a program ran and wrote. */
    @TempDir
    static Path ran;

    @TempDir
    Path data;

    @BeforeAll
    static void run() throws IOException {
        try (Running app = Running.demo(ran)) {
            assertThat(app.say("wickerby", "!pour").status()).isEqualTo(200);
            assertThat(app.post("/api/copies", Map.of("passphrase", "three tall tapers"))
                            .status())
                    .isEqualTo(200);
            app.get("/api/stages/main/address");
        }
    }

    /** The same folder once more. */
    private Path copy() throws IOException {
        Path to = data.resolve("copy");
        try (var files = Files.walk(ran)) {
            for (Path each : files.toList()) {
                Path target = to.resolve(ran.relativize(each).toString());
                if (Files.isDirectory(each)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(each, target);
                }
            }
        }
        return to;
    }

    private static void sql(Path database, String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    private static String one(Path database, String query) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement();
                var row = statement.executeQuery(query)) {
            return row.getString(1);
        }
    }

    private static void damage(Path database) throws IOException {
        try (FileChannel channel = FileChannel.open(database, StandardOpenOption.WRITE)) {
            // All pages but the first, which says what the file is.
            for (long at = 4_096; at < channel.size(); at += 4_096) {
                channel.write(ByteBuffer.wrap(new byte[2_048]), at);
            }
        }
    }

    @Test
    void aDayHasOneCopyAndTheLastSevenAreKept() throws Exception {
        try (DataFolder folder = DataFolder.open(copy())) {
            Copies copies = new Copies(folder);
            for (int day = 0; day < 9; day++) {
                assertThat(copies.daily(TODAY.plusDays(day + 10))).isPresent();
                assertThat(copies.daily(TODAY.plusDays(day + 10))).isEmpty();
            }
            Houses houses = new Houses(folder, Documents.standalone());
            houses.now(LocalDateTime.of(2026, 11, 28, 19, 5, 0), "");
            for (int day = 0; day < 4; day++) {
                houses.daily(TODAY.plusDays(day + 10), 2);
                houses.daily(TODAY.plusDays(day + 10), 2);
            }
            assertThat(copies.all())
                    .extracting(Copies.Copy::name)
                    .contains(
                            "house-2026-11-28-190500.zip",
                            "house-2026-12-11.zip",
                            "house-2026-12-10.zip",
                            "waxbell-2026-12-16.db",
                            "waxbell-2026-12-10.db")
                    .doesNotContain("waxbell-2026-12-09.db", "house-2026-12-09.zip")
                    .filteredOn(name -> name.startsWith("waxbell-"))
                    .hasSize(Copies.KEPT);
        }
    }

    @Test
    void theProgramMakesTodaysCopyByItself() throws IOException {
        try (DataFolder folder = DataFolder.open(copy())) {
            assertThat(new Copies(folder).all())
                    .anySatisfy(each -> assertThat(each.name()).matches("waxbell-20\\d\\d-\\d\\d-\\d\\d\\.db"));
        }
    }

    @Test
    void aDamagedDatabaseIsRefusedAtTheStartAndACopyBringsItBack() throws Exception {
        Path root = copy();
        damage(root.resolve("waxbell.db"));
        try (DataFolder folder = DataFolder.open(root)) {
            assertThatThrownBy(() -> SchemaGuard.check(folder))
                    .isInstanceOfSatisfying(
                            StartRefused.class,
                            refused -> assertThat(refused.remedy()).contains("./waxbell restore"))
                    .hasMessageContaining("is damaged");
            assertThat(Copies.restore(folder, "", LocalDateTime.now())).exists();
            SchemaGuard.check(folder);
            KeyGuard.check(folder, false);
            assertThat(folder.backups()).isDirectoryContaining("glob:**replaced-*.db");
        }
        try (Running app = Running.demo(root)) {
            assertThat(app.say("wickerby", "!pour").status()).isEqualTo(200);
        }
    }

    @Test
    void aCopyThatIsNoneChangesNothing() throws Exception {
        Path root = copy();
        try (DataFolder folder = DataFolder.open(root)) {
            Path broken = Files.writeString(data.resolve("broken.db"), "no database at all");
            for (String name : new String[] {broken.toString(), "elsewhere.db"}) {
                assertThatThrownBy(() -> Copies.restore(folder, name, LocalDateTime.now()))
                        .isInstanceOf(StartRefused.class);
            }
            assertThat(folder.database()).isNotEmptyFile();
            SchemaGuard.check(folder);
        }
    }

    @Test
    void aKeyThatIsGoneOrDoesNotFitIsRefusedAndNoneIsMadeOverIt() throws Exception {
        Path root = copy();
        try (DataFolder folder = DataFolder.open(root)) {
            KeyGuard.check(folder, false);
            byte[] key = Files.readAllBytes(folder.secretKey());
            Files.delete(folder.secretKey());
            assertThatThrownBy(() -> KeyGuard.check(folder, false))
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("is gone");
            assertThat(folder.secretKey()).doesNotExist();
            for (byte[] other : new byte[][] {new byte[32], new byte[3]}) {
                Files.write(folder.secretKey(), other);
                assertThatThrownBy(() -> KeyGuard.check(folder, false))
                        .isInstanceOf(StartRefused.class)
                        .hasMessageContaining("does not fit");
            }
            Path whole = new Copies(folder)
                    .all().stream()
                            .filter(each -> each.whole() && each.name().length() > "house-2026-11-28.zip".length())
                            .findFirst()
                            .map(each -> folder.backups().resolve(each.name()))
                            .orElseThrow();
            Houses houses = new Houses(folder, Documents.standalone());
            assertThatThrownBy(() -> houses.restore(whole, "two short tapers", LocalDateTime.now()))
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("passphrase does not open");
            houses.restore(whole, "three tall tapers", LocalDateTime.now());
            assertThat(Files.readAllBytes(folder.secretKey())).isEqualTo(key);
            assertThat(folder.backups()).isDirectoryContaining("glob:**replaced-*.key");
            KeyGuard.check(folder, false);
        }
    }

    @Test
    void withNewKeysWhatTheOldOneLockedIsGivenUpAndTheProgramStarts() throws Exception {
        Path root = copy();
        Files.write(root.resolve("keys/secret.key"), new byte[32]);
        try (Running app = new Running(
                new Options(root, Running.freePort(), true, false, Set.of(), true, false, false), "127.0.0.1")) {
            assertThat(app.get("/api/stages/main/address").status()).isEqualTo(200);
            assertThat(app.say("wickerby", "!pour").status()).isEqualTo(200);
        }
        assertThat(root.resolve("keys")).isDirectoryContaining("glob:**secret-*.key");
    }

    @Test
    void aDocumentThatCannotBeReadIsNamedAndCanBeLeftOut() throws Exception {
        Path root = copy();
        sql(
                root.resolve("waxbell.db"),
                "update document set json = replace(json, '\"takeRule\"', '\"takeRuler\"') where id = 'pour-the-taper'");
        assertThatThrownBy(() -> Running.demo(root).close())
                .rootCause()
                .isInstanceOfSatisfying(
                        StartRefused.class,
                        refused -> assertThat(refused.remedy()).contains("--without=cue/pour-the-taper"))
                .hasMessageContaining("pour-the-taper");
        try (Running app = new Running(
                new Options(root, Running.freePort(), true, false, Set.of("cue/pour-the-taper"), false, false, false),
                "127.0.0.1")) {
            assertThat(app.bean(WiringStore.class).current().wiring().cues())
                    .isNotEmpty()
                    .noneMatch(each -> each.id().equals("pour-the-taper"));
        }
        assertThat(root.resolve("faults")).isDirectoryContaining("glob:**cue-pour-the-taper-*.json");
    }

    @Test
    void nobodyElseReadsTheFolderAndNoSecretStandsThereInClear() throws Exception {
        for (String part : new String[] {"keys", "backups", "log", "faults"}) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(ran.resolve(part))))
                    .isEqualTo("rwx------");
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(ran.resolve("waxbell.db"))))
                .isEqualTo("rw-------");
        assertThat(one(ran.resolve("waxbell.db"), "select value from setting where name = 'practice.mixer'"))
                .matches("[0-9a-f]+");
    }
}
