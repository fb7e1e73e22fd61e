package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Everything outside fails at once: the card is shown all the same, each failure is told by itself, and nothing comes late. */
class AllFailTest {
    private static final String PLAIN = "'manner':{'ifFails':'goOn','atOnce':false,'toEnd':false}";

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

    private static void link(String id, String kind, Map<String, Object> changes) {
        Map<String, Object> settings = new HashMap<>();
        ObjectNode fresh = (ObjectNode) app.get("/api/link-kinds/" + kind).body();
        fresh.properties().forEach(each -> settings.put(each.getKey(), each.getValue()));
        settings.putAll(changes);
        Running.Answer kept = app.put(
                "/api/links/" + id, Map.of("kind", kind, "name", id, "settings", settings, "secrets", Map.of()));
        assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    }

    private static String nowhere(String scheme) {
        return scheme + "://127.0.0.1:" + Running.freePort() + (scheme.startsWith("mqtt") ? "" : "/nothing");
    }

    private static ObjectNode part(String text) {
        return (ObjectNode) Running.JSON.readTree(text.replace('\'', '"'));
    }

    private static void cue() {
        ObjectNode cue = (ObjectNode) app.cue("pour-the-taper").get("cue").deepCopy();
        cue.put("id", "all").put("name", "All at once").putArray("gates");
        cue.putArray("whenHeld");
        cue.putArray("pulls")
                .addObject()
                .put("kind", "hand")
                .put("button", "All")
                .put("key", "");
        ArrayNode was = (ArrayNode) cue.at("/takes/0/score/parts");
        ObjectNode card = was.valueStream()
                .filter(each -> each.get("kind").asString().equals("card"))
                .map(ObjectNode.class::cast)
                .findFirst()
                .orElseThrow();
        card.put("title", "All at once").put("words", "");
        ArrayNode parts = ((ObjectNode) cue.at("/takes/0/score")).putArray("parts");
        parts.add(card);
        parts.add(part("{'kind':'switch','id':'scene','start':{'kind':'at','ms':0},'target':{'kind':'scene','name':''},"
                + "'value':'kettle','lengthMs':2000,'stay':false," + PLAIN + "}"));
        parts.add(part(
                "{'kind':'switch','id':'lamp','start':{'kind':'at','ms':0},'target':{'kind':'lamp','name':'bench'},"
                        + "'value':'off','lengthMs':2000,'stay':false," + PLAIN + "}"));
        parts.add(part(
                "{'kind':'osc','id':'osc','start':{'kind':'at','ms':0},'link':'lights','address':'/x','timed':false,"
                        + "'arguments':[]," + PLAIN + "}"));
        parts.add(
                part("{'kind':'call','id':'call','start':{'kind':'at','ms':0},'link':'kiln','type':'x.y','body':'json',"
                        + "'fields':[],'reads':[],'limitMs':1000," + PLAIN + "}"));
        parts.add(part(
                "{'kind':'notice','id':'notice','start':{'kind':'at','ms':0},'words':'Here','picture':'','link':'',"
                        + PLAIN + "}"));
        Running.Answer kept = app.put(
                "/api/cues",
                Map.of("what", "all", "save", List.of(Map.of("cue", cue, "version", 0)), "delete", List.of()));
        assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    }

    private static JsonNode pressed() {
        long ring = app.post("/api/cues/all/press", null)
                .body()
                .at("/answers/0/ring")
                .asLong();
        await("it is over and was looked at")
                .atMost(RoomContract.PATIENCE)
                .until(() -> !seen(ring).isMissingNode()
                        && !seen(ring).at("/says").asString("").isEmpty());
        return seen(ring);
    }

    private static JsonNode seen(long ring) {
        return app.get("/api/journal")
                .body()
                .valueStream()
                .map(each -> each.at("/answers/0"))
                .filter(each -> each.path("ring").asLong(0) == ring)
                .map(each -> each.path("seen"))
                .findFirst()
                .orElse(Running.JSON.missingNode());
    }

    @Test
    void aCardIsShownAndEachFailureIsToldWhereEverythingOutsideIsGone() {
        link("lights", "osc", Map.of("host", "127.0.0.1", "port", Running.freePort(), "way", "tcp", "hears", 0));
        link("kiln", "web", Map.of("address", nowhere("http"), "allowed", List.of("127.0.0.1")));
        cue();
        link("mixer", "mixer", Map.of("practice", false, "address", nowhere("ws")));
        link("room", "room", Map.of("practice", false, "address", nowhere("mqtt")));
        link(
                "notice",
                "notice",
                Map.of("practice", false, "address", nowhere("http"), "allowed", List.of("127.0.0.1")));
        try (Listening page = Listening.stage(app, key())) {
            long began = app.get("/api/live").body().get("now").asLong();
            String says = pressed().toString();
            assertThat(page.next(each -> each.toString().contains("pour-the-taper")
                            || each.toString().contains("\"card\"")))
                    .isNotNull();
            assertThat(says).contains("failed");
            assertThat(app.get("/api/live").body().get("now").asLong() - began)
                    .as("nobody waits for what is gone")
                    .isLessThan(30_000);
        }
        assertThat(app.say("wickerby", "!pour").body().get("sentence").asString())
                .contains("Pour the taper");
        assertThat(app.get("/api/needs").status()).isLessThan(500);
        link("mixer", "mixer", Map.of("practice", true, "address", ""));
        await("the practice mixer is there, and nothing came late")
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/mixer")
                        .body()
                        .at("/picture/current")
                        .asString()
                        .equals("bench"));
    }

    private static String key() {
        return app.get("/api/stages/main/address")
                .body()
                .get("address")
                .asString()
                .replaceAll(".*[#&]k=([^&]+).*", "$1");
    }
}
