package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Stages and what is brought for them: edited by version, checked by place and by content, told to the pages that show them. */
class StagesTest {
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

    private static Running.Answer brings(String folder, String name, byte[] content) {
        return app.askBytes(
                "POST",
                "/api/shelf?folder=" + folder + "&name=" + name,
                content,
                "Content-Type",
                "application/octet-stream");
    }

    private static JsonNode bring(String folder, String name, byte[] content) {
        Running.Answer answer = brings(folder, name, content);
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body().get("media");
    }

    private static Running.Answer save(JsonNode view, JsonNode stage) {
        return app.put("/api/stages/main", Map.of("version", view.get("version").asLong(), "stage", stage));
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static JsonNode stage() {
        return app.get("/api/wiring").body().get("stages").get(0);
    }

    private String key() {
        return app.get("/api/stages/main/address")
                .body()
                .get("address")
                .asString()
                .replaceAll(".*#k=", "");
    }

    @Test
    void aDrawingIsTakenInWithNothingButWhatDraws() {
        JsonNode brought = bring("Pictures", "seal.png", text("""
                <?xml version="1.0"?><!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10" onload="alert(1)"><script>alert(2)</script><foreignObject><body/></foreignObject>
                <linearGradient id="g"><stop offset="0"/></linearGradient><a href="javascript:alert(3)"><text>away</text></a><circle r="4" fill="url(#g)" onclick="x()"/>
                <image href="http://elsewhere/x.png"/><use href="#g"/><rect style="fill:url(http://elsewhere/x)" width="3"/></svg>"""));
        assertThat(brought.get("name").asString()).isEqualTo("seal.svg");
        String kept = app.askText(brought.get("address").asString());
        assertThat(kept)
                .contains("viewBox", "linearGradient", "url(#g)", "<use href=\"#g\"")
                .doesNotContain(
                        "script",
                        "alert",
                        "foreignObject",
                        "onload",
                        "onclick",
                        "elsewhere",
                        "passwd",
                        "DOCTYPE",
                        "away");
        assertThat(app.get("/api/wiring")
                        .body()
                        .get("shelf")
                        .valueStream()
                        .map(each -> each.get("name").asString()))
                .contains("seal.svg");
    }

    @Test
    void whatIsNotWhatItSaysIsRefusedAndTheShelfStaysAsItIs() {
        long before = app.get("/api/wiring").body().get("shelf").size();
        List<Running.Answer> refused = List.of(
                brings("Pictures", "taper.png", text("MZ not a picture at all")),
                brings("Videos", "dip.webm", text("<svg xmlns='http://www.w3.org/2000/svg'/>")),
                brings("Figures", "moth.json", text("{\"layers\":[]}")),
                brings(
                        "Figures",
                        "moth.json",
                        text(
                                "{\"layers\":[{\"ks\":{\"r\":{\"a\":0,\"k\":0,\"x\":\"var $bm_rt = time\"}}}],\"fr\":30,\"ip\":0,\"op\":60,\"w\":10,\"h\":10}")),
                brings("Nowhere", "x", text("x")),
                brings("Pictures", "x.png", new byte[7_000_000]));
        assertThat(refused).allSatisfy(each -> {
            assertThat(each.status()).isEqualTo(422);
            assertThat(each.body().at("/problems/0/message").asString()).startsWith("This file was not taken in: ");
            assertThat(each.body().at("/problems/0/remedy").asString()).contains("Nothing on the shelf was changed");
        });
        assertThat(refused.get(3).body().at("/problems/0/message").asString()).contains("expressions");
        assertThat(app.get("/api/wiring").body().get("shelf").size()).isEqualTo((int) before);
    }

    @Test
    void aVideoAndAMovingPictureAreKnownByTheirContentAndTheirLength() throws IOException {
        JsonNode video = bring("Videos", "again.mov", Files.readAllBytes(Path.of("../demo/media/Videos/dip.webm")));
        assertThat(video.get("name").asString()).isEqualTo("again.webm");
        assertThat(video.get("lengthMs").asLong()).isBetween(3_900L, 4_100L);
        assertThat(bring("Figures", "moth-two", Files.readAllBytes(Path.of("../demo/media/Figures/moth.json")))
                        .get("name")
                        .asString())
                .isEqualTo("moth-two.json");
    }

    @Test
    void aStageIsEditedByVersionRefusedByPlaceAndUndone() {
        JsonNode view = stage();
        ObjectNode changed = (ObjectNode) view.get("stage").deepCopy();
        ((ObjectNode) changed.at("/fixtures/0")).put("words", "{nobody} and {slateWish}");
        Running.Answer refused = save(view, changed);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()
                        .get("problems")
                        .valueStream()
                        .map(each -> each.get("path").asString()))
                .containsExactly("fixtures[0].words", "fixtures[0].words");
        ((ObjectNode) changed.at("/fixtures/0")).put("words", "{slateLatestGiver}");
        ((ArrayNode) changed.get("fixtures")).remove(4);
        assertThat(save(view, changed).status()).isEqualTo(200);
        assertThat(save(view, changed).status()).isEqualTo(409);
        assertThat(app.post("/api/undo", null).status()).isEqualTo(200);
        assertThat(stage().get("stage")).isEqualTo(view.get("stage"));
    }

