package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The voice of the demo over real HTTP: what is said, what waits for the host, what is kept out, and what can be tried. */
class VoiceTest {
    private static final Duration PATIENCE = Duration.ofSeconds(60);

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

    private static JsonNode voice() {
        return app.get("/api/voice").body();
    }

    private static String says(String viewer, String text) {
        return app.say(viewer, text).body().get("sentence").asString();
    }

    private static void act(String name, Map<String, String> with) {
        assertThat(app.post("/api/desks/voice/" + name, Map.of("about", "voice", "with", with))
                        .status())
                .isEqualTo(200);
    }

    private static List<String> of(JsonNode list, String field) {
        List<String> all = new ArrayList<>();
        list.forEach(each -> all.add(each.get(field).asString()));
        return all;
    }

    @Test
    void aVoiceShipsAndCanBeHeardAndFetchedByWhoKnowsItsName() throws IOException, InterruptedException {
        assertThat(of(voice().get("voices"), "id")).contains("plain");
        JsonNode heard = app.post(
                        "/api/voice/hear", Map.of("text", "good evening", "voice", "plain", "speed", 0, "pitch", 0))
                .body();
        assertThat(heard.get("lengthMs").asLong()).isBetween(400L, 3_000L);
        HttpResponse<byte[]> wav = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://" + app.host()
                                        + heard.get("address").asString()))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(wav.headers().firstValue("Content-Type")).contains("audio/wav");
        assertThat(wav.body()).hasSizeGreaterThan(10_000).startsWith('R', 'I', 'F', 'F');
        assertThat(app.get("/media/spoken/0123").status()).isEqualTo(404);
        assertThat(app.post("/api/voice/hear", Map.of("text", "!?", "voice", "", "speed", 0, "pitch", 0))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .isEqualTo("It cannot be heard: nothing in it can be said.");
    }

    @Test
    void aMembersWordsAreSaidAndTheirLengthIsKnownWhenTheyAreMade() {
        assertThat(says("marshlight_ines", "!say good evening all")).contains("rang Say it");
        await().atMost(PATIENCE)
                .untilAsserted(() -> assertThat(app.get("/api/live").body().get("rings"))
                        .anySatisfy(ring -> {
                            assertThat(ring.at("/parts/0/label").asString())
                                    .isEqualTo("“marshlight_ines says good evening all”");
                            long length = ring.at("/parts/0/to").asLong()
                                    - ring.at("/parts/0/from").asLong();
                            assertThat(length).isBetween(1_000L, 11_000L);
                        }));
        assertThat(says("pip_in_the_reeds", "!say hello")).startsWith("held Say it");
    }

    @Test
    void whatIsSenselessIsKeptOutAndListed() {
        assertThat(says("brine_otter", "!say sdfjkhsdfkjh wvbnmq")).contains("kept out: letters that make no words");
        assertThat(of(voice().get("keptOut"), "text")).contains("!say sdfjkhsdfkjh wvbnmq");
    }

    @Test
    void aQuestionWaitsForTheHostAndIsLetThroughOnce() {
        assertThat(says("tallowmoth", "!ask why is it green")).contains("waits for you: you hear it first");
        JsonNode waits = voice().get("waits");
        assertThat(of(waits, "viewer")).contains("tallowmoth");
        long decision = waits.get(0).get("decision").asLong();
        assertThat(app.post("/api/voice/waits/" + decision + "/let", Map.of())
                        .body()
                        .get("sentence")
                        .asString())
                .startsWith("rang Ask Odalys");
        assertThat(voice().get("waits")).isEmpty();
        assertThat(app.post("/api/voice/waits/" + decision + "/let", Map.of())
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .isEqualTo("Nothing of that number waits any more.");
    }

    @Test
    void blocksAndOwnVoicesOutliveARestart() throws IOException {
        act("block", Map.of("name", "brine_otter"));
        act("own", Map.of("name", "juniper_and_ash", "voice", "plain", "speed", "90", "pitch", "70"));
        app.restart();
        assertThat(voice().get("blocked").toString()).isEqualTo("[\"brine_otter\"]");
        assertThat(voice().at("/own/0/pitch").asInt()).isEqualTo(70);
        assertThat(says("brine_otter", "!ask anything")).contains("nothing is said for brine_otter");
        act("unblock", Map.of("name", "brine_otter"));
        act("plain", Map.of("name", "juniper_and_ash"));
        assertThat(voice().get("own")).isEmpty();
    }

    @Test
    void textCanBeTriedAndLinesOfTonightToo() {
        JsonNode looked = app.post(
                        "/api/voice/look", Map.of("text", "wickerby, see https://example.org for 12 spi11age"))
                .body();
        assertThat(looked.get("said").asString()).isEqualTo("wickerby, see a link for 12 something");
        assertThat(looked.get("read").asString()).isEqualTo("wicker bee, see a link for twelve something");
        assertThat(of(looked.get("findings"), "rule")).containsExactly("link", "unwelcome");
        says("wickerby", "aaaaaaaaaaaaaaaaaaaaaa");
        assertThat(of(app.get("/api/voice/lines").body(), "said")).contains("aa");
        assertThat(app.post("/api/voice/look", Map.of("text", " ")).status()).isEqualTo(422);
    }

    @Test
    void readingIsCheckedByFieldAndChangesTheSentence() {
        JsonNode house = app.get("/api/wiring").body().get("house");
        ObjectNode changed = (ObjectNode) house.get("house").deepCopy();
        ((ObjectNode) changed.get("reading")).put("longest", 5).put("speed", 900);
        JsonNode refused = app.put(
                        "/api/house", Map.of("version", house.get("version").asLong(), "house", changed))
                .body();
        assertThat(of(refused.get("problems"), "path")).containsExactly("reading.speed", "reading.longest");
        ((ObjectNode) changed.get("reading"))
                .put("longest", 80)
                .put("speed", 110)
                .put("links", "hold");
        assertThat(app.put("/api/house", Map.of("version", house.get("version").asLong(), "house", changed))
                        .status())
                .isEqualTo(200);
        assertThat(String.join("", of(voice().get("sentence"), "text")))
                .contains("at 110 % of its speed")
                .contains("links are kept out,")
                .contains("of more than 80 characters is cut.");
    }
}
