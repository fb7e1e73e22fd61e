package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** How the program does, as its owner is told. */
class HealthTest {
    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data);
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static JsonNode vital(String name) {
        return app.get("/api/health")
                .body()
                .get("vitals")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static String part(String name) {
        return app.get("/api/health/support")
                .body()
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .get("text")
                .asString();
    }

    @Test
    void whatWasDecidedAndKeptIsCountedAndTimed() {
        app.say("wickerby", "!pour");
        assertThat(vital("Decides").get("says").asString())
                .matches("[1-9]\\d* since the start; lately half within .* ms.*");
        assertThat(vital("What happens").get("mood").asString()).isEqualTo("FINE");
        assertThat(app.get("/api/health").body().get("slowest").toString()).contains("keeping what was decided");
    }

    @Test
    void figuresAreThereForThoseWhoCollectThem() {
        app.say("wickerby", "good evening");
        assertThat(app.askText("/actuator/prometheus"))
                .contains("jvm_memory_used_bytes", "waxbell_waiting", "waxbell_decided_seconds_count");
    }

    @Test
    void aLinkThatIsPausedIsTold() {
        assertThat(app.put("/api/links/mixer/pause", Map.of("paused", true)).status())
                .isEqualTo(200);
        assertThat(vital("The mixer").get("says").asString()).contains("paused");
    }

    @Test
    void aFolderThatCannotBeReadIsToldAndTheRestStill() throws IOException {
        assertThat(vital("Free").get("mood").asString()).isNotEqualTo("BAD");
        Path media = data.resolve("media");
        Path away = data.resolve("elsewhere");
        Files.move(media, away);
        try {
            JsonNode folder = vital("Data folder");
            assertThat(folder.get("mood").asString()).isEqualTo("BAD");
            assertThat(folder.get("says").asString()).endsWith("cannot be read: " + media);
            assertThat(vital("Decides").get("mood").asString()).isEqualTo("FINE");
        } finally {
            Files.move(away, media);
        }
        assertThat(vital("Data folder").get("mood").asString()).isEqualTo("FINE");
    }

    @Test
    void whatIsHandedOnNamesNobodyAndHoldsNoSecret() throws IOException {
        app.say("juniper_and_ash", "good evening");
        Files.writeString(
                data.resolve("log/waxbell.log"),
                "12:00 juniper_and_ash came from 192.0.2.17\n",
                StandardOpenOption.APPEND,
                StandardOpenOption.CREATE);
        String secret =
                app.get("/api/stages/main/address").body().toString().replaceAll(".*[/=]([A-Za-z0-9_-]{16,}).*", "$1");
        assertThat(secret).hasSizeGreaterThan(15);
        assertThat(part("waxbell.log")).contains("someone came from an address").doesNotContain("juniper");
        assertThat(part("wiring.json")).contains("Pour the taper").doesNotContain(secret, "juniper_and_ash");
        assertThat(part("versions.txt")).contains("schema 16");
    }
}
