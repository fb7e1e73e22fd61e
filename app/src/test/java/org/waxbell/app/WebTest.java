package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.standardwebhooks.Webhook;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Calls to the web and from it, and notices. */
class WebTest {
    @TempDir
    static Path data;

    private static Running app;
    private static HttpServer kiln;
    private static final List<String> CAME = new CopyOnWriteArrayList<>();

    @BeforeAll
    static void start() throws IOException {
        kiln = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        kiln.createContext("/", exchange -> {
            CAME.add(new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
            byte[] body = "{\"data\":{\"heat\":980,\"says\":\"<b>hot</b>\"}}".getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
        });
        kiln.start();
        app = Running.demo(data);
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        kiln.stop(0);
    }

    private static Running.Answer link(List<String> allowed) {
        return app.put(
                "/api/links/kiln",
                Map.of(
                        "kind",
                        "web",
                        "name",
                        "Kiln",
                        "settings",
                        Map.of(
                                "address",
                                "http://127.0.0.1:" + kiln.getAddress().getPort() + "/hook/secret",
                                "allowed",
                                allowed),
                        "secrets",
                        Map.of("signing", "whsec_MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw")));
    }

    /** Has a cue with these pulls and parts. */
    private static void cue(String id, JsonNode pulls, JsonNode parts) {
        ObjectNode cue =
                (ObjectNode) app.cue("a-clip-lights-the-bench").get("cue").deepCopy();
        cue.put("id", id).put("name", id);
        cue.set("pulls", pulls);
        cue.putArray("gates");
        ((ObjectNode) cue.at("/takes/0/score")).set("parts", parts);
        Running.Answer kept = app.put(
                "/api/cues",
                Map.of("what", "the web", "save", List.of(Map.of("cue", cue, "version", 0)), "delete", List.of()));
        assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    }

    private static JsonNode json(String text) {
        return Running.JSON.readTree(text.replace('\'', '"'));
    }

    private static final String PLAIN = "'manner':{'ifFails':'goOn','atOnce':false,'toEnd':false}";

    private static JsonNode calling() {
        return json(
                "[{'kind':'call','id':'call','start':{'kind':'at','ms':0},'link':'kiln','type':'taper.poured','body':'json',"
                        + "'fields':[{'name':'who','words':'{viewer}'}],'reads':['heat /data/heat','says /data/says'],"
                        + "'limitMs':4000," + PLAIN + "},"
                        + "{'kind':'reply','id':'say','start':{'kind':'after','part':'call','gapMs':0},'words':'{callHeat} degrees, {callSays}',"
                        + PLAIN + "}]");
    }

    private static String said(String text) {
        await("said: " + text)
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/journal").body().toString().contains(text)
                        || app.get("/api/live").body().toString().contains(text));
        return text;
    }

    @Test
    void aCallIsMadeWithWordsAndItsAnswerIsReadIntoLaterWords() {
        assertThat(link(List.of("127.0.0.1")).status()).isEqualTo(200);
        cue("calls", json("[{'kind':'chatWord','words':['!kiln'],'general':false,'argument':''}]"), calling());
        app.say("wickerby", "!kiln");
        await("the kiln is called").atMost(RoomContract.PATIENCE).until(() -> !CAME.isEmpty());
        JsonNode body = Running.JSON.readTree(CAME.get(CAME.size() - 1));
        assertThat(body.at("/type").asString()).isEqualTo("taper.poured");
        assertThat(body.at("/data/who").asString()).isEqualTo("wickerby");
        assertThat(body.at("/timestamp").asString()).endsWith("Z");
        said("980 degrees, <b>hot</b>");
    }

    @Test
    void theOwnNetworkIsNotCalledUnlessItIsListedAndThePartSaysSo() {
        assertThat(link(List.of()).status()).isEqualTo(200);
        cue("forbidden", json("[{'kind':'chatWord','words':['!inner'],'general':false,'argument':''}]"), calling());
        app.say("brine_otter", "!inner");
        said("leads into your own network");
        assertThat(app.get("/api/links").body().toString())
                .as("what stands behind the computer may be a secret")
                .doesNotContain("/hook/secret");
    }

