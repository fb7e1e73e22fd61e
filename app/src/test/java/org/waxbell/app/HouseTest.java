package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
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
import org.waxbell.app.json.Documents;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.Cue;
import org.waxbell.port.Calendars;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.Wiring;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shows, points, clips, scenes and buttons of the demo over real HTTP, and what of them outlives a restart. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class HouseTest {
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

    private static String says(String viewer, String text) {
        return app.say(viewer, text).body().get("sentence").asString();
    }

    @Test
    @Order(0)
    void whoWasNeverSeenCanBeChosenToo() {
        assertThat(app.get("/api/known").body().get("viewers").toString()).contains("pip_in_the_reeds", "wickerby");
    }

    @Test
    @Order(1)
    void aShowIsOpenedOnceAndFirstLinesCountFromThen() {
        assertThat(says("wickerby", "hello all")).endsWith("no show is open, so it is nobody's first line tonight");
        assertThat(app.post("/api/show", Map.of("open", true))
                        .body()
                        .get("sentence")
                        .asString())
                .isEqualTo("noted");
        assertThat(app.post("/api/show", Map.of("open", true))
                        .body()
                        .get("sentence")
                        .asString())
                .isEqualTo("a show is open already");
        assertThat(says("wickerby", "hello again")).isEqualTo("rang Welcome back");
        assertThat(says("wickerby", "and again")).isEqualTo("just talk");
        assertThat(app.get("/api/live").body().at("/evening/show").asLong()).isEqualTo(1);
    }

    @Test
    @Order(2)
    void pointsAreSpentAndOutliveARestartWithFirstLinesAndTheShow() throws IOException {
        assertThat(says("wickerby", "!pool"))
                .isEqualTo("held Dye the pool · needs one of sage, rose, ochre: !pool sage, rose or ochre");
        assertThat(says("wickerby", "!pool sage")).isEqualTo("rang Dye the pool");
        // Lines earn a drip each, and the first of a show more: what is left is taken.
        app.post(
                "/api/desks/points/grant",
                Map.of("about", "drips", "with", Map.of("name", "wickerby", "amount", "-1000", "why", "for the test")));
        assertThat(says("wickerby", "!pool rose")).matches("held Dye the pool · costs 15 drips, 1[0-5] short");
        app.restart();
        assertThat(says("wickerby", "!pool rose")).matches("held Dye the pool · costs 15 drips, 1[0-5] short");
        assertThat(says("wickerby", "still here")).isEqualTo("just talk");
        assertThat(app.get("/api/live").body().at("/evening/show").asLong()).isEqualTo(1);
    }

    @Test
    @Order(4)
    void aButtonSwitchesTheSceneAndAPersonsOwnCutCountsForMore() {
        try (Listening mixer = new Listening(app, "/ws/practice/mixer");
                Listening live = new Listening(app, "/ws/live")) {
            assertThat(app.post("/api/cues/kettle-on/press", null)
                            .body()
                            .get("sentence")
                            .asString())
                    .isEqualTo("rang Kettle on");
            assertThat(mixer.next(each -> each.at("/body/current").asString("").equals("kettle"))
                            .at("/type")
                            .asString())
                    .isEqualTo("standing");
            await().atMost(Duration.ofSeconds(60))
                    .until(() -> app.get("/api/mixer")
                            .body()
                            .at("/picture/current")
                            .asString()
                            .equals("kettle"));
            app.cut("bench");
            JsonNode ring =
                    live.next(each -> each.at("/body/cueId").asString("").equals("kettle-on")
                            && each.at("/body/state").asString("").equals("ended"));
            assertThat(ring.at("/body/parts/0/note").asString()).isEqualTo("changed by hand");
        }
        assertThat(app.get("/api/practice/mixer").body().get("current").asString())
                .isEqualTo("bench");
        assertThat(app.post("/api/cues/pour-the-taper/press", null).status()).isEqualTo(422);
    }

    @Test
    @Order(5)
    void aPartWithoutALinkFailsAloneAndSaysSo() {
        ObjectNode cue = (ObjectNode) app.cue("kettle-on").get("cue").deepCopy();
        cue.put("id", "red-light").put("name", "Red light");
        cue.putArray("pulls")
                .addObject()
                .put("kind", "webCall")
                .put("hook", "oven")
                .put("signed", false)
                .putArray("reads");
        cue.putArray("gates");
        ObjectNode part = (ObjectNode) cue.at("/takes/0/score/parts/0");
        part.put("value", "#ff0000");
        ((ObjectNode) part.get("target")).put("kind", "lamp").put("name", "Bench");
        assertThat(app.put("/api/cues/red-light", Map.of("version", 0, "cue", cue))
                        .status())
                .isEqualTo(200);
        app.put("/api/links/room/pause", Map.of("paused", true));
        String address =
                app.get("/api/hooks/oven/address").body().get("address").asString();
        try (Listening live = new Listening(app, "/ws/live")) {
            assertThat(app.ask(
                                    "POST",
                                    address.substring(0, address.length() - 1) + (address.endsWith("x") ? "y" : "x"),
                                    null)
                            .status())
                    .isEqualTo(404);
            assertThat(app.ask("POST", address, null).status()).isEqualTo(202);
            JsonNode ring =
                    live.next(each -> each.at("/body/cueId").asString("").equals("red-light")
                            && each.at("/body/state").asString("").equals("ended"));
            assertThat(ring.at("/body/parts/0/note").asString()).isEqualTo("The room is paused");
        }
        app.put("/api/links/room/pause", Map.of("paused", false));
        assertThat(app.get("/api/hooks/nowhere/address").status()).isEqualTo(422);
    }

    @Test
    @Order(5)
    void aSceneOfAChapterThatBeganWhileTheMixerWasAwayIsSetWhenItIsBack() {
        app.post("/api/show", Map.of("open", true));
        await("the mixer is there").atMost(Duration.ofSeconds(20)).until(() -> !scene().isEmpty());
        app.put("/api/links/mixer/pause", Map.of("paused", true));
        String melting = says("order", "enter", "Melting");
        assertThat(melting).isEqualTo("Melting is on.");
        app.put("/api/links/mixer/pause", Map.of("paused", false));
        await("its scene is set").atMost(Duration.ofSeconds(20)).until(() -> scene().equals("kettle"));
        app.post("/api/show", Map.of("open", false));
    }

    private static String says(String desk, String act, String chapter) {
        return app.post(
                        "/api/desks/" + desk + "/" + act,
                        Map.of("about", "evening", "with", Map.of("chapter", chapter)))
                .body()
                .get("sentence")
                .asString();
    }

    /** The id of the scene on programme, empty text while that is not known. */
    private static String scene() {
        JsonNode mixer = app.get("/api/mixer").body();
        return mixer.get("known").asBoolean() ? mixer.at("/picture/current").asString("") : "";
    }

    @Test
    @Order(6)
    void theHouseIsEditedCheckedAndUndone() {
        JsonNode before = app.get("/api/wiring").body().get("house");
        ObjectNode house = (ObjectNode) before.get("house").deepCopy();
        house.put("prefix", "?");
        assertThat(app.put("/api/house", Map.of("version", before.get("version").asLong(), "house", house))
                        .status())
                .isEqualTo(200);
        assertThat(says("lowtide_lou", "?pool sage")).contains("Dye the pool");
        app.post("/api/undo", null);
        house.put("prefix", "much too long");
        JsonNode refused = app.put(
                        "/api/house", Map.of("version", before.get("version").asLong() + 2, "house", house))
                .body();
        assertThat(refused.at("/problems/0/path").asString()).isEqualTo("prefix");
        assertThat(app.get("/api/wiring").body().at("/house/house/prefix").asString())
                .isEqualTo("!");
    }

    @Test
    @Order(7)
    void aCalendarRuleIsCheckedWhenItIsSaved() {
        JsonNode before = app.cue("a-sip-of-water");
        ObjectNode cue = (ObjectNode) before.get("cue").deepCopy();
        ObjectNode pull = cue.putArray("pulls")
                .addObject()
                .put("kind", "calendar")
                .put("rule", "FREQ=SOMETIMES")
                .put("start", "2026-11-23T19:55:00")
                .put("zone", "Europe/Vienna");
        Map<String, Object> save = Map.of("version", before.get("version").asLong(), "cue", cue);
        assertThat(app.put("/api/cues/a-sip-of-water", save)
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("pulls[0].rule");
        pull.put("rule", "FREQ=WEEKLY;BYDAY=MO,TH");
        assertThat(app.put("/api/cues/a-sip-of-water", save).status()).isEqualTo(200);
    }

    @Test
    @Order(8)
    void theDemoHoldsToItsOwnChecks() {
        Wiring wiring = app.bean(WiringStore.class).current().wiring();
        assertThat(wiring.cues())
                .allSatisfy(cue -> assertThat(CueCheck.check(wiring, cue, app.bean(Calendars.class)))
                        .as(cue.name())
                        .isEmpty());
    }

    @Test
    @Order(9)
    void documentsOfTheFirstVersionAreBroughtUpToDate() throws IOException {
        Documents documents = app.bean(Documents.class);
        try (InputStream in = HouseTest.class.getResourceAsStream("/old/wiring-1.json")) {
            JsonNode old = Running.JSON.readTree(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            old.get("cues")
                    .forEach(each -> assertThat(
                                    documents.read(each.toString(), Cue.class).formatVersion())
                            .isEqualTo(Cue.FORMAT));
            assertThat(documents
                            .read(old.at("/stages/0").toString(), Stage.class)
                            .outlets()
                            .get(0)
                            .quietTo())
                    .isEqualTo(100);
        }
    }

    @Test
    void aConditionIsTriedOnASampleAndOnWhatHappenedLately() {
        app.say("captain_sedge", "!pour short");
        app.say("lowtide_lou", "hello there");
        JsonNode cue = app.cue("pour-the-taper").get("cue");
        JsonNode tried = app.post(
                        "/api/conditions",
                        Map.of("cue", cue, "condition", "'moderator' in viewer.standing && argument != ''"))
                .body();
        assertThat(tried.at("/tried/0/at").asLong()).as("the sample first").isZero();
        assertThat(tried.at("/tried/0/holds").asBoolean()).isFalse();
        assertThat(tried.at("/tried/1/event").asString()).contains("hello there");
        assertThat(tried.at("/tried/1/holds").asBoolean()).isFalse();
        assertThat(tried.at("/tried/2/holds").asBoolean()).isTrue();
        assertThat(app.post("/api/cues/look", cue).body().get("names").propertyNames())
                .contains("viewer.months", "slate.pours", "mixer.scene");
        JsonNode wrong = app.post("/api/conditions", Map.of("cue", cue, "condition", "viewer.months"))
                .body();
        assertThat(wrong.at("/problems/0/message").asString()).contains("neither true nor false");
        assertThat(app.post("/api/conditions", Map.of("cue", cue, "condition", "viewer.age > 3"))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .startsWith("At line 1, character 1: nothing here is called");
    }

    @Test
    void aCrowdIsLetLooseOnThePracticeChannelAndCalledBack() {
        Map<String, Object> wanted = Map.of("on", true, "seed", 3, "size", 5, "perMinute", 6_000);
        assertThat(app.put("/api/practice/crowd", wanted)
                        .body()
                        .at("/wanted/on")
                        .asBoolean())
                .isTrue();
        await().atMost(Duration.ofSeconds(60))
                .until(() -> app.get("/api/practice/crowd").body().get("done").asLong() > 60);
        app.put("/api/practice/crowd", Map.of("on", false, "seed", 3, "size", 5, "perMinute", 6_000));
        assertThat(app.get("/api/journal")
                        .body()
                        .valueStream()
                        .map(each -> each.get("viewer").asString()))
                .filteredOn(name -> name.startsWith("reed_"))
                .hasSizeGreaterThan(20);
        assertThat(app.put("/api/practice/crowd", Map.of("on", true, "seed", 3, "size", 0, "perMinute", 90_000))
                        .body()
                        .get("problems"))
                .extracting(each -> each.get("path").asString())
                .containsExactly("size", "perMinute");
        assertThat(app.put("/api/practice/crowd", Map.of("on", true, "seed", 3, "perMinute", 60))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .isEqualTo("The field \"size\" is missing.");
        assertThat(app.get("/api/practice/crowd").body().at("/wanted/on").asBoolean())
                .isFalse();
        app.post("/api/hush", null);
    }
}
