package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Evenings are rehearsed: a recorded one goes just as it went, others are made up, brought and compared. */
class RehearseTest {
    private static final Map<String, Object> NOBODY = Map.of("seed", 1, "crowd", 1, "perMinute", 1, "minutes", 1);

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

    private static Running.Answer start(String script, Map<String, Object> madeUp, String wiring, String against) {
        return app.post(
                "/api/rehearsals", Map.of("script", script, "madeUp", madeUp, "wiring", wiring, "against", against));
    }

    private static JsonNode report(String script, Map<String, Object> madeUp, String wiring, String against) {
        Running.Answer started = start(script, madeUp, wiring, against);
        assertThat(started.status()).as(started.body().toString()).isEqualTo(200);
        long id = started.body().get("id").asLong();
        await().atMost(Duration.ofSeconds(60))
                .until(() -> !app.get("/api/rehearsals/" + id)
                        .body()
                        .get("going")
                        .asString()
                        .equals("running"));
        assertThat(app.get("/api/rehearsals/" + id).body().get("going").asString())
                .isEqualTo("done");
        return ((ObjectNode) app.get("/api/rehearsals/" + id + "/report").body()).put("id", id);
    }

    private static Map<String, Object> madeUp(int perMinute, int minutes) {
        Map<String, Object> made = new HashMap<>(NOBODY);
        made.putAll(Map.of("crowd", 40, "perMinute", perMinute, "minutes", minutes));
        return made;
    }

    private static Running.Answer bring(String name, byte[] bytes) {
        return app.askBytes("POST", "/api/scripts?name=" + name, bytes, "Content-Type", "application/octet-stream");
    }

    @Test
    void aRecordedShowIsRehearsedJustAsItWentAndAgainWithWhatWasEditedSince() {
        app.post("/api/show", Map.of("open", true));
        List<String> lines = List.of("!pour", "!keep", "good evening", "!pour", "!dye rose", "!tonight", "!bell");
        lines.forEach(line -> app.say("tallowmoth", line));
        JsonNode view = app.cue("pour-the-taper");
        ObjectNode edited = (ObjectNode) view.get("cue").deepCopy();
        ((ObjectNode) edited.at("/gates/1")).put("forAllMs", 0);
        app.put("/api/cues/pour-the-taper", Map.of("version", view.get("version"), "cue", edited));
        app.say("wickerby", "!pour");
        app.post("/api/hush", null);
        app.post("/api/show", Map.of("open", false));
        List<String> live = app.get("/api/journal")
                .body()
                .valueStream()
                .map(each -> each.get("sentence").asString())
                .toList();
        JsonNode script = app.get("/api/scripts").body().get(0);
        assertThat(script.get("origin").asString()).isEqualTo("recorded");
        assertThat(script.get("open").asBoolean()).isFalse();
        JsonNode again = report(script.get("id").asString(), NOBODY, "asItWas", "now");
        JsonNode rings = again.at("/evening/rings");
        assertThat(rings.size()).isGreaterThanOrEqualTo(5);
        for (JsonNode ring : rings) {
            JsonNode why = app.get("/api/rehearsals/" + again.get("id") + "/decisions/" + ring.get("decision"))
                    .body();
            assertThat(live)
                    .as("what was decided live")
                    .contains(why.get("sentence").asString());
        }
        long held = again.at("/evening/held")
                .valueStream()
                .filter(mark -> mark.get("cueId").asString().equals("pour-the-taper"))
                .count();
        assertThat(held).as("!pour was held once before it was edited").isEqualTo(1);
        assertThat(again.at("/differs/differences")
                        .valueStream()
                        .map(each -> each.get("name").asString()))
                .contains("Pour the taper");
        assertThat(again.at("/against/held")
                        .valueStream()
                        .filter(mark -> mark.get("cueId").asString().equals("pour-the-taper")))
                .isEmpty();
        app.post("/api/undo", null);
    }

    @Test
    void anEveningIsMadeUpKeptCarriedOutAndBroughtBack() {
        Running.Answer kept = app.post("/api/scripts/made-up", Map.of("name", "Busy Friday", "madeUp", madeUp(30, 20)));
        assertThat(kept.body().get("id").asString()).isEqualTo("file-Busy Friday");
        JsonNode report = report("file-Busy Friday", NOBODY, "now", "");
        assertThat(report.get("steps").asInt()).isEqualTo(603);
        assertThat(report.get("lines").valueStream().mapToInt(JsonNode::asInt).sum())
                .isBetween(560, 600);
        assertThat(report.at("/evening/rings").size()).isPositive();
        assertThat(report.at("/evening/places/0/busyMs").asLong()).isPositive();
        assertThat(bring("Busy%20Friday", "{}".getBytes(StandardCharsets.UTF_8)).status())
                .isEqualTo(422);
        String text = app.askText("/api/scripts/file-Busy%20Friday");
        assertThat(bring("Again", text.getBytes(StandardCharsets.UTF_8)).status())
                .isEqualTo(200);
        assertThat(app.askText("/api/scripts/file-Again")).isEqualTo(text);
        assertThat(app.ask("DELETE", "/api/scripts/file-Again", null)
                        .body()
                        .valueStream()
                        .map(each -> each.get("name").asString()))
                .contains("Busy Friday")
                .doesNotContain("Again");
    }