    @Test
    void aWheelThatACueSpinsIsNeitherTakenAwayNorLost() {
        JsonNode view = stage();
        ObjectNode without = (ObjectNode) view.get("stage").deepCopy();
        ((ArrayNode) without.get("fixtures")).remove(2);
        Running.Answer refused = save(view, without);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/problems/0/message").asString()).contains("no such wheel");
        assertThat(app.post("/api/desks/wheel/fill", Map.of("about", "main/dyes", "with", Map.of()))
                        .body()
                        .get("event")
                        .asString())
                .isEqualTo("Put everything back in · Wheel of dyes");
        assertThat(app.post("/api/desks/wheel/fill", Map.of("about", "main/none", "with", Map.of()))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theChatWordsOfAWheelAreOneEditThatCanBeUndone() {
        assertThat(app.post("/api/cues/starters", Map.of("desk", "wheel", "about", "main/none"))
                        .status())
                .isEqualTo(422);
        List<String> before = app.get("/api/wiring")
                .body()
                .get("cueOrder")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
        assertThat(app.post("/api/cues/starters", Map.of("desk", "wheel", "about", "main/dyes"))
                        .status())
                .isEqualTo(200);
        JsonNode after = app.get("/api/wiring").body();
        assertThat(after.get("cueOrder").valueStream().map(JsonNode::asString))
                .containsAll(before)
                .contains("dyes");
        assertThat(after.at("/history/undo").asString()).isEqualTo("chat words of main/dyes");
        assertThat(app.post("/api/undo", null).status()).isEqualTo(200);
        assertThat(app.get("/api/wiring").body().get("cueOrder").valueStream().map(JsonNode::asString))
                .containsExactlyElementsOf(before);
    }

    @Test
    void theFeedTellsFacesLinesAndEditsToThePagesThatShowTheStage() {
        String key = key();
        try (Listening page = Listening.stage(app, key)) {
            JsonNode welcome = page.next("welcome");
            assertThat(welcome.at("/faces/follower/text").asString()).startsWith("Latest: ");
            assertThat(welcome.get("ahead")
                            .valueStream()
                            .map(each -> each.get("type").asString()))
                    .contains("video/webm", "audio/wav", "image/svg+xml");
            app.post(
                    "/api/practice/events",
                    Map.of("kind", "follow", "name", "lowtide_lou", "numbers", Map.of(), "texts", Map.of()));
            assertThat(page.next("face").at("/face/text").asString()).isEqualTo("Latest: lowtide_lou");
            app.say("tallowmoth", "<b>hello</b>");
            JsonNode line = page.next("lines");
            assertThat(line.at("/lines/0/text").asString()).isEqualTo("<b>hello</b>");
            assertThat(line.at("/lines/0/command").asBoolean()).isFalse();
            JsonNode view = stage();
            ObjectNode moved = (ObjectNode) view.get("stage").deepCopy();
            ((ObjectNode) moved.at("/fixtures/0/frame")).put("x", 99);
            save(view, moved);
            assertThat(page.next("stage").at("/stage/fixtures/0/frame/x").asInt())
                    .isEqualTo(99);
            app.post("/api/undo", null);
            assertThat(page.next("stage").at("/stage/fixtures/0/frame/x").asInt())
                    .isNotEqualTo(99);
            app.ask(
                    "DELETE",
                    "/api/cues/see-it-dipped?version="
                            + app.cue("see-it-dipped").get("version"),
                    null);
            assertThat(page.next("stage")
                            .get("ahead")
                            .valueStream()
                            .map(each -> each.get("type").asString()))
                    .doesNotContain("video/webm");
            app.post("/api/undo", null);
            assertThat(page.next("stage")
                            .get("ahead")
                            .valueStream()
                            .map(each -> each.get("type").asString()))
                    .contains("video/webm");
        }
    }

    @Test
    void linesThatFollowOneAnotherQuicklyComeTogetherAllOfThemAndInTheirOrder() {
        String key = key();
        try (Listening page = Listening.stage(app, key)) {
            page.next("welcome");
            List<String> said =
                    IntStream.range(0, 12).mapToObj(i -> "quick " + i).toList();
            said.forEach(each -> app.say("tallowmoth", each));
            List<String> heard = new ArrayList<>();
            while (heard.size() < said.size()) {
                page.next("lines")
                        .get("lines")
                        .forEach(each -> heard.add(each.get("text").asString()));
            }
            assertThat(heard).isEqualTo(said);
        }
    }
}
