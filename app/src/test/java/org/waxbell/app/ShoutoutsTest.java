package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Broadcasters are introduced by a word and when they arrive: with a clip, without, of whom nothing is known, and of whom it does not load. */
class ShoutoutsTest {
    private static final Duration PATIENCE = Duration.ofSeconds(60);

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

    @AfterEach
    void hush() {
        app.post("/api/hush", Map.of());
    }

    private static String says(String viewer, String text) {
        return app.say(viewer, text).body().get("sentence").asString();
    }

    private static JsonNode arrives(String name) {
        return app.post(
                        "/api/practice/events",
                        Map.of(
                                "kind",
                                "arrival",
                                "name",
                                name,
                                "numbers",
                                Map.of("arrivalViewers", 14),
                                "texts",
                                Map.of()))
                .body();
    }

    private static Stream<JsonNode> newest(String cue) {
        return app
                .get("/api/live")
                .body()
                .get("rings")
                .valueStream()
                .filter(ring -> ring.get("cueId").asString().equals(cue))
                .reduce((before, newest) -> newest)
                .stream()
                .flatMap(ring -> ring.get("parts").valueStream());
    }

    /** The part of that name in the newest ring of a cue, once it stands so. */
    private static JsonNode part(String cue, String id, String state) {
        return await().atMost(PATIENCE)
                .until(
                        () -> newest(cue)
                                .filter(part -> part.get("id").asString().equals(id)
                                        && part.get("state").asString().equals(state))
                                .findFirst()
                                .orElse(null),
                        each -> each != null);
    }

    @Test
    void whoeverIsNamedIsIntroducedWithOrWithoutSignAndInAnyCase() {
        try (Listening chat = new Listening(app, "/ws/practice/channel")) {
            for (String name : new String[] {"wickerby", "@WICKERBY"}) {
                assertThat(says("captain_sedge", "!meet " + name)).isEqualTo("rang Meet them");
                assertThat(part("meet-them", "card", "told").get("label").asString())
                        .isEqualTo("wickerby");
                chat.next(each ->
                        each.at("/body/text").asString("").equals("Do look in on wickerby: http://wickerby.example"));
                hush();
            }
            assertThat(says("captain_sedge", "!meet nobody_at_all")).isEqualTo("rang Meet them");
            assertThat(part("meet-them", "card", "told").get("label").asString())
                    .isEqualTo("nobody_at_all");
            chat.next(each -> each.at("/body/text").asString("").equals("Do look in on nobody_at_all."));
        }
        assertThat(says("captain_sedge", "!meet"))
                .startsWith("held Meet them · ")
                .contains("!meet wickerby");
        assertThat(says("pip_in_the_reeds", "!meet wickerby")).startsWith("held Meet them · ");
    }

    @Test
    void whoArrivesIsSeenInAClipThatFits() {
        // A film that was not there in time is there the next time.
        await().atMost(PATIENCE).until(() -> {
            hush();
            arrives("fernside_loom");
            return !await().atMost(PATIENCE)
                    .until(
                            () -> newest("they-arrive")
                                    .filter(part -> part.get("id").asString().equals("meet"))
                                    .map(part -> part.get("state").asString())
                                    .findFirst()
                                    .orElse(""),
                            state -> state.equals("ended") || state.equals("failed"))
                    .equals("failed");
        });
        JsonNode look = part("they-arrive", "meet", "ended");
        assertThat(look.get("label").asString()).matches("who is fernside_loom · \\d+ of 31 fit, drew the \\w+");
        JsonNode clip = part("they-arrive", "clip", "told");
        assertThat(clip.get("to").asLong() - clip.get("from").asLong()).isLessThanOrEqualTo(30_000);
    }

    @Test
    void whereThereIsNoClipTheyAreIntroducedAndItIsSaidWhy() {
        for (String[] each : new String[][] {
            {"hollow_reed", "they have no clips"},
            {"nobody_at_all", "the directory does not know nobody_at_all"},
            {"brackwater_bees", "cannot be loaded"}
        }) {
            arrives(each[0]);
            assertThat(part("they-arrive", "meet", "failed").get("note").asString())
                    .endsWith(each[1]);
            assertThat(part("they-arrive", "card", "told").get("label").asString())
                    .isEqualTo(each[0]);
            hush();
        }
    }
}
