package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.backup.Houses;
import org.waxbell.app.backup.SealedKey;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.json.Documents;
import tools.jackson.databind.JsonNode;

/** A back-up of last night: looked into, one cue of it brought back, all of it put into another folder; what is none is refused and changes nothing. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class HousesTest {
    private static final String PASSPHRASE = "three tall tapers";

    @TempDir
    static Path data;

    private static Running app;
    private static String name;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("here"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static JsonNode fine(Running.Answer answer) {
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    private static String cues() {
        return app.get("/api/wiring").body().get("cues").toString();
    }

    private static Path file() {
        return data.resolve("here/backups").resolve(name);
    }

    @Test
    @Order(1)
    void itIsMadeByHandAndToldOfWithoutBeingUnpacked() {
        assertThat(app.post("/api/copies", Map.of("passphrase", "short")).body().toString())
                .contains("\"path\":\"passphrase\"", "at least 8");
        name = fine(app.post("/api/copies", Map.of("passphrase", PASSPHRASE)))
                .get("copies")
                .get(0)
                .get("name")
                .asString();
        assertThat(name).startsWith("house-").endsWith(".zip");
        JsonNode look = fine(app.get("/api/copies/" + name));
        assertThat(look.get("whole").asBoolean()).isTrue();
        assertThat(look.get("sealed").asBoolean()).isTrue();
        assertThat(look.get("files").asInt()).isPositive();
        assertThat(look.get("items").toString()).contains("Pour the taper", "\"sort\":\"desk\"");
        assertThat(new String(app.file("/api/copies/" + name + "/file"), 0, 2, StandardCharsets.ISO_8859_1))
                .isEqualTo("PK");
    }

    @Test
    @Order(2)
    void oneCueOfItIsBroughtBackAsItWasThen() {
        String before = cues();
        JsonNode there = app.get("/api/wiring")
                .body()
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/id").asString().equals("pour-the-taper"))
                .findFirst()
                .orElseThrow();
        fine(app.put(
                "/api/cues",
                Map.of(
                        "what",
                        "taking it away",
                        "save",
                        List.of(),
                        "delete",
                        List.of(Map.of(
                                "id",
                                "pour-the-taper",
                                "version",
                                there.get("version").asLong())))));
        assertThat(cues()).isNotEqualTo(before);
        JsonNode look = fine(app.post(
                "/api/copies/" + name + "/coming",
                Map.of("items", List.of(Map.of("sort", "cue", "id", "pour-the-taper")))));
        assertThat(look.get("problems")).isEmpty();
        assertThat(look.get("clashes")).isEmpty();
        assertThat(look.get("brings")
                        .valueStream()
                        .map(each -> each.at("/item/id").asString()))
                .containsExactly("pour-the-taper");
        fine(app.post(
                "/api/packs/coming/" + look.get("coming").asString() + "/bring",
                Map.of(
                        "items", List.of(),
                        "words", List.of(),
                        "revision", look.get("revision").asLong())));
        assertThat(app.get("/api/wiring")
                        .body()
                        .get("cues")
                        .valueStream()
                        .map(each -> each.get("cue").toString()))
                .contains(there.get("cue").toString());
        assertThat(app.say("wickerby", "!pour").body().toString()).contains("Pour the taper");
    }

    @Test
    @Order(3)
    void aCopyOfTheDatabaseCanBeLookedIntoToo() {
        String daily = app.get("/api/copies")
                .body()
                .get("copies")
                .valueStream()
                .map(each -> each.get("name").asString())
                .filter(each -> each.endsWith(".db"))
                .findFirst()
                .orElseThrow();
        assertThat(fine(app.get("/api/copies/" + daily)).get("items").toString())
                .contains("Pour the taper");
        assertThat(app.get("/api/copies/nothing.zip").status()).isEqualTo(422);
    }

    @Test
    @Order(4)
    void allOfItStandsInAnotherFolderByteForByte() throws IOException {
        Path there = data.resolve("there");
        try (DataFolder folder = DataFolder.open(there)) {
            Houses houses = new Houses(folder, Documents.standalone());
            assertThat(Houses.isHouse(file())).isTrue();
            assertThatThrownBy(() -> houses.restore(file(), "another", LocalDateTime.now()))
                    .isInstanceOf(StartRefused.class);
            assertThat(folder.secretKey()).doesNotExist();
            houses.restore(file(), PASSPHRASE, LocalDateTime.now());
            assertThat(Files.readAllBytes(folder.secretKey()))
                    .isEqualTo(Files.readAllBytes(data.resolve("here/keys/secret.key")));
            try (Stream<Path> all = Files.list(folder.media())) {
                all.forEach(each -> assertThat(each)
                        .hasSameBinaryContentAs(data.resolve("here/media").resolve(each.getFileName())));
            }
        }
        try (Running other = Running.empty(there)) {
            assertThat(key(other)).isNotEmpty().isEqualTo(key(app));
            assertThat(other.say("wickerby", "!pour").body().toString()).contains("Pour the taper");
        }
    }

    /** The secret in the address of a stage, which only the key opens. */
    private static String key(Running at) {
        return at.get("/api/stages/main/address").body().toString().replaceAll("(?s).*#k=([\\w-]+)\".*", "$1");
    }

    @Test
    @Order(5)
    void howManyAreKeptIsTheHostsToSay() {
        assertThat(fine(app.put("/api/copies", Map.of("keep", 5))).get("keep").asInt())
                .isEqualTo(5);
        assertThat(app.put("/api/copies", Map.of("keep", -1)).body().toString()).contains("\"path\":\"keep\"");
        assertThat(fine(app.get("/api/copies")).get("keep").asInt()).isEqualTo(5);
    }

    private static Map<String, byte[]> entries() throws IOException {
        Map<String, byte[]> all = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(file()))) {
            for (ZipEntry each = in.getNextEntry(); each != null; each = in.getNextEntry()) {
                all.put(each.getName(), in.readAllBytes());
            }
        }
        return all;
    }

    private static String refusal(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> each : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                zip.write(each.getValue());
            }
        }
        Files.copy(
                new ByteArrayInputStream(bytes.toByteArray()),
                data.resolve("here/backups/house-wrong.zip"),
                StandardCopyOption.REPLACE_EXISTING);
        Running.Answer told = app.get("/api/copies/house-wrong.zip");
        assertThat(told.status()).isEqualTo(422);
        return told.body().toString();
    }

    @Test
    @Order(6)
    void whatIsNoBackUpIsRefusedByItsPlace() throws IOException {
        Map<String, byte[]> all = entries();
        Map<String, byte[]> climbing = new LinkedHashMap<>(all);
        climbing.put("../../elsewhere", new byte[1]);
        assertThat(refusal(climbing)).contains("../../elsewhere", "Nothing of this name");
        Map<String, byte[]> more = new LinkedHashMap<>(all);
        more.put("media/" + "0".repeat(64), new byte[1]);
        assertThat(refusal(more)).contains("does not tell of this file");
        Map<String, byte[]> without = new LinkedHashMap<>(all);
        without.remove("waxbell.db");
        assertThat(refusal(without)).contains("waxbell.db", "is not there");
        Map<String, byte[]> changed = new LinkedHashMap<>(all);
        changed.put("waxbell.db", new byte[4_096]);
        assertThat(refusal(changed)).contains("not what the back-up tells");
        Map<String, byte[]> newer = new LinkedHashMap<>(all);
        newer.put(
                "house.json",
                new String(all.get("house.json"), StandardCharsets.UTF_8)
                        .replaceFirst("\"formatVersion\"\\s*:\\s*1", "\"formatVersion\" : 99")
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(refusal(newer)).contains("newer Wax Bell");
        Files.writeString(data.resolve("here/backups/house-wrong.zip"), "no zip");
        assertThat(app.get("/api/copies/house-wrong.zip").body().toString()).contains("no ZIP file");
    }

    @Test
    void aSealedKeyOpensByItsPassphraseAloneAndNotWhenItWasChanged() {
        byte[] key = "a key of thirty-two bytes, really".getBytes(StandardCharsets.UTF_8);
        SealedKey sealed = SealedKey.seal(key, PASSPHRASE);
        assertThat(sealed.open(PASSPHRASE))
                .hasValueSatisfying(each -> assertThat(each).isEqualTo(key));
        assertThat(sealed.open("three tall taper")).isEmpty();
        assertThat(SealedKey.seal(key, PASSPHRASE).sealed()).isNotEqualTo(sealed.sealed());
        String other =
                (sealed.sealed().charAt(0) == '0' ? "1" : "0") + sealed.sealed().substring(1);
        assertThat(new SealedKey(sealed.salt(), sealed.memoryKb(), sealed.passes(), sealed.nonce(), other)
                        .open(PASSPHRASE))
                .isEmpty();
        assertThat(new SealedKey(sealed.salt(), Integer.MAX_VALUE, 1, sealed.nonce(), sealed.sealed()).open(PASSPHRASE))
                .as("a file does not make us use all memory")
                .isEmpty();
    }
}
