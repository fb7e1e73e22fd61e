package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What needs the host: said once, in order of urgency, with the act beside it; and what the host does from the console by hand. */
class AttentionTest {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

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

    private static List<String> needs() {
        return app.get("/api/needs")
                .body()
                .valueStream()
                .map(each -> each.get("id").asString())
                .toList();
    }

    private static Optional<JsonNode> need(String begins) {
        return app.get("/api/needs")
                .body()
                .valueStream()
                .filter(each -> each.get("id").asString().startsWith(begins))
                .findFirst();
    }

    private static JsonNode comes(String begins) {
        await(begins).atMost(PATIENCE).until(() -> need(begins).isPresent());
        return need(begins).orElseThrow();
    }

    private static void goes(String begins) {
        await(begins + " is over").atMost(PATIENCE).until(() -> need(begins).isEmpty());
    }

    private static void act(JsonNode need, int which) {
        JsonNode act = need.get("acts").get(which);
        assertThat(app.post("/api" + act.get("path").asString(), act.get("with"))
                        .status())
                .isEqualTo(200);
    }

    private static void show(boolean open) {
        app.post("/api/show", Map.of("open", open));
    }

    @Test
    void aShowThatIsNotOpenIsOfferedWhenSomebodyWrites() {
        show(false);
        long first = app.say("wickerby", "is anybody here?").body().get("at").asLong();
        JsonNode need = comes("show/open");
        assertThat(need.get("urgency").asString()).isEqualTo("later");
        assertThat(need.get("since").asLong()).isEqualTo(first);
        app.say("wickerby", "hello?");
        assertThat(comes("show/open").get("since").asLong())
                .as("it goes on since the first line")
                .isEqualTo(first);
        act(need, 0);
        goes("show/open");
        assertThat(app.get("/api/wiring").status()).isEqualTo(200);
    }

    @Test
    void aRewardThatWaitsIsSaidWithItsActsAndGivenBackByOne() {
        show(true);
        app.post(
                "/api/desks/points/grant",
                Map.of(
                        "about",
                        "drips",
                        "with",
                        Map.of("name", "practice:wickerby", "amount", "300", "why", "a test")));
        app.post(
                "/api/practice/rewards/redeem",
                Map.of("name", "wickerby", "title", "Name a taper", "input", "Old Smoke", "desk", "reward"));
        JsonNode need = comes("reward/reward/");
        assertThat(need.get("who").asString()).isEqualTo("wickerby");
        assertThat(need.get("says").asString()).isEqualTo("redeemed Name a taper: “Old Smoke”");
        act(need, 1);
        goes("reward/");
        assertThat(app.get("/api/people/practice:wickerby")
                        .body()
                        .at("/entries/0/why")
                        .asString())
                .contains("given back");
    }

    @Test
    void aStageThatNoPageShowsComesBeforeAViewerWhoWaits() {
        show(true);
        app.stream(true);
        app.post(
                "/api/desks/points/grant",
                Map.of(
                        "about",
                        "drips",
                        "with",
                        Map.of("name", "practice:tallowmoth", "amount", "300", "why", "a test")));
        app.say("tallowmoth", "!reward name a taper Wick");
        comes("reward/reward/");
        comes("stage/main");
        List<String> all = needs();
        assertThat(all.indexOf("stage/main")).isLessThan(all.size() - 1);
        assertThat(need("stage/main").orElseThrow().get("urgency").asString()).isEqualTo("now");
        app.stream(false);
        goes("stage/");
        act(need("reward/").orElseThrow(), 0);
        goes("reward/");
    }

    @Test
    void aSceneIsPutOnProgrammeFromHereAndWhatIsNoTargetIsRefused() {
        Running.Answer done =
                app.post("/api/targets", Map.of("target", Map.of("kind", "scene", "name", ""), "value", "away"));
        assertThat(done.status()).as(done.body().toString()).isEqualTo(200);
        await("the mixer did it")
                .atMost(PATIENCE)
                .until(() -> app.get("/api/mixer")
                        .body()
                        .at("/picture/current")
                        .asString()
                        .equals("away"));
        app.post("/api/targets", Map.of("target", Map.of("kind", "scene", "name", ""), "value", "bench"));
        assertThat(app.post("/api/targets", Map.of("target", Map.of("kind", "rack", "name", "x"), "value", "on"))
                        .status())
                .isEqualTo(422);
        assertThat(app.post("/api/targets", Map.of("target", Map.of("kind", "scene", "name", ""), "value", " "))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aLineIsWrittenIntoTheChatByTheHelperAndAnEmptyOneIsRefused() {
        assertThat(app.post("/api/chat", Map.of("chat", "practice", "to", "", "text", "the next one is sage"))
                        .body()
                        .get("event")
                        .asString())
                .isEqualTo("wrote: the next one is sage");
        app.post("/api/chat", Map.of("chat", "nowhere", "to", "", "text", "is anybody there"));
        await().untilAsserted(() -> assertThat(app.askText("/api/journal"))
                .contains("what was written by hand was not said: there is no chat link called nowhere"));
        assertThat(app.post("/api/chat", Map.of("chat", "practice", "to", "", "text", " "))
                        .status())
                .isEqualTo(422);
        assertThat(app.post("/api/chat", Map.of("chat", "practice", "to", "", "text", "x".repeat(600)))
                        .status())
                .isEqualTo(422);
    }
}
