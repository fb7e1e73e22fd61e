package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Extensions in the real program: brought in, agreed to, played, broken, mended by a file, carried away and taken away without a trace. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ExtensionsTest {
    private static final String WEIGH = "guess-the-weight";

    @TempDir
    static Path data;

    private static Running app;
    private static List<String> before;

    @BeforeAll
    static void start() {
        app = Running.demo(data);
        before = cues();
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static List<String> cues() {
        return app.get("/api/wiring")
                .body()
                .get("cues")
                .valueStream()
                .map(each -> each.get("cue").toString())
                .toList();
    }

    private static JsonNode sheet() {
        return app.get("/api/wiring")
                .body()
                .get("desks")
                .valueStream()
                .filter(each -> each.get("desk").get("id").asString().equals(WEIGH))
                .findFirst()
                .orElseThrow();
    }

    private static Running.Answer change(String key, Object value) {
        JsonNode now = sheet();
        ObjectNode desk = (ObjectNode) now.get("desk");
        desk.set(key, Running.JSON.valueToTree(value));
        return app.ask(
                "PUT",
                "/api/sheets/" + WEIGH,
                Running.JSON.writeValueAsString(
                        Map.of("version", now.get("version").asLong(), "desk", desk)));
    }

    private static Running.Answer act(String act, String text) {
        return app.post("/api/desks/extension/" + act, Map.of("about", WEIGH, "with", Map.of("text", text)));
    }

    private static void say(String who, String text) {
        app.say(who, text);
    }

    private static String facts() {
        return app.get("/api/extensions/" + WEIGH + "/facts").body().toString();
    }

    /** What stands in the journal, the newest first. */
    private static String journal() {
        return app.get("/api/journal").body().toString();
    }

    private static void seen(String text) {
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() -> assertThat(journal()).contains(text));
    }

    @Test
    @Order(1)
    void itComesInOffWithItsChatWords() {
        JsonNode ours = app.get("/api/extensions").body();
        assertThat(ours).hasSize(3);
        assertThat(app.post("/api/extensions/ours/" + WEIGH, null).status()).isEqualTo(200);
        assertThat(sheet().get("desk").get("on").asBoolean()).isFalse();
        assertThat(app.get("/api/wiring").body().get("cues").toString()).contains("\"guess\"");
        assertThat(act("begin", "412").body().toString()).contains("it waits until you have agreed");
    }

    @Test
    @Order(2)
    void agreedToItsGameIsPlayedToTheEnd() {
        assertThat(change("agreed", List.of("people", "points", "say", "ring", "keep"))
                        .status())
                .isEqualTo(200);
        assertThat(change("on", true).status()).isEqualTo(200);
        act("begin", "412");
        seen("How much does it weigh?");
        say("brine_otter", "!guess 400");
        seen("Guess");
        say("tallowmoth", "!guess 300");
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() -> assertThat(board().get("kept").asInt()).isGreaterThan(60));
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() -> assertThat(board().get("kept").asInt()).isGreaterThan(120));
        act("finish", "");
        seen("It weighs 412 grams. brine_otter was nearest with 400.");
        seen("gives 50 points");
    }

    private static JsonNode board() {
        return app.get("/api/desks/board?about=" + WEIGH).body();
    }

    @Test
    @Order(3)
    void tryingDoesNothing() {
        JsonNode tried = app.post("/api/extensions/" + WEIGH + "/try", Map.of("event", "asked/begin", "text", "5"))
                .body();
        assertThat(tried.get("wishes").toString()).contains("say: text How much does it weigh?");
        assertThat(app.post("/api/extensions/" + WEIGH + "/try", Map.of("event", "thunder", "text", ""))
                        .status())
                .isEqualTo(422);
    }

    @Test
    @Order(4)
    void brokenByAFileItSaysLineAndEventAndTheEveningGoesOn() throws IOException {
        Path main = data.resolve("extensions").resolve(WEIGH).resolve("main.js");
        await().atMost(Duration.ofSeconds(60)).until(() -> Files.exists(main));
        String good = Files.readString(main);
        Files.writeString(main, "function asked() {\n  wax()\n}\n");
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() ->
                        assertThat(sheet().get("desk").get("code").asString()).contains("wax()"));
        act("begin", "");
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() -> assertThat(facts()).contains("main.js line 2", "asked begin"));
        seen("Guess the weight failed on Begin a round: main.js line 2");
        say("brine_otter", "the evening goes on");
        seen("the evening goes on");
        Files.writeString(main, good);
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() ->
                        assertThat(sheet().get("desk").get("code").asString()).isEqualTo(good));
        act("begin", "77");
        act("finish", "");
        seen("It weighs 77 grams. Nobody guessed.");
    }

    @Test
    @Order(5)
    void whatIsWrongInAFileIsSaidAndNotTaken() throws IOException {
        Path manifest = data.resolve("extensions").resolve(WEIGH).resolve("extension.json");
        String good = Files.readString(manifest);
        Files.writeString(manifest, good.replace("showClosed", "thunder"));
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(() -> assertThat(facts()).contains("its folder was not taken: extension.json.hears[0]"));
        assertThat(sheet().get("desk").get("hears").toString()).contains("showClosed");
        Files.writeString(manifest, good);
    }

    @Test
    @Order(6)
    void anEndlessLoopIsHaltedAndAShowGoesOn() {
        String code = sheet().get("desk").get("code").asString();
        assertThat(change("code", "function asked() { for (;;) {} }").status()).isEqualTo(200);
        act("begin", "");
        seen("it goes on and on");
        await().atMost(Duration.ofSeconds(60))
                .untilAsserted(
                        () -> assertThat(board().get("halted").asBoolean()).isTrue());
        assertThat(act("begin", "").body().toString()).contains("it goes on and on");
        assertThat(change("code", code).status()).isEqualTo(200);
        assertThat(board().get("runs").asBoolean()).isTrue();
    }

    @Test
    @Order(7)
    void aZipFileIsLookedAtAndTakesThePlaceOfTheOneThatIsHere() {
        byte[] zip = app.file("/api/extensions/" + WEIGH + "/file");
        Running.Answer look =
                app.askBytes("POST", "/api/extensions/coming", zip, "Content-Type", "application/octet-stream");
        assertThat(look.body().get("look").get("here").asBoolean()).isTrue();
        assertThat(look.body().get("look").get("asksMore")).isEmpty();
        assertThat(app.post(
                                "/api/extensions/coming/"
                                        + look.body().get("coming").asString() + "/bring",
                                null)
                        .status())
                .isEqualTo(200);
        assertThat(app.file("/api/extensions/" + WEIGH + "/file")).isEqualTo(zip);
        Running.Answer none = app.askBytes(
                "POST", "/api/extensions/coming", new byte[] {1, 2}, "Content-Type", "application/octet-stream");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.body().toString()).contains("no ZIP file");
    }

    @Test
    @Order(8)
    void aShowGoesAgainJustAsItWentAndAnotherIsRunInVirtualTime() {
        app.post("/api/show", Map.of("open", true));
        act("begin", "500");
        // The journal has a game of before too: until this one has begun, a guess is none.
        await().atMost(Duration.ofSeconds(60)).until(() -> {
            say("brine_otter", "!guess 499");
            return board().get("kept").asInt() > 60;
        });
        act("finish", "");
        seen("brine_otter was nearest with 499.");
        app.post("/api/show", Map.of("open", false));
        String script = app.get("/api/scripts").body().get(0).get("id").asString();
        for (String wiring : List.of("asItWas", "now")) {
            assertThat(rehearsed(script, wiring))
                    .contains("It weighs 500 grams. brine_otter was nearest with 499.")
                    .contains(
                            "Guess the weight, on Put it on the scales, gives 50 points, says something, tells weighed");
        }
    }

    private static String rehearsed(String script, String wiring) {
        long id = app.post(
                        "/api/rehearsals",
                        Map.of(
                                "script",
                                script,
                                "madeUp",
                                Map.of("seed", 1, "crowd", 1, "perMinute", 1, "minutes", 1),
                                "wiring",
                                wiring,
                                "against",
                                ""))
                .body()
                .get("id")
                .asLong();
        await().atMost(Duration.ofSeconds(60))
                .until(() -> app.get("/api/rehearsals/" + id)
                        .body()
                        .get("going")
                        .asString()
                        .equals("done"));
        StringBuilder all = new StringBuilder();
        for (int i = 1; i <= 120; i++) {
            all.append(app.get("/api/rehearsals/" + id + "/decisions/" + i).body());
        }
        return all.toString();
    }

    @Test
    @Order(9)
    void whatWasWrittenWhileTheProgramWasOffIsTakenAndWhatWasSavedIsNotUndone() throws IOException {
        Path main = data.resolve("extensions").resolve(WEIGH).resolve("main.js");
        String night = Files.readString(main) + "// by night\n";
        app.restart(() -> write(main, night));
        await().atMost(Duration.ofSeconds(60))
                .until(() -> sheet().get("desk").get("code").asString().endsWith("// by night\n"));
        assertThat(change("about", "By day").status()).isEqualTo(200);
        Path manifest = data.resolve("extensions").resolve(WEIGH).resolve("extension.json");
        await().atMost(Duration.ofSeconds(60))
                .until(() -> Files.readString(manifest).contains("By day"));
        app.restart();
        assertThat(sheet().get("desk").get("about").asString()).isEqualTo("By day");
        assertThat(sheet().get("desk").get("on").asBoolean())
                .as("it is agreed to still")
                .isTrue();
    }

    @Test
    @Order(10)
    void aPackBringsItOffAndSaysWhatItWants() {
        byte[] pack = app.file("/api/packs/file?name=Games&version=1&says=&item=desk/" + WEIGH);
        delete();
        JsonNode look = app.askBytes("POST", "/api/packs/coming", pack, "Content-Type", "application/octet-stream")
                .body();
        assertThat(look.get("does").toString()).contains("Guess the weight gives points and takes them");
        assertThat(app.post(
                                "/api/packs/coming/" + look.get("coming").asString() + "/bring",
                                Map.of(
                                        "items",
                                        List.of(),
                                        "words",
                                        List.of(),
                                        "revision",
                                        look.get("revision").asLong()))
                        .status())
                .isEqualTo(200);
        assertThat(sheet().get("desk").get("on").asBoolean()).isFalse();
        assertThat(sheet().get("desk").get("agreed")).isEmpty();
        assertThat(act("begin", "4").body().toString()).contains("it waits until you have agreed");
        assertThat(app.post("/api/packs/games/take-out", null).status()).isEqualTo(200);
        nothingIsLeft();
    }

    private static void write(Path file, String text) {
        try {
            Files.writeString(file, text);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static void delete() {
        long version = sheet().get("version").asLong();
        assertThat(app.ask("DELETE", "/api/sheets/" + WEIGH + "?version=" + version + "&withCues=true", null)
                        .status())
                .isEqualTo(200);
        nothingIsLeft();
    }

    private static void nothingIsLeft() {
        await().atMost(Duration.ofSeconds(60))
                .until(() -> !Files.exists(data.resolve("extensions").resolve(WEIGH)));
        assertThat(cues()).isEqualTo(before);
        assertThat(app.get("/api/wiring").body().get("racks").toString()).doesNotContain(WEIGH);
    }
}
