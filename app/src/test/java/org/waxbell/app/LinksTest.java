package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.web.FilterChainProxy;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Reach;
import org.waxbell.app.config.ReachFile;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.security.Hosts;
import org.waxbell.app.seen.SeenWatch;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Links over real HTTP on the demo: what was seen, neighbours, proofs, rewards, and who may come in from elsewhere. */
class LinksTest {
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("data"));
        await().atMost(PATIENCE)
                .until(() -> view("mixer").at("/state/phase").asString().equals("up"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static JsonNode view(String id) {
        return app.get("/api/links")
                .body()
                .valueStream()
                .filter(each -> each.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode seen(long ring) {
        await("ring " + ring + " was judged")
                .atMost(PATIENCE)
                .until(() -> !answer(ring).path("seen").isMissingNode()
                        && !answer(ring).path("seen").isNull());
        return answer(ring).get("seen");
    }

    private static JsonNode answer(long ring) {
        return app.get("/api/journal")
                .body()
                .valueStream()
                .flatMap(each -> each.get("answers").valueStream())
                .filter(each -> each.get("ring").asLong() == ring)
                .findFirst()
                .orElseThrow();
    }

    /** Makes a cue that shows a card for a short while, and gives it a button. */
    private static void card(String id) {
        ObjectNode cue = (ObjectNode) app.cue("snuff-the-candles").get("cue").deepCopy();
        cue.put("id", id).put("name", id).put("rack", "at-the-bench").putArray("gates");
        cue.putArray("whenHeld");
        cue.putArray("pulls").addObject().put("kind", "hand").put("button", id).put("key", "");
        ((ObjectNode) cue.at("/takes/0/score/parts/0"))
                .put("lengthMs", 1_500)
                .put("entryMs", 200)
                .put("exitMs", 200);
        Running.Answer saved = app.put("/api/cues/" + id, Map.of("version", 0, "cue", cue));
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
    }

    private static long press(String id) {
        return app.post("/api/cues/" + id + "/press", null)
                .body()
                .at("/answers/0/ring")
                .asLong();
    }

    @Test
    void aRingSaysWhetherItWasSeenAndHowToMendIt() {
        card("short-card");
        assertThat(seen(press("short-card")).get("says").asString())
                .isEqualTo("rang, but no page shows the stage Main");
        String key = app.get("/api/stages/main/address")
                .body()
                .get("address")
                .asString()
                .replaceAll(".*#k=", "");
        try (Listening page = Listening.stage(app, key)) {
            page.next("welcome");
            long unpainted = press("short-card");
            assertThat(seen(unpainted).get("says").asString()).isEqualTo("rang, but no page painted it");
            assertThat(seen(shown(page)).get("says").asString()).isEqualTo("rang, and was seen");
            long quick = shown(page) + 1;
            app.bean(SeenWatch.class)
                    .started(
                            quick + "."
                                    + app.cue("short-card")
                                            .at("/cue/takes/0/score/parts/0/id")
                                            .asString(),
                            0);
            assertThat(press("short-card")).isEqualTo(quick);
            assertThat(seen(quick).get("says").asString())
                    .as("a page may be quicker than we are told of the ring")
                    .isEqualTo("rang, and was seen");
            app.cut("away");
            await().atMost(PATIENCE)
                    .until(() -> app.get("/api/mixer")
                            .body()
                            .at("/picture/current")
                            .asString()
                            .equals("away"));
            JsonNode elsewhere = seen(shown(page));
            assertThat(elsewhere.get("says").asString())
                    .isEqualTo("rang, but the stage is not in this scene, Back soon");
            assertThat(elsewhere.get("mendable").asBoolean()).isTrue();
            assertThat(app.post("/api/stages/main/place", Map.of("scene", ""))
                            .body()
                            .get("onProgramme")
                            .asBoolean())
                    .isTrue();
            assertThat(seen(shown(page)).get("proof").asString()).isEqualTo("seen");
        }
        app.cut("bench");
    }

    private static long shown(Listening page) {
        long ring = press("short-card");
        String run = page.next(each -> each.at("/part/partRun").asString("").startsWith(ring + "."))
                .at("/part/partRun")
                .asString();
        page.report("started", "\"partRun\":\"" + run + "\"");
        return ring;
    }

    @Test
    void aStageThatNoPageShowsIsAFailedLink() {
        await().atMost(PATIENCE)
                .until(() -> view("stage/main").at("/state/phase").asString().equals("broken"));
        assertThat(app.post("/api/links/stage/main/test", null)
                        .body()
                        .get("good")
                        .asBoolean())
                .isFalse();
        String key = app.get("/api/stages/main/address")
                .body()
                .get("address")
                .asString()
                .replaceAll(".*#k=", "");
        try (Listening page = Listening.stage(app, key)) {
            page.next("welcome");
            await().atMost(PATIENCE)
                    .until(() ->
                            view("stage/main").at("/state/phase").asString().equals("up"));
            var test = CompletableFuture.supplyAsync(() -> app.post("/api/links/stage/main/test", null));
            page.next("ask");
            page.report("ready", "\"sounds\":true");
            assertThat(test.join().body().get("says").asString()).startsWith("One page answered in ");
        }
        assertThat(app.cue("pour-the-taper").get("needs").toString()).isEqualTo("[\"stage/main\"]");
        assertThat(app.cue("kettle-on").get("needs").toString()).isEqualTo("[\"mixer\"]");
    }

    @Test
    void whoAnswersOurWordsIsNoticedAndOnceNamedIsNeverAnswered() {
        for (String viewer : List.of("wickerby", "tallowmoth", "lowtide_lou")) {
            app.say(viewer, "!tonight");
            app.say("thicket_bell", "tonight there are tapers, " + viewer);
        }
        JsonNode around = app.get("/api/neighbours").body();
        assertThat(around.at("/suspects/0/name").asString()).isEqualTo("thicket_bell");
        assertThat(around.at("/suspects/0/words").toString()).isEqualTo("[\"!tonight\"]");
        assertThat(around.get("freePrefix").asString())
                .isNotEmpty()
                .isNotEqualTo(around.get("prefix").asString());
        ObjectNode house =
                (ObjectNode) app.get("/api/wiring").body().at("/house").deepCopy();
        ((ArrayNode) house.at("/house/neighbours")).add("thicket_bell");
        assertThat(app.put("/api/house", house).status()).isEqualTo(200);
        assertThat(app.say("thicket_bell", "!tonight").body().get("sentence").asString())
                .isEqualTo("a neighbour: never answered");
        assertThat(app.get("/api/neighbours").body().get("suspects")).isEmpty();
    }

    @Test
    void aPracticeAccountIsProvedAndAnotherIsNot() {
        app.post("/api/links/practice/proof", null);
        String code = view("practice").at("/proof/code").asString();
        app.say("captain_sedge", "mybell-wrong");
        assertThat(view("practice").at("/proof/triesLeft").asInt()).isEqualTo(2);
        app.say("brine_otter", code);
        assertThat(view("practice").at("/proof/who").asString()).isEqualTo("brine_otter");
        assertThat(app.say("brine_otter", "!snuff").body().get("sentence").asString())
                .doesNotContain("only for");
        app.ask("DELETE", "/api/links/practice/proof", null);
        assertThat(view("practice").path("proof").isNull()).isTrue();
    }

    @Test
    void rewardsAreRedeemedAndKept() {
        assertThat(app.post(
                                "/api/practice/rewards/redeem",
                                Map.of("name", "wickerby", "title", "Choose the dye", "input", "", "desk", ""))
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .isEqualTo("Which dye?");
        assertThat(app.post(
                                "/api/practice/rewards/redeem",
                                Map.of("name", "wickerby", "title", "Choose the dye", "input", "sage", "desk", ""))
                        .body()
                        .get("event")
                        .asString())
                .isEqualTo("wickerby redeemed Choose the dye");
        assertThat(app.put(
                                "/api/practice/rewards",
                                List.of(
                                        Map.of("title", "A", "price", 1, "asks", ""),
                                        Map.of("title", "A", "price", -1, "asks", "")))
                        .body()
                        .get("problems"))
                .extracting(each -> each.get("path").asString())
                .containsExactly("rewards[1].price", "rewards[1].title");
    }

    @Test
    void othersAreLetInOnlyWithAPasswordAndOnlyFromTheNextStart() {
        assertThat(app.get("/api/reach").body().get("listen").asString()).isEqualTo("127.0.0.1");
        assertThat(app.put(
                                "/api/reach",
                                Map.of(
                                        "listen",
                                        "0.0.0.0",
                                        "names",
                                        List.of("studio.local"),
                                        "password",
                                        "",
                                        "secure",
                                        false))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("password");
        assertThat(app.put(
                                "/api/reach",
                                Map.of(
                                        "listen",
                                        "0.0.0.0",
                                        "names",
                                        List.of("studio.local"),
                                        "password",
                                        "short",
                                        "secure",
                                        false))
                        .status())
                .isEqualTo(422);
        JsonNode kept = app.put(
                        "/api/reach",
                        Map.of(
                                "listen",
                                "0.0.0.0",
                                "names",
                                List.of("studio.local"),
                                "password",
                                "three tall tapers",
                                "secure",
                                false))
                .body();
        assertThat(kept.get("listensNow").asString()).isEqualTo("127.0.0.1");
        Reach next = new ReachFile(app.bean(DataFolder.class)).read();
        assertThat(next.beyond()).isTrue();
        assertThat(next.name()).isEqualTo("studio.local");
        assertThat(next.password()).doesNotContain("tapers");
        assertThat(app.put(
                                "/api/reach",
                                Map.of("listen", "127.0.0.1", "names", List.of(), "password", "", "secure", false))
                        .body()
                        .get("password")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void fromAnotherComputerOnlyWhatHasASecretOfItsOwnIsOpen() throws Exception {
        assertThat(entry("/api/wiring", "127.0.0.1")).isEqualTo(200);
        assertThat(entry("/api/wiring", "192.168.1.7")).isEqualTo(401);
        assertThat(entry("/ws/live", "192.168.1.7")).isEqualTo(401);
        assertThat(entry("/stagehand", "192.168.1.7")).isEqualTo(401);
        assertThat(entry("/stage", "192.168.1.7")).isEqualTo(200);
        assertThat(entry("/ws/stage", "192.168.1.7")).isEqualTo(200);
        assertThat(entry("/api/sign-in", "192.168.1.7")).isEqualTo(200);
        assertThat(app.ask("GET", "/api/wiring", null, "X-Forwarded-For", "10.0.0.1")
                        .status())
                .as("passed on by another program")
                .isEqualTo(401);
        assertThat(app.post("/api/sign-in", Map.of("name", "", "password", "guess"))
                        .status())
                .isEqualTo(403);
        for (int i = 0; i < 6; i++) {
            app.post("/api/sign-in", Map.of("name", "", "password", "guess"));
        }
        assertThat(app.post("/api/sign-in", Map.of("name", "", "password", "guess"))
                        .status())
                .isEqualTo(429);
    }

    private static int entry(String path, String from) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setRemoteAddr(from);
        MockHttpServletResponse response = new MockHttpServletResponse();
        app.bean(FilterChainProxy.class).doFilter(request, response, new MockFilterChain());
        return response.getStatus();
    }

    @Test
    void whoComesByTheNetworkSignsInAndIsThenAsAtHome() throws Exception {
        JsonNode here = app.get("/api/reach").body().get("here");
        if (System.getenv("CI") != null) {
            assertThat(here)
                    .as("in CI nothing is passed over: this machine has an address of its own")
                    .isNotEmpty();
        }
        assumeThat(here).as("this machine has an address of its own").isNotEmpty();
        String address = here.get(0).asString();
        Path keys = Files.createDirectories(data.resolve("reached/keys"));
        Files.writeString(
                keys.resolve("reach.properties"),
                "listen=" + address + "\nnames=" + address + "\npassword="
                        + app.bean(Hosts.class).hash("three tall tapers") + "\n");
        try (Running reached = Running.reached(data.resolve("reached"), address)) {
            assertThat(reached.get("/api/wiring").status()).isEqualTo(401);
            assertThat(reached.post("/api/sign-in", Map.of("name", "", "password", "three small tapers"))
                            .status())
                    .isEqualTo(403);
            Running.Answer in = reached.post("/api/sign-in", Map.of("name", "", "password", "three tall tapers"));
            assertThat(in.header("set-cookie")).contains("HttpOnly").contains("SameSite=Strict");
            String ticket = in.header("set-cookie").replaceAll(";.*", "");
            assertThat(reached.ask("GET", "/api/wiring", null, "Cookie", ticket).status())
                    .isEqualTo(200);
            assertThat(reached.ask("GET", "/api/wiring", null, "Cookie", ticket + "x")
                            .status())
                    .isEqualTo(401);
            assertThat(reached.ask("GET", "/api/stages/main/address", null, "Cookie", ticket)
                            .body()
                            .get("address")
                            .asString())
                    .startsWith("http://" + reached.host() + "/stage#k=");
            await().atMost(PATIENCE)
                    .until(() -> reached.ask("GET", "/api/links", null, "Cookie", ticket)
                            .body()
                            .valueStream()
                            .anyMatch(each -> each.get("kind").asString().equals("mixer")
                                    && each.at("/state/phase").asString().equals("up")));
            try (Listening live = new Listening(reached, "/ws/live", "Cookie", ticket)) {
                live.next("standing");
            }
        }
    }

    @Test
    void aReachWithoutAPasswordDoesNotStart() throws IOException {
        Path keys = Files.createDirectories(data.resolve("bare/keys"));
        Files.writeString(keys.resolve("reach.properties"), "listen=0.0.0.0\nnames=x\n");
        assertThatThrownBy(() -> Running.empty(data.resolve("bare")))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("no host password");
    }
}