    @Test
    void aLinkThatIsRemovedIsCalledNoMore() {
        assertThat(link(List.of("127.0.0.1")).status()).isEqualTo(200);
        cue("removed", json("[{'kind':'chatWord','words':['!gone'],'general':false,'argument':''}]"), calling());
        assertThat(app.ask("DELETE", "/api/links/kiln", null).status()).isLessThan(300);
        app.say("marshlight_ines", "!gone");
        said("no link is set up to the address kiln");
    }

    private static Running.Answer call(JsonNode hook, String body, String id, long seconds) throws Exception {
        String signature = hook.get("secret").asString().isEmpty()
                ? "v1,none"
                : new Webhook(hook.get("secret").asString()).sign(id, seconds, body);
        return app.ask(
                "POST",
                hook.get("address").asString(),
                body,
                "Content-Type",
                "application/json",
                "webhook-id",
                id,
                "webhook-timestamp",
                Long.toString(seconds),
                "webhook-signature",
                signature);
    }

    private static final String REPLY =
            "[{'kind':'reply','id':'say','start':{'kind':'at','ms':0},'words':'heat %s',%s}]";

    @Test
    void aSignedCallRingsACueWithItsFieldsAndTheSameOneOrAnOldOneDoesNot() throws Exception {
        cue(
                "signed",
                json("[{'kind':'webCall','hook':'signed','signed':true,'reads':['heat /data/heat']}]"),
                json(String.format(REPLY, "{hookHeat}", PLAIN)));
        JsonNode hook = app.get("/api/hooks/signed/address").body();
        long now = Instant.now().getEpochSecond();
        assertThat(call(hook, "{\"data\":{\"heat\":711}}", "msg_a", now).status())
                .isEqualTo(202);
        said("heat 711");
        assertThat(call(hook, "{\"data\":{\"heat\":711}}", "msg_a", now).status())
                .isEqualTo(401);
        said("a call of signed was refused: it came before");
        assertThat(call(hook, "{\"data\":{\"heat\":1}}", "msg_b", now - 3_600).status())
                .isEqualTo(401);
        said("it was signed 60 min ago");
        assertThat(app.ask("POST", hook.get("address").asString(), "{}").status())
                .isEqualTo(401);
        said("a call of signed was refused: it is not signed");
        ObjectNode other = (ObjectNode) hook.deepCopy();
        assertThat(call(other.put("secret", "whsec_MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw"), "{}", "msg_c", now)
                        .status())
                .isEqualTo(401);
    }

    @Test
    void callsOfOneAddressAreBoundedAndSoIsTheirBody() throws Exception {
        cue(
                "flood",
                json("[{'kind':'webCall','hook':'flood','signed':false,'reads':[]}]"),
                json(String.format(REPLY, "{hookText}", PLAIN)));
        JsonNode hook = app.get("/api/hooks/flood/address").body();
        assertThat(app.ask("POST", hook.get("address").asString(), "x".repeat(100_000), "Content-Type", "text/plain")
                        .status())
                .isEqualTo(413);
        assertThat(app.ask("POST", hook.get("address").asString(), "x".repeat(10_000_000), "Content-Type", "text/plain")
                        .status())
                .isEqualTo(413);
        int turned = 0;
        for (int i = 0; i < 300; i++) {
            turned += app.ask("POST", hook.get("address").asString(), "1").status() == 429 ? 1 : 0;
        }
        assertThat(turned).isPositive();
        JsonNode before = hook;
        JsonNode after = app.post("/api/links/hooks/flood/renew", null).body();
        assertThat(app.ask("POST", before.get("address").asString(), "1").status())
                .isEqualTo(404);
        assertThat(after.get("address").asString())
                .isNotEqualTo(before.get("address").asString());
    }

