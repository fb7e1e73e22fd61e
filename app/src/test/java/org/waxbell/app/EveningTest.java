package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The demo evening over real HTTP and sockets, on one running application. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class EveningTest {
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

    private static String stageKey() {
        return app.get("/api/stages/main/address")
                .body()
                .get("address")
                .asString()
                .replaceAll(".*#k=", "");
    }

    @Test
    @Order(1)
    void aLineRingsOnTheStageInChatAndInTheConsoleAndTheSecondIsHeld() {
        try (Listening stage = Listening.stage(app, stageKey());
                Listening live = new Listening(app, "/ws/live");
                Listening chat = new Listening(app, "/ws/practice/channel")) {
            assertThat(stage.next("welcome").at("/stage/width").asInt()).isEqualTo(1280);
            JsonNode decision = app.say("marshlight_ines", "!POUR a tall one").body();
            assertThat(decision.get("sentence").asString()).isEqualTo("rang Pour the taper");
            JsonNode card =
                    stage.next(each -> each.at("/part/card/title").asString("").equals("marshlight_ines"));
            assertThat(card.at("/part/lengthMs").asLong()).isEqualTo(5_600);
            long ahead = card.at("/part/at").asLong() - decision.get("at").asLong();
            assertThat(ahead).as("told ahead of its moment").isBetween(40L, 150L);
            JsonNode sound = stage.next(each -> each.at("/part/sound").isObject());
            assertThat(app.get(sound.at("/part/sound/media").asString()).status())
                    .isEqualTo(200);
            assertThat(app.say("brine_otter", "!taper").body().get("sentence").asString())
                    .matches("held Pour the taper · resting, 1[34] s to go");
            assertThat(live.next(each -> each.at("/body/sentence").asString("").startsWith("held"))
                            .at("/body/event")
                            .asString())
                    .isEqualTo("brine_otter: !taper");
            JsonNode reply = chat.next(each -> each.at("/body/helper").asBoolean(false));
            assertThat(reply.at("/body/text").asString())
                    .isEqualTo("Thank you, marshlight_ines. That taper hangs on your peg now.");
        }
    }

    @Test
    @Order(2)
    void aPageThatJoinsInMidCardIsToldItOnceWithItsOwnMoment() {
        app.post("/api/hush", null);
        JsonNode decision = app.say("tallowmoth", "!wick").body();
        try (Listening late = Listening.stage(app, stageKey())) {
            JsonNode parts = late.next("welcome").get("parts");
            assertThat(parts)
                    .anySatisfy(part ->
                            assertThat(part.at("/card/title").asString("")).isEqualTo("tallowmoth"));
            assertThat(parts.get(0).get("at").asLong())
                    .isGreaterThan(decision.get("at").asLong());
        }
    }

    @Test
    @Order(3)
    void hushEndsWhatPlaysOnTheStageAtOnce() {
        try (Listening stage = Listening.stage(app, stageKey())) {
            app.say("captain_sedge", "!bell");
            stage.next("part");
            assertThat(app.post("/api/hush", null).body().get("sentence").asString())
                    .startsWith("Hush · ended");
            stage.next("hush");
        }
        try (Listening later = Listening.stage(app, stageKey())) {
            assertThat(later.next("welcome").get("parts")).isEmpty();
        }
    }

    @Test
    @Order(4)
    void renewingTheAddressSendsThePagesOfTheOldOneAway() {
        String old = stageKey();
        try (Listening stage = Listening.stage(app, old)) {
            stage.next("welcome");
            app.post("/api/stages/main/address", null);
            assertThat(stage.closedWith()).isEqualTo(4403);
        }
        try (Listening again = Listening.stage(app, old)) {
            assertThat(again.closedWith()).isEqualTo(4403);
        }
        assertThat(app.get("/api/practice/mixer")
                        .body()
                        .at("/sources")
                        .valueStream()
                        .map(each -> each.get("address").asString()))
                .as("the mixer has the new address already")
                .contains(app.get("/api/stages/main/address")
                        .body()
                        .get("address")
                        .asString());
        assertThat(stageKey()).hasSizeGreaterThanOrEqualTo(22).isNotEqualTo(old);
    }

    @Test
    @Order(5)
    void aPageMaySayOnlyWhatAPageSays() {
        try (Listening stage = Listening.stage(app, stageKey())) {
            stage.next("welcome");
            stage.send("{\"type\":\"hush\"}");
            // 1006 where the connection is gone before its last word is read.
            assertThat(stage.closedWith()).isIn(1007, 1006);
        }
        try (Listening stage = Listening.stage(app, stageKey())) {
            stage.next("welcome");
            stage.report("clock", "\"sent\":12.5");
            assertThat(stage.next("clock").get("sent").asDouble()).isEqualTo(12.5);
        }
    }

    @Test
    @Order(6)
    void linesThatCannotBeAreRefusedWithPlaceAndRemedy() {
        JsonNode tooLong = app.say("wickerby", "x".repeat(10_000)).body();
        assertThat(tooLong.at("/problems/0/path").asString()).isEqualTo("text");
        assertThat(tooLong.at("/problems/0/message").asString()).isEqualTo("The line is too long: 10000 characters.");
        assertThat(app.say("wickerby", " \u202E\u0007 ").status()).isEqualTo(422);
        assertThat(app.say("", "hello").body().at("/problems/0/path").asString())
                .isEqualTo("name");
        assertThat(app.ask("POST", "/api/practice/lines", "not json")
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .startsWith("This is not JSON");
        assertThat(app.ask("POST", "/api/practice/lines", "{\"name\":\"wickerby\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    @Order(7)
    void aNameOfMarksIsKeptAsTextAndBecomesKnown() {
        assertThat(app.say("<img onerror=alert(1)>\u202Etxt", "hello").status()).isEqualTo(200);
        assertThat(app.get("/api/practice/viewers").body())
                .anySatisfy(viewer -> assertThat(viewer.get("name").asString()).isEqualTo("<img onerror=alert(1)>txt"));
    }

    @Test
    @Order(8)
    void anEventOfTheChannelRingsAndThoseThatCannotBeAreRefused() {
        Running.Answer small = app.post(
                "/api/practice/events",
                Map.of(
                        "kind",
                        "gift",
                        "name",
                        "brine_otter",
                        "numbers",
                        Map.of("giftWorth", 1),
                        "texts",
                        Map.of("giftItem", "Sprig")));
        assertThat(small.body().get("sentence").asString()).isEqualTo("no cue waits for this");
        try (Listening stage = Listening.stage(app, stageKey());
                Listening chat = new Listening(app, "/ws/practice/channel")) {
            stage.next("welcome");
            JsonNode rang = app.post(
                            "/api/practice/events",
                            Map.of(
                                    "kind",
                                    "gift",
                                    "name",
                                    "brine_otter",
                                    "numbers",
                                    Map.of("giftWorth", 500),
                                    "texts",
                                    Map.of("giftItem", "<b>Lantern")))
                    .body();
            assertThat(rang.get("event").asString()).isEqualTo("brine_otter sent 1 <b>Lantern");
            assertThat(stage.next(each -> each.at("/part/card").isObject())
                            .at("/part/card/words")
                            .asString())
                    .isEqualTo("sent a <b>Lantern to the bench");
            assertThat(chat.next(each -> each.at("/body/helper").asBoolean(false))
                            .at("/body/text")
                            .asString())
                    .startsWith("Thank you, brine_otter.");
        }
        assertThat(app.post(
                                "/api/practice/events",
                                Map.of("kind", "firework", "name", "wickerby", "numbers", Map.of(), "texts", Map.of()))
                        .status())
                .isEqualTo(422);
        assertThat(app.post(
                                "/api/practice/events",
                                Map.of(
                                        "kind",
                                        "gift",
                                        "name",
                                        "wickerby",
                                        "numbers",
                                        Map.of("giftWorth", -1, "giftSize", 2),
                                        "texts",
                                        Map.of()))
                        .body()
                        .get("problems"))
                .extracting(each -> each.get("path").asString())
                .containsExactlyInAnyOrder("numbers.giftWorth", "giftSize");
    }

    @Test
    @Order(9)
    void onlyThisMachinesOwnPagesAreAnswered() {
        assertThat(app.ask("POST", "/api/hush", null, "Origin", "http://elsewhere.example")
                        .status())
                .isEqualTo(403);
        assertThat(app.ask("GET", "/api/wiring", null, "Origin", "http://" + app.host())
                        .status())
                .isEqualTo(200);
        assertThat(catchThrowable(() -> new Listening(app, "/ws/live", "Origin", "http://elsewhere.example")))
                .isNotNull();
    }

    @Test
    @Order(10)
    void everyPageCarriesAStrictPolicyAndOnlyTheStageMayBeFramed() {
        for (String page : new String[] {"/", "/cues", "/links", "/channel", "/mixer", "/stage"}) {
            Running.Answer answer = app.get(page);
            assertThat(answer.status()).as(page).isEqualTo(200);
            assertThat(answer.header("content-security-policy"))
                    .as(page)
                    .contains(
                            "default-src 'none'",
                            "script-src 'self'",
                            page.equals("/stage") ? "frame-ancestors 'self'" : "frame-ancestors 'none'")
                    .doesNotContain("unsafe");
            assertThat(answer.header("referrer-policy")).isEqualTo("no-referrer");
            assertThat(answer.header("x-content-type-options")).isEqualTo("nosniff");
            assertThat(answer.header("cache-control"))
                    .as(page + " is never kept, for an upgrade brings another")
                    .isEqualTo("no-store");
        }
    }

    @Test
    @Order(11)
    void mediaAreGivenOnlyWithATokenAndInASandbox() {
        String address = app.get("/api/wiring").body().at("/shelf/0/address").asString();
        assertThat(app.get(address).header("content-security-policy")).contains("sandbox");
        assertThat(app.get(address.replaceAll("t=.*", "t=0")).status()).isEqualTo(404);
        assertThat(app.get("/media/..%2fwaxbell.db?t=0").status()).isIn(400, 404);
    }

    @Test
    @Order(12)
    void theDescriptionOfTheInterfaceIsTheOneThatIsCommitted() throws IOException {
        JsonNode served = app.get("/api/openapi.json").body();
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(
                    Path.of("../docs/formats/openapi.json"),
                    Running.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
        }
        Path committed = Path.of("../docs/formats/openapi.json");
        assertThat(served.equals(Running.JSON.readTree(Files.readString(committed))))
                .as("docs/formats/openapi.json is what the server answers; ./waxbell openapi writes it anew")
                .isTrue();
    }

    @Test
    @Order(13)
    void noSecretIsInTheLogOrReadableInTheDatabase() throws IOException {
        String key = stageKey();
        assertThat(Files.readString(app.log())).doesNotContain(key);
        assertThat(new String(Files.readAllBytes(data.resolve("demo/waxbell.db")), StandardCharsets.ISO_8859_1))
                .doesNotContain(key);
    }

    @Test
    @Order(20)
    void afterARestartWiringViewersJournalAndCooldownAreThere() throws IOException {
        app.say("wickerby", "!tonight");
        // A test before may have rung it just now; its rest must begin here.
        await().atMost(Duration.ofSeconds(60))
                .until(() -> app.say("captain_sedge", "!pour")
                        .body()
                        .get("sentence")
                        .asString()
                        .startsWith("rang"));
        int decisions = app.get("/api/journal").body().size();
        int cues = app.get("/api/wiring").body().get("cues").size();
        app.restart();
        assertThat(app.get("/api/journal").body()).hasSize(decisions);
        assertThat(app.get("/api/practice/viewers").body())
                .anySatisfy(viewer -> assertThat(viewer.get("name").asString()).isEqualTo("<img onerror=alert(1)>txt"));
        assertThat(app.get("/api/wiring").body().get("cues")).hasSize(cues).isNotEmpty();
        assertThat(app.say("captain_sedge", "!pour").body().get("sentence").asString())
                .startsWith("held Pour the taper · resting");
    }
}