    @Test
    void theSampleEveningShowsBusyPlacesAndComparesWithTheWiringBeforeAnEdit() {
        JsonNode view = app.cue("pour-the-taper");
        ObjectNode edited = (ObjectNode) view.get("cue").deepCopy();
        edited.put("on", false);
        app.put("/api/cues/pour-the-taper", Map.of("version", view.get("version"), "cue", edited));
        long step = app.get("/api/changes").body().at("/0/step").asLong();
        JsonNode report = report("sample", NOBODY, "now", "before-" + step);
        assertThat(report.at("/differs/differences/0/name").asString()).isEqualTo("Pour the taper");
        assertThat(report.at("/differs/differences/0/rangAfter").asInt()).isZero();
        assertThat(report.at("/differs/differences/0/rangBefore").asInt()).isGreaterThan(5);
        app.post("/api/undo", null);
    }

    @Test
    void aLogOfIrcIsAScriptAndWhatIsNoneIsRefusedByLine() {
        assertThat(bring(
                                "Old%20log",
                                "[20:14:03] <wickerby> !pour\n[20:14:09] <@captain_sedge> good evening\n"
                                        .getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(200);
        assertThat(report("file-Old log", NOBODY, "now", "")
                        .at("/evening/rings/0/cueName")
                        .asString())
                .isEqualTo("Pour the taper");
        Running.Answer latin = bring(
                "Latin",
                "[20:14:03] <wickerby> hello\n[20:14:09] <wickerby> caf\u00e9\n".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(latin.status()).isEqualTo(422);
        assertThat(latin.body().at("/problems/0/path").asString()).isEqualTo("line 2");
        assertThat(latin.body().at("/problems/0/remedy").asString()).contains("UTF-8");
        assertThat(bring("Utf16", "[20:14:03] <wickerby> hello".getBytes(StandardCharsets.UTF_16))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .contains("UTF-16");
        assertThat(bring("Nothing", "no lines here".getBytes(StandardCharsets.UTF_8))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .contains("nothing in it");
        String step = "{\"kind\":\"hush\",\"at\":%d}\n";
        assertThat(bring("Back", (String.format(step, 500) + String.format(step, 400)).getBytes(StandardCharsets.UTF_8))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("line 2: at");
        Running.Answer unknown = bring(
                "Unknown",
                "\n{\"kind\":\"happens\",\"at\":0,\"event\":{\"kind\":\"show\",\"open\":true,\"loud\":1}}"
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(unknown.body().at("/problems/0/path").asString()).isEqualTo("line 2: event.loud");
        assertThat(bring("..%2Fout", String.format(step, 1).getBytes(StandardCharsets.UTF_8))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("name");
        assertThat(app.get("/api/scripts")
                        .body()
                        .valueStream()
                        .map(each -> each.get("name").asString()))
                .doesNotContain("Latin", "Back", "Unknown", "Nothing");
    }

    @Test
    void whatIsNotThereOrTooMuchIsRefused() {
        assertThat(start("file-none", NOBODY, "now", "")
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("script");
        assertThat(start("sample", NOBODY, "asItWas", "")
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .contains("was not recorded");
        assertThat(start("sample", NOBODY, "before-99999", "")
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("wiring");
        assertThat(start("", madeUp(2_000, 720), "now", "")
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("perMinute");
        assertThat(app.get("/api/rehearsals/999").status()).isEqualTo(422);
    }

    @Test
    void aLongOneCanBeCancelledAndTellsWhatWasPlayed() {
        long id = start("", madeUp(1_000, 200), "now", "now").body().get("id").asLong();
        app.ask("DELETE", "/api/rehearsals/" + id, null);
        await().atMost(Duration.ofSeconds(60))
                .until(() -> !app.get("/api/rehearsals/" + id)
                        .body()
                        .get("going")
                        .asString()
                        .equals("running"));
        assertThat(app.get("/api/rehearsals/" + id).body().get("going").asString())
                .isEqualTo("cancelled");
        assertThat(app.get("/api/rehearsals/" + id + "/report")
                        .body()
                        .get("steps")
                        .asInt())
                .isLessThan(200_000);
    }
}
