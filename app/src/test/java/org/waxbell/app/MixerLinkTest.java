package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.outside.CutProxy;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The link to a mixer, from one program to the practice mixer of another, through a wire that can be cut. */
class MixerLinkTest {
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    @TempDir
    static Path data;

    private static Running far;
    private static Running app;
    private static CutProxy wire;

    @BeforeAll
    static void start() {
        far = Running.demo(data.resolve("far"));
        app = Running.demo(data.resolve("near"));
        wire = new CutProxy(Integer.parseInt(far.host().replaceAll(".*:", "")));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        wire.close();
        far.close();
    }

    private static void link(String address, String password) {
        assertThat(app.put(
                                "/api/links/mixer",
                                Map.of(
                                        "kind",
                                        "mixer",
                                        "name",
                                        "The mixer",
                                        "settings",
                                        Map.of("practice", false, "address", address),
                                        "secrets",
                                        Map.of("password", password)))
                        .status())
                .isEqualTo(200);
    }

    private static String password() {
        return far.get("/api/practice/mixer/door").body().get("password").asString();
    }

    private static String address() {
        return "ws://127.0.0.1:" + wire.port() + "/ws/mixer-link";
    }

    @BeforeEach
    void linked() {
        wire.mend();
        link(address(), password());
        awaitPhase("up");
        app.post("/api/hush", null);
        far.cut("bench");
        awaitScene("bench");
    }

    private static JsonNode state() {
        return app.get("/api/links")
                .body()
                .valueStream()
                .filter(each -> each.get("id").asString().equals("mixer"))
                .findFirst()
                .orElseThrow()
                .get("state");
    }

    private static void awaitPhase(String phase) {
        await().atMost(PATIENCE)
                .untilAsserted(() -> assertThat(state().get("phase").asString())
                        .as(state().toString())
                        .isEqualTo(phase));
    }

    private static void awaitScene(String scene) {
        await().atMost(PATIENCE)
                .until(() -> app.get("/api/mixer")
                        .body()
                        .at("/picture/current")
                        .asString()
                        .equals(scene));
    }

    private static JsonNode there() {
        return far.get("/api/practice/mixer").body();
    }

