package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.util.List;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.SchemaGuard;
import tools.jackson.databind.JsonNode;

/** Houses that versions before this one kept, made by their own code: each is taken up without loss, a copy is made before, and it leads back. */
class OldHousesTest {
    private static final Path HOUSES = Path.of("src/test/resources/old/houses");
    private static final String ENDING = ".db.gz";

    @TempDir
    Path folder;

    static List<String> houses() throws IOException {
        List<String> all = Running.list(HOUSES).stream()
                .map(each -> each.getFileName().toString())
                .filter(each -> each.endsWith(ENDING))
                .map(each -> each.substring(0, each.length() - ENDING.length()))
                .sorted()
                .toList();
        assertThat(all).hasSizeGreaterThan(10);
        return all;
    }

    private Path laid(String house) throws IOException {
        Path data = folder.resolve("data");
        Files.createDirectories(data.resolve("keys"));
        try (InputStream in = new GZIPInputStream(Files.newInputStream(HOUSES.resolve(house + ENDING)))) {
            Files.copy(in, data.resolve("waxbell.db"));
        }
        Path key = HOUSES.resolve(house + ".key");
        if (Files.exists(key)) {
            Files.copy(key, data.resolve("keys/secret.key"));
        }
        return data;
    }

    private static String one(Path database, String question) {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            return String.valueOf(statement.executeQuery(question).getString(1));
        } catch (SQLException broken) {
            throw new AssertionError(broken);
        }
    }

    @ParameterizedTest
    @MethodSource("houses")
    void anOldHouseGoesOnWithWhatItHad(String house) throws IOException {
        Path data = laid(house);
        Path database = data.resolve("waxbell.db");
        String schema = "select max(cast(version as integer)) from flyway_schema_history where success";
        String before = one(database, schema);
        int cues = Integer.parseInt(one(database, "select count(*) from document where kind = 'cue'"));
        try (Running app = Running.empty(data)) {
            JsonNode wiring = app.get("/api/wiring").body();
            assertThat(wiring.get("cues"))
                    .hasSize(cues)
                    .allSatisfy(each ->
                            assertThat(each.at("/cue/formatVersion").asInt()).isEqualTo(7));
            assertThat(app.cue("trim-the-wick").at("/cue/name").asString()).isEqualTo("Snip the wick");
            assertThat(app.get("/api/journal").body().toString()).contains("wickerby: !pour");
            assertThat(app.post("/api/undo", null).status()).isEqualTo(200);
            assertThat(app.cue("trim-the-wick").at("/cue/name").asString()).isEqualTo("Trim the wick");
            assertThat(app.say("tallowmoth", "!pour").status()).isEqualTo(200);
            for (String place : List.of("/api/links", "/api/live", "/api/people", "/api/shows", "/api/needs")) {
                assertThat(app.get(place).status()).as(place).isLessThan(500);
            }
        }
        assertThat(one(database, "pragma integrity_check")).isEqualTo("ok");
        if (Integer.parseInt(before) < SchemaGuard.NEWEST) {
            try (DataFolder kept = DataFolder.open(data)) {
                Copies.restore(kept, "before-schema-" + SchemaGuard.NEWEST + ".db", LocalDateTime.now());
            }
            assertThat(one(database, schema))
                    .as("back to the version of before")
                    .isEqualTo(before);
        }
    }
}
