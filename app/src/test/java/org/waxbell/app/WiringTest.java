package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Editing the wiring over real HTTP: what is right is saved, versioned and undone, what is wrong changes nothing. */
class WiringTest {
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

    private static Running.Answer save(JsonNode view, JsonNode cue) {
        return app.put(
                "/api/cues/" + cue.get("id").asString(),
                Map.of("version", view.get("version").asLong(), "cue", cue));
    }

    private static ObjectNode copy(String id) {
        return (ObjectNode) app.cue(id).get("cue").deepCopy();
    }

    @Test
    void anEditIsSavedHeldToItsVersionAndUndone() {
        JsonNode before = app.cue("trim-the-wick");
        ObjectNode edited = copy("trim-the-wick");
        edited.put("name", "Snip the wick");
        assertThat(save(before, edited).body().get("version").asLong())
                .isEqualTo(before.get("version").asLong() + 1);
        Running.Answer second = save(before, edited.put("name", "Cut the wick"));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.body().at("/there/name").asString()).isEqualTo("Snip the wick");
        assertThat(app.get("/api/wiring").body().at("/history/undo").asString()).isEqualTo("edit of Snip the wick");
        app.post("/api/undo", null);
        assertThat(app.cue("trim-the-wick").at("/cue/name").asString()).isEqualTo("Trim the wick");
        app.post("/api/redo", null);
        assertThat(app.cue("trim-the-wick").at("/cue/name").asString()).isEqualTo("Snip the wick");
        app.post("/api/undo", null);
    }

    @Test
    void aCueIsMadeRingsAndIsDeletedAndComesBackByUndo() {
        ObjectNode cue = copy("what-is-on-the-bench");
        cue.put("id", "scent").put("name", "Which scent");
        ((ObjectNode) cue.at("/pulls/0")).putArray("words").add("!scent");
        assertThat(app.put("/api/cues/scent", Map.of("version", 0, "cue", cue)).status())
                .isEqualTo(200);
        assertThat(app.say("wickerby", "!scent").body().get("sentence").asString())
                .isEqualTo("rang Which scent");
        assertThat(app.ask("DELETE", "/api/cues/scent?version=1", null).status())
                .isEqualTo(200);
        assertThat(app.say("wickerby", "!scent").body().get("sentence").asString())
                .startsWith("no cue has this word");
        app.post("/api/undo", null);
        assertThat(app.cue("scent").at("/cue/name").asString()).isEqualTo("Which scent");
    }

    @Test
    void whatIsWrongIsRefusedByPlaceAndWhatWasSavedStays() {
        JsonNode before = app.cue("pour-the-taper");
        ObjectNode cue = copy("pour-the-taper");
        ((ObjectNode) cue.at("/gates/1")).put("forAllMs", -3);
        ((ObjectNode) cue.at("/takes/0/score/parts/0")).put("title", "");
        Running.Answer refused = save(before, cue);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems"))
                .extracting(each -> each.get("path").asString())
                .containsExactly("gates[1].forAllMs", "takes[0].score.parts[0].title");
        assertThat(app.cue("pour-the-taper")).isEqualTo(before);
    }

    @Test
    void aDocumentThatIsNoCueIsRefusedByPlace() {
        JsonNode before = app.cue("pour-the-taper");
        ObjectNode unknown = copy("pour-the-taper");
        unknown.put("colour", "red");
        assertThat(save(before, unknown).body().at("/problems/0/message").asString())
                .contains("colour");
        ObjectNode kind = copy("pour-the-taper");
        ((ObjectNode) kind.at("/takes/0/score/parts/1")).put("kind", "firework");
        assertThat(save(before, kind).body().at("/problems/0/value").asString()).isEqualTo("firework");
        ObjectNode type = copy("pour-the-taper");
        ((ObjectNode) type.at("/takes/0/score/parts/0")).put("lengthMs", "long");
        assertThat(save(before, type).body().at("/problems/0/path").asString())
                .isEqualTo("cue.takes[0].score.parts[0].lengthMs");
        ObjectNode missing = copy("pour-the-taper");
        missing.remove("name");
        assertThat(save(before, missing).status()).isEqualTo(400);
        ObjectNode nothing = copy("pour-the-taper");
        nothing.putNull("name");
        assertThat(save(before, nothing).status()).isEqualTo(400);
        assertThat(app.cue("pour-the-taper")).isEqualTo(before);
    }

    @Test
    void aMissingArgumentIsAnsweredInChatWithTheUsageLine() {
        try (Listening chat = new Listening(app, "/ws/practice/channel")) {
            chat.next("standing");
            // The line itself comes first, its answer after it.
            assertThat(app.say("wickerby", "!dye").body().get("sentence").asString())
                    .isEqualTo("held Choose the dye · needs one of sage, sea, rose: !dye sage, sea or rose");
            assertThat(chat.next("line").at("/body/text").asString()).isEqualTo("!dye");
            assertThat(chat.next("line").at("/body/text").asString())
                    .isEqualTo("wickerby, needs one of sage, sea, rose: !dye sage, sea or rose.");
        }
        assertThat(app.say("tallowmoth", "!dye Rose").body().get("sentence").asString())
                .startsWith("rang Choose the dye");
        assertThat(app.say("brine_otter", "!dye rose").body().get("sentence").asString())
                .isEqualTo("held Choose the dye · only for the host, moderators, members of 3 months or wickerby");
    }

    @Test
    void aRackThatIsSwitchedOffHoldsItsCuesAndSaysSo() {
        JsonNode view = app.get("/api/wiring").body().at("/racks/1");
        assertThat(app.say("odalys_fenn", "!snuff").body().get("sentence").asString())
                .isEqualTo("held Snuff the candles · its rack Closing time is off");
        ObjectNode rack = ((ObjectNode) view.get("rack").deepCopy()).put("on", true);
        assertThat(app.put(
                                "/api/racks/closing-time",
                                Map.of("version", view.get("version").asLong(), "rack", rack))
                        .status())
                .isEqualTo(200);
        assertThat(app.say("odalys_fenn", "!snuff").body().get("sentence").asString())
                .startsWith("rang Snuff the candles");
        app.post("/api/hush", null);
    }
}
