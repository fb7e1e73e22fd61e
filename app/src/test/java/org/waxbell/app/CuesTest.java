package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Many cues at once, their order, trying them, rings by hand, the slate and the words for viewers, over real HTTP. */
class CuesTest {
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

    private static List<String> order() {
        List<String> ids = new ArrayList<>();
        app.get("/api/wiring")
                .body()
                .get("cues")
                .forEach(each -> ids.add(each.at("/cue/id").asString()));
        return ids;
    }

    private static ObjectNode off(String id) {
        ObjectNode cue = (ObjectNode) app.cue(id).get("cue");
        return cue.put("on", false);
    }

    private static Map<String, Object> save(String id, long version) {
        return Map.of("version", version, "cue", off(id));
    }

    /** What sets the cue off by its first pull. */
    private static JsonNode sample() {
        return app.post("/api/cues/look", app.cue(POUR).get("cue")).body().at("/events/0/event");
    }

    @Test
    void severalCuesAreSavedInOneStepThatOneUndoTakesBack() {
        List<String> ids = order().subList(0, 2);
        long first = app.cue(ids.get(0)).get("version").asLong();
        long second = app.cue(ids.get(1)).get("version").asLong();
        Running.Answer saved = app.put(
                "/api/cues",
                Map.of(
                        "what",
                        "2 cues changed",
                        "save",
                        List.of(save(ids.get(0), first)),
                        "delete",
                        List.of(Map.of("id", ids.get(1), "version", second))));
        assertThat(saved.status()).isEqualTo(200);
        assertThat(app.cue(ids.get(0)).at("/cue/on").asBoolean()).isFalse();
        assertThat(order()).doesNotContain(ids.get(1));
        assertThat(app.get("/api/wiring").body().at("/history/undo").asString()).isEqualTo("2 cues changed");
        app.post("/api/undo", null);
        assertThat(app.cue(ids.get(0)).at("/cue/on").asBoolean()).isTrue();
        assertThat(order()).startsWith(ids.get(0), ids.get(1));
    }

    @Test
    void whoHasReadBeforeIsToldOnlyOfCuesThatChanged() {
        List<String> ids = order();
        long before = app.get("/api/wiring").body().get("revision").asLong();
        String edited = ids.get(1);
        String gone = ids.get(2);
        app.put(
                "/api/cues",
                Map.of(
                        "what",
                        "one off, one away",
                        "save",
                        List.of(save(edited, app.cue(edited).get("version").asLong())),
                        "delete",
                        List.of(Map.of(
                                "id",
                                gone,
                                "version",
                                app.cue(gone).get("version").asLong()))));
        JsonNode since = app.get("/api/wiring?since=" + before).body();
        assertThat(since.get("cues"))
                .extracting(each -> each.at("/cue/id").asString())
                .containsExactly(edited);
        assertThat(since.get("cueOrder"))
                .extracting(JsonNode::asString)
                .containsExactlyElementsOf(
                        ids.stream().filter(each -> !each.equals(gone)).toList());
        JsonNode now =
                app.get("/api/wiring?since=" + since.get("revision").asLong()).body();
        assertThat(now.get("cues")).isEmpty();
        app.post("/api/undo", null);
        JsonNode undone =
                app.get("/api/wiring?since=" + now.get("revision").asLong()).body();
        assertThat(undone.get("cues"))
                .extracting(each -> each.at("/cue/id").asString())
                .containsExactly(edited, gone);
        assertThat(undone.get("cueOrder")).extracting(JsonNode::asString).containsExactlyElementsOf(ids);
        assertThat(app.get("/api/wiring?since=" + (before - 1_000)).body().get("cues"))
                .hasSize(ids.size());
    }

