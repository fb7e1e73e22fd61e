package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.config.SchemaGuard;
import tools.jackson.databind.JsonNode;

/** A data folder of the first version, with a demo evening, an edit and a Hush, is taken up without loss; a copy of it is made before. */
class UpgradeTest {
    @TempDir
    Path data;

    @Test
    void theFolderOfTheFirstVersionGoesOn() throws IOException {
        try (InputStream old = Objects.requireNonNull(UpgradeTest.class.getResourceAsStream("/old/waxbell-1.db"))) {
            Files.copy(old, data.resolve("waxbell.db"));
        }
        try (Running app = Running.empty(data)) {
            JsonNode wiring = app.get("/api/wiring").body();
            assertThat(wiring.get("cues"))
                    .hasSize(8)
                    .allSatisfy(each ->
                            assertThat(each.at("/cue/formatVersion").asInt()).isEqualTo(7));
            assertThat(wiring.at("/stages/0/stage/spots/0/frame/width").asInt()).isPositive();
            assertThat(wiring.get("looks")).hasSize(3);
            assertThat(wiring.at("/house/house/prefix").asString()).isEqualTo("!");
            assertThat(app.get("/api/journal").body())
                    .extracting(each -> each.get("sentence").asString())
                    .startsWith("rang Pour the taper")
                    .last()
                    .asString()
                    .startsWith("Hush");
            assertThat(app.cue("trim-the-wick").at("/cue/name").asString()).isEqualTo("Snip the wick");
            assertThat(app.post("/api/undo", null).status()).isEqualTo(200);
            assertThat(app.cue("trim-the-wick").at("/cue/name").asString()).isEqualTo("Trim the wick");
            JsonNode decision = app.say("wickerby", "!pour").body();
            assertThat(decision.get("number").asLong()).as("numbers go on").isGreaterThan(5);
            assertThat(decision.at("/answers/0/ring").asLong())
                    .as("numbers of rings go on")
                    .isGreaterThan(2);
        }
        assertThat(data.resolve("backups/before-schema-" + SchemaGuard.NEWEST + ".db"))
                .isNotEmptyFile();
    }
}