    @Test
    void aNoticeIsPutUpInTwoLinesWithItsAddress() {
        cue(
                "tells",
                json("[{'kind':'hand','button':'Tell them','key':''}]"),
                json(
                        "[{'kind':'notice','id':'notice','start':{'kind':'at','ms':0},'words':'A clip is kept.\\n<i>Look</i>','picture':'','link':'http://127.0.0.1/clips/1',"
                                + PLAIN + "}]"));
        app.post("/api/cues/tells/press", Map.of("control", "the button"));
        await("it is up")
                .atMost(RoomContract.PATIENCE)
                .until(() -> !app.get("/api/practice/notices").body().isEmpty());
        JsonNode notice = app.get("/api/practice/notices").body().get(0);
        assertThat(notice.get("words").asString()).isEqualTo("A clip is kept.\n<i>Look</i>");
        assertThat(notice.get("link").asString()).isEqualTo("http://127.0.0.1/clips/1");
    }

    @Test
    void aNoticeGoesToAnAddressWithItsPictureWhereOneIsLinked() {
        Running.Answer linked = app.put(
                "/api/links/notice",
                Map.of(
                        "kind",
                        "notice",
                        "name",
                        "The noticeboard",
                        "settings",
                        Map.of(
                                "practice",
                                false,
                                "address",
                                "http://127.0.0.1:" + kiln.getAddress().getPort() + "/board",
                                "allowed",
                                List.of("127.0.0.1")),
                        "secrets",
                        Map.of()));
        assertThat(linked.status()).as(linked.body().toString()).isEqualTo(200);
        cue(
                "outside",
                json("[{'kind':'hand','button':'Outside','key':''}]"),
                json(
                        "[{'kind':'notice','id':'notice','start':{'kind':'at','ms':0},'words':'two\\nlines','picture':'bell.svg','link':'',"
                                + PLAIN + "}]"));
        app.post("/api/cues/outside/press", Map.of("control", "the button"));
        await("it is there")
                .atMost(RoomContract.PATIENCE)
                .until(() -> CAME.stream().anyMatch(each -> each.contains("waxbell.notice")));
        JsonNode data = Running.JSON
                .readTree(CAME.stream()
                        .filter(each -> each.contains("waxbell.notice"))
                        .findFirst()
                        .orElseThrow())
                .get("data");
        assertThat(data.get("text").asString()).isEqualTo("two\nlines");
        assertThat(data.get("picture").asString()).startsWith("data:image/");
        app.put(
                "/api/links/notice",
                Map.of(
                        "kind",
                        "notice",
                        "name",
                        "The noticeboard",
                        "settings",
                        Map.of("practice", true, "address", "", "allowed", List.of()),
                        "secrets",
                        Map.of()));
    }

    @Test
    void whatCannotBeCalledIsRefusedAtItsField() {
        Running.Answer wrong = app.put(
                "/api/links/none",
                Map.of(
                        "kind",
                        "web",
                        "name",
                        "None",
                        "settings",
                        Map.of("address", "ftp://kiln", "allowed", List.of()),
                        "secrets",
                        Map.of()));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.body().toString()).contains("settings.address", "This is no address on the web.");
        ObjectNode cue =
                (ObjectNode) app.cue("a-clip-lights-the-bench").get("cue").deepCopy();
        ArrayNode parts = (ArrayNode) calling();
        ((ObjectNode) parts.get(0)).putArray("reads").add("heat data");
        ((ObjectNode) parts.get(0).at("/fields/0")).put("name", "wh o");
        ((ObjectNode) cue.put("id", "wrong").put("name", "wrong").at("/takes/0/score")).set("parts", parts);
        Running.Answer refused = app.put("/api/cues/wrong", Map.of("version", 0, "cue", cue));
        assertThat(refused.body().toString())
                .contains("takes[0].score.parts[0].reads[0]", "takes[0].score.parts[0].fields[0].name");
    }
}