    @Test
    void oneThatSomebodyChangedMeanwhileStopsAllAndNothingIsChanged() {
        String id = order().get(0);
        JsonNode before = app.cue(id);
        Running.Answer refused = app.put(
                "/api/cues",
                Map.of(
                        "what",
                        "x",
                        "save",
                        List.of(save(id, before.get("version").asLong() + 7)),
                        "delete",
                        List.of()));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(app.put("/api/cues", Map.of("what", "x", "save", List.of(), "delete", List.of()))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .isEqualTo("No cue is chosen.");
        assertThat(app.cue(id)).isEqualTo(before);
    }

    @Test
    void cuesAreMovedInTheirListAndIntoAnotherRackWithoutDisturbingWhoEditsTheOthers() {
        List<String> before = order();
        String last = before.get(before.size() - 1);
        long version = app.cue(before.get(0)).get("version").asLong();
        String rack = app.cue(before.get(0)).at("/cue/rack").asString();
        assertThat(app.post("/api/cues/arrange", Map.of("cues", List.of(last), "rack", rack, "before", before.get(0)))
                        .status())
                .isEqualTo(200);
        assertThat(order()).startsWith(last, before.get(0));
        assertThat(app.cue(last).at("/cue/rack").asString()).isEqualTo(rack);
        assertThat(app.cue(before.get(0)).get("version").asLong()).isEqualTo(version);
        app.post("/api/undo", null);
        assertThat(order()).isEqualTo(before);
        assertThat(app.post("/api/cues/arrange", Map.of("cues", List.of("no-such"), "rack", rack, "before", ""))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .isEqualTo("There is no such cue.");
        assertThat(app.post(
                                "/api/racks/arrange",
                                Map.of(
                                        "rack",
                                        app.get("/api/wiring")
                                                .body()
                                                .at("/racks/1/rack/id")
                                                .asString(),
                                        "before",
                                        rack))
                        .status())
                .isEqualTo(200);
        assertThat(app.get("/api/wiring").body().at("/racks/1/rack/id").asString())
                .isEqualTo(rack);
        app.post("/api/undo", null);
    }

    @Test
    void aDraftIsTriedWithNothingSentAndTellsWhatAStageWouldShow() {
        ObjectNode cue = (ObjectNode) app.cue(POUR).get("cue").deepCopy();
        long decided = app.get("/api/live").body().at("/decisions").size();
        JsonNode tried = app.post("/api/tryouts", Map.of("cue", cue, "event", sample(), "past", true, "take", 0))
                .body();
        assertThat(tried.at("/decision/answers/0/held").asBoolean()).isFalse();
        assertThat(tried.at("/parts/0/from").asLong()).isZero();
        assertThat(tried.at("/stages/0/part/card/title").asString()).isEqualTo("wickerby");
        assertThat(tried.at("/stages/0/part/at").asLong()).isZero();
        assertThat(app.get("/api/live").body().at("/decisions").size()).isEqualTo(decided);
        cue.put("name", "");
        assertThat(app.post("/api/tryouts", Map.of("cue", cue, "event", sample(), "past", true, "take", 0))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aCueIsRungForRealStoppedAndPlayedAgain() {
        JsonNode rang = app.post("/api/cues/" + POUR + "/try", Map.of("event", sample(), "past", true))
                .body();
        long ring = rang.at("/answers/0/ring").asLong();
        assertThat(rang.get("event").asString()).startsWith("tried: ");
        assertThat(app.post("/api/rings/" + ring + "/stop", null)
                        .body()
                        .get("sentence")
                        .asString())
                .endsWith(" by hand");
        await().untilAsserted(() -> assertThat(
                        app.get("/api/rings/" + ring).body().get("state").asString())
                .isIn("ended", "dropped"));
        JsonNode again = app.post("/api/rings/" + ring + "/again", null).body();
        assertThat(again.at("/answers/0/cueId").asString()).isEqualTo(POUR);
        assertThat(again.at("/answers/0/ring").asLong()).isGreaterThan(ring);
        app.post("/api/hush", null);
        assertThat(app.get("/api/rings/999999").body().at("/problems/0/message").asString())
                .isEqualTo("There is no such ring, or it is too long ago.");
        assertThat(app.post("/api/cues/nothing/try", Map.of("event", sample(), "past", true))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void whatAPersonWritesOnTheSlateStandsThereAfterARestart() throws IOException {
        String id = app.get("/api/slate").body().at("/0/value").asString();
        assertThat(app.put("/api/slate/" + id, Map.of("person", "", "text", "many"))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("text");
        assertThat(app.put("/api/slate/" + id, Map.of("person", "", "text", "7"))
                        .body()
                        .get("sentence")
                        .asString())
                .isEqualTo("noted");
        app.restart();
        assertThat(app.get("/api/slate").body().at("/0/text").asString()).isEqualTo("7");
        assertThat(app.put("/api/slate/nothing", Map.of("person", "", "text", "7"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theWordsForViewersAreAPageAndAFileAndNeverMarkup() {
        ObjectNode cue = (ObjectNode) app.cue(POUR).get("cue").deepCopy();
        cue.put("description", "<script>alert(1)</script> & more");
        assertThat(app.put(
                                "/api/cues/" + POUR,
                                Map.of("version", app.cue(POUR).get("version").asLong(), "cue", cue))
                        .status())
                .isEqualTo(200);
        String page = app.askText("/words");
        assertThat(page)
                .contains("<code>!pour</code>", "&lt;script&gt;alert(1)&lt;/script&gt; &amp; more", "rests 14 s")
                .doesNotContain("alert(1)</script> ");
        String file = app.askText("/api/words/file");
        assertThat(file).contains("<style>", "getElementById('find')").doesNotContain("src=", "href=");
        assertThat(app.get("/api/words").body().size()).isGreaterThan(2);
        app.post("/api/undo", null);
    }
}
