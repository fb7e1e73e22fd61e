package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What the server tells of cues and stages while they are being written. */
class DraftsTest {
    private static final String POUR = "pour-the-taper";

    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("demo"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static ObjectNode pour() {
        return (ObjectNode) app.cue(POUR).get("cue").deepCopy();
    }

    private static JsonNode added(String family, String kind) {
        return addedTo(pour(), family, kind);
    }

    private static JsonNode addedTo(JsonNode cue, String family, String kind) {
        return app.post("/api/cues/add", Map.of("cue", cue, "family", family, "kind", kind, "take", 0))
                .body();
    }

    @Test
    void aCueIsLookedAtWhetherItIsValidOrNot() {
        JsonNode look = app.post("/api/cues/look", pour()).body();
        assertThat(look.get("problems")).isEmpty();
        assertThat(look.get("text").asString()).startsWith("When !pour");
        assertThat(look.at("/plans/0/0/label").asString()).startsWith("wickerby");
        ObjectNode wrong = pour();
        ((ObjectNode) wrong.at("/takes/0/score/parts/0")).put("lengthMs", 5);
        assertThat(app.post("/api/cues/look", wrong)
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("takes[0].score.parts[0].lengthMs");
    }

    @Test
    void savingAnswersWithTheSameLook() {
        JsonNode view = app.cue(POUR);
        JsonNode saved = app.put("/api/cues/" + POUR, Map.of("version", view.get("version"), "cue", view.get("cue")))
                .body();
        assertThat(saved.get("look"))
                .isEqualTo(app.post("/api/cues/look", view.get("cue")).body());
    }

    @Test
    void whatTestsOfThePagesStandOnIsWhatTheServerSays() throws IOException {
        JsonNode kinds = app.get("/api/kinds").body();
        same("kinds", kinds);
        link("kiln", "web", Map.of("address", "https://kiln.example/hot", "allowed", List.of()));
        link("lights", "osc", Map.of("host", "127.0.0.1", "port", 9_000, "way", "udp", "hears", 0));
        Map<String, JsonNode> parts = new TreeMap<>();
        kinds.get("parts").forEach(kind -> {
            String name = kind.get("name").asString();
            boolean ofSomebody = List.of("introduce", "theirClip").contains(name);
            JsonNode cue = ofSomebody ? app.cue("meet-them").get("cue") : pour();
            parts.put(name, addedTo(cue, "part", name).get("part"));
        });
        same("parts", Running.JSON.valueToTree(parts));
        ObjectNode stage =
                (ObjectNode) app.get("/api/wiring").body().at("/stages/0/stage").deepCopy();
        stage.putArray("fixtures");
        stage.putArray("spots");
        Map<String, JsonNode> fixtures = new TreeMap<>();
        kinds.get("fixtures").forEach(kind -> {
            String name = kind.get("name").asString();
            fixtures.put(
                    name,
                    app.post("/api/stages/add", Map.of("stage", stage, "kind", name))
                            .body()
                            .get("fixture"));
        });
        same("fixtures", Running.JSON.valueToTree(fixtures));
    }

    private static void link(String id, String kind, Map<String, Object> settings) {
        assertThat(app.put(
                                "/api/links/" + id,
                                Map.of("kind", kind, "name", id, "settings", settings, "secrets", Map.of()))
                        .status())
                .isEqualTo(200);
    }

    private static void same(String name, JsonNode told) throws IOException {
        Path file = Path.of("../web/src/testing/" + name + ".json");
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(
                    file, Running.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(told) + "\n");
        }
        assertThat(Running.JSON.readTree(Files.readString(file)).equals(told))
                .as(file + " is up to date; ./waxbell openapi writes it anew")
                .isTrue();
    }

    @Test
    void whatComesToAStageStandsInItsMiddleBeforeAllOthersUnderANameOfItsOwn() {
        ObjectNode stage =
                (ObjectNode) app.get("/api/wiring").body().at("/stages/0/stage").deepCopy();
        JsonNode wheel = app.post("/api/stages/add", Map.of("stage", stage, "kind", "wheel"))
                .body()
                .get("fixture");
        assertThat(wheel.get("name").asString()).isEqualTo("Wheel 2");
        int before = stage.get("fixtures")
                .valueStream()
                .mapToInt(each -> each.at("/frame/layer").asInt())
                .max()
                .orElseThrow();
        assertThat(wheel.at("/frame/layer").asInt()).isGreaterThan(before);
        ((ArrayNode) stage.get("fixtures")).add(((ObjectNode) wheel.deepCopy()).put("id", "wheel"));
        assertThat(app.post("/api/stages/add", Map.of("stage", stage, "kind", "wheel"))
                        .body()
                        .at("/fixture/id")
                        .asString())
                .isEqualTo("wheel-2");
        JsonNode spot = app.post("/api/stages/add", Map.of("stage", stage, "kind", "spot"))
                .body()
                .get("spot");
        assertThat(spot.at("/busy/kind").asString()).isEqualTo("wait");
        assertThat(app.post("/api/stages/add", Map.of("stage", stage, "kind", "moon"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aPullAndAGateCome() {
        assertThat(added("pull", "every").at("/pull/kind").asString()).isEqualTo("every");
        assertThat(added("gate", "chance").at("/gate/percent").asInt()).isEqualTo(50);
        JsonNode unknown = added("gate", "moon");
        assertThat(unknown.at("/problems/0/message").asString()).isEqualTo("There is no such gate.");
        assertThat(unknown.at("/problems/0/remedy").asString()).contains("chance");
    }

    @Test
    void aNewCueIsMadeAndAWordThatIsTakenIsToldBeforeItIsSaved() {
        Map<String, Object> pull =
                Map.of("kind", "chatWord", "words", List.of("!pour"), "general", false, "argument", "");
        JsonNode made = app.post(
                        "/api/cues/new",
                        Map.of("pull", pull, "answer", "Hm", "parts", List.of("card"), "rack", "bench"))
                .body();
        assertThat(made.at("/cue/name").asString()).isEqualTo("Answer to !pour");
        assertThat(made.at("/look/problems").toString()).contains("already belongs to");
        assertThat(app.post("/api/cues/pulls/every", null).body().get("kind").asString())
                .isEqualTo("every");
    }

    @Test
    void copiesAreMadeOfSavedCuesOnly() {
        JsonNode copies = app.post("/api/cues/copies", List.of(POUR, POUR)).body();
        assertThat(copies).hasSize(2);
        assertThat(copies.at("/0/pulls/0/words/0").asString()).isNotEqualTo("!pour");
        assertThat(app.post("/api/cues/copies", List.of("gone")).status()).isEqualTo(422);
    }

    @Test
    void rowsAreWrittenAndWordsAreReadWithSamples() {
        Map<String, Object> row = Map.of("name", "viewer.months", "compare", ">=", "value", "3");
        assertThat(app.post(
                                "/api/conditions/rows",
                                Map.of("cue", pour(), "rows", Map.of("any", false, "rows", List.of(row))))
                        .body()
                        .get("text")
                        .asString())
                .isEqualTo("viewer.months >= 3");
        Map<String, Object> words = Map.of(
                "pattern",
                "{n, plural, one {# sprig} other {# sprigs}} for {who} {gone}",
                "values",
                Map.of("n", "2", "who", "otter"));
        assertThat(app.post("/api/words/sample", words).body().get("text").asString())
                .isEqualTo("2 sprigs for otter {gone}");
    }

    @Test
    void theListIsFoundByTextsOfTheServer() {
        JsonNode view = app.cue(POUR);
        assertThat(view.get("brief").asString()).startsWith("!pour or !taper");
        assertThat(view.get("find").asString()).contains("pour the taper", "alert");
        assertThat(view.at("/sketch/0/lane").asString()).isEqualTo("screen");
    }
}