    private static JsonNode source(String id) {
        return there().get("sources")
                .valueStream()
                .filter(each -> each.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static boolean shown(String scene, String source) {
        return there().get("scenes")
                .valueStream()
                .filter(each -> each.get("id").asString().equals(scene))
                .flatMap(each -> each.get("items").valueStream())
                .filter(item -> item.get("source").asString().equals(source))
                .allMatch(item -> item.get("shown").asBoolean());
    }

    /** Makes a cue of one part that switches something, with a button. */
    private static String switching(String id, String kind, String name, String value, int lengthMs, boolean stay) {
        ObjectNode cue = (ObjectNode) app.cue("kettle-on").get("cue").deepCopy();
        cue.put("id", id).put("name", id);
        cue.putArray("pulls").addObject().put("kind", "hand").put("button", id).put("key", "");
        cue.putArray("gates");
        ObjectNode part = (ObjectNode) cue.at("/takes/0/score/parts/0");
        part.put("value", value).put("lengthMs", lengthMs).put("stay", stay);
        ((ObjectNode) part.get("target")).put("kind", kind).put("name", name);
        Running.Answer saved = app.put("/api/cues/" + id, Map.of("version", 0, "cue", cue));
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
        return id;
    }

    private static long press(String id) {
        return app.post("/api/cues/" + id + "/press", null)
                .body()
                .at("/answers/0/ring")
                .asLong();
    }

    @Test
    void everythingThatAMixerCanDoIsDoneAndPutBack() {
        List<String> cues = List.of(
                switching("words", "text", "tonight", "{slatePours} pours", 60_000, false),
                switching("show", "source", "bench/tonight", "shown", 60_000, false),
                switching("place", "place", "crest", "10,20,30,40", 60_000, false),
                switching("level", "level", "hum", "75", 60_000, false),
                switching("mute", "mute", "hum", "open", 60_000, false),
                switching("filter", "filter", "bench-camera/warm", "on", 60_000, false),
                switching("stream", "stream", "", "on", 60_000, false),
                switching("recording", "recording", "", "on", 60_000, false));
        cues.forEach(MixerLinkTest::press);
        await().atMost(PATIENCE).untilAsserted(() -> {
            assertThat(source("tonight").get("text").asString()).endsWith(" pours");
            assertThat(shown("bench", "tonight")).isTrue();
            assertThat(shown("kettle", "tonight"))
                    .as("only in the scene that was named")
                    .isFalse();
            assertThat(there().toString()).contains("\"left\":10,\"top\":20,\"width\":30,\"height\":40");
            assertThat(source("hum").get("level").asInt()).isEqualTo(75);
            assertThat(source("hum").get("muted").asBoolean()).isFalse();
            assertThat(source("bench-camera").at("/filters/0/on").asBoolean()).isTrue();
            assertThat(there().get("streaming").asBoolean()).isTrue();
            assertThat(there().get("recording").asBoolean()).isTrue();
        });
        await().atMost(PATIENCE)
                .until(() -> app.get("/api/live").body().at("/evening/onAir").asBoolean());
        app.post("/api/hush", null);
        await().atMost(PATIENCE).untilAsserted(() -> {
            assertThat(shown("bench", "tonight")).isFalse();
            assertThat(source("hum").get("level").asInt()).isEqualTo(30);
            assertThat(source("hum").get("muted").asBoolean()).isTrue();
            assertThat(source("bench-camera").at("/filters/0/on").asBoolean()).isFalse();
            assertThat(source("tonight").get("text").asString()).isEqualTo("Tonight: tall tapers");
            assertThat(there().get("streaming").asBoolean()).isFalse();
            assertThat(there().get("recording").asBoolean()).isFalse();
        });
        await().atMost(PATIENCE)
                .until(() -> !app.get("/api/live").body().at("/evening/onAir").asBoolean());
    }

    @Test
    void whatAPersonDoesAtTheMixerIsHeardByCues() {
        ObjectNode cue = (ObjectNode) app.cue("what-is-on-the-bench").get("cue").deepCopy();
        cue.put("id", "on-away").put("name", "On away").putArray("gates");
        cue.putArray("whenHeld");
        cue.putArray("pulls")
                .addObject()
                .put("kind", "scene")
                .putArray("scenes")
                .add("away");
        ((ObjectNode) cue.at("/takes/0/score/parts/0")).put("words", "Back in a moment.");
        Running.Answer saved = app.put("/api/cues/on-away", Map.of("version", 0, "cue", cue));
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
        far.cut("away");
        await().atMost(PATIENCE)
                .until(() -> app.get("/api/journal")
                        .body()
                        .valueStream()
                        .anyMatch(each -> each.get("sentence").asString().equals("rang On away")));
    }

    @Test
    void whatWasToBePutBackDuringABreakIsPutBackAfterIt() {
        press(switching("kettle-for-long", "scene", "", "kettle", 60_000, false));
        awaitScene("kettle");
        wire.cut();
        awaitPhase("broken");
        app.post("/api/hush", null);
        assertThat(there().get("current").asString()).isEqualTo("kettle");
        wire.mend();
        awaitScene("bench");
        assertThat(there().get("current").asString()).isEqualTo("bench");
    }

    @Test
    void aPersonsChangeDuringABreakIsLeftAlone() {
        press(switching("kettle-again", "scene", "", "kettle", 60_000, false));
        awaitScene("kettle");
        wire.cut();
        awaitPhase("broken");
        far.cut("away");
        app.post("/api/hush", null);
        wire.mend();
        awaitScene("away");
        assertThat(app.post("/api/links/mixer/test", null).body().get("good").asBoolean())
                .isTrue();
        assertThat(there().get("current").asString()).isEqualTo("away");
    }

    @Test
    void whatBeginsDuringABreakFailsAtOnceAndIsNotDoneLate() {
        String cue = switching("too-late", "scene", "", "kettle", 0, true);
        wire.cut();
        awaitPhase("broken");
        long ring = press(cue);
        await().atMost(PATIENCE).untilAsserted(() -> {
            JsonNode seen = app.get("/api/journal")
                    .body()
                    .valueStream()
                    .filter(each -> each.at("/answers/0/ring").asLong() == ring)
                    .findFirst()
                    .orElseThrow()
                    .at("/answers/0/seen/says");
            assertThat(seen.asString()).startsWith("rang, but ").contains("failed: the mixer is ");
        });
        wire.mend();
        awaitPhase("up");
        assertThat(app.post("/api/links/mixer/test", null).body().get("good").asBoolean())
                .isTrue();
        assertThat(there().get("current").asString()).isEqualTo("bench");
    }

    @Test
    void aMixerThatFallsSilentIsNoticed() {
        wire.swallow();
        awaitPhase("broken");
        wire.cut();
    }

    @Test
    void eachWayInWhichALinkCannotComeUpIsToldWithItsRemedy() {
        link(address(), "not the password");
        awaitPhase("broken");
        assertThat(state().at("/trouble/says").asString()).isEqualTo("The mixer did not accept the password.");
        assertThat(state().get("nextTry").asLong())
                .as("nothing is gained by trying it again")
                .isZero();
        link("ws://127.0.0.1:" + Running.freePort() + "/link", "x");
        awaitPhase("broken");
        assertThat(state().at("/trouble/says").asString()).startsWith("Nothing answers at 127.0.0.1:");
        link("ws://127.0.0.1:" + wire.port() + "/api/live", "x");
        awaitPhase("broken");
        assertThat(state().at("/trouble/says").asString()).contains("is no mixer");
        link("ws://no-such-computer.invalid:4466/link", "x");
        awaitPhase("broken");
        assertThat(state().at("/trouble/says").asString()).isNotEmpty();
        assertThat(app.put(
                                "/api/links/mixer",
                                Map.of(
                                        "kind",
                                        "mixer",
                                        "name",
                                        "",
                                        "settings",
                                        Map.of("practice", false, "address", "http://x"),
                                        "secrets",
                                        Map.of()))
                        .body()
                        .get("problems"))
                .extracting(each -> each.get("path").asString())
                .containsExactly("name", "settings.address");
    }

    @Test
    void aStageIsPlacedFoundAgainAndGivenItsNewAddress() {
        assertThat(app.get("/api/stages/main/placing").body().at("/scenes"))
                .as("that mixer shows the stage of its own program")
                .isEmpty();
        assertThat(app.post("/api/stages/main/place", Map.of("scene", "away"))
                        .body()
                        .at("/scenes/0")
                        .asString())
                .isEqualTo("Back soon");
        app.post("/api/stages/main/place", Map.of("scene", "kettle"));
        assertThat(there().get("sources")
                        .valueStream()
                        .filter(each -> each.get("name").asString().equals("Stage Main")
                                && each.get("address").asString().contains(app.host())))
                .as("one source stands in both scenes")
                .hasSize(1);
        assertThat(app.post("/api/stages/main/address", null)
                        .body()
                        .get("replaced")
                        .asInt())
                .isEqualTo(1);
        String now = app.get("/api/stages/main/address").body().get("address").asString();
        assertThat(there().get("sources")
                        .valueStream()
                        .map(each -> each.get("address").asString()))
                .contains(now);
        assertThat(app.get("/api/stages/main/placing").body().get("scenes")).hasSize(2);
        assertThat(app.post("/api/stages/main/place", Map.of("scene", "cellar"))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("scene");
    }
}
