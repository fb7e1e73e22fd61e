package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.waxbell.room.Light;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What every room of lamps and plugs owes: held to it are the practice room and lamps at a real broker. Each has a lamp called Bench. */
abstract class RoomContract {
    static final Duration PATIENCE = Duration.ofSeconds(20);
    static final Light AMBER = new Light(true, "#c8841a", 100);
    static final Light BEFORE = new Light(true, "#ffe0a8", 70);

    abstract Running app();

    /** How the lamp stands itself, whatever we think of it. */
    abstract Light bench();

    /** A person switches it. */
    abstract void byHand(Light light);

    void benchIs(Light light) {
        await("the bench lamp is " + light.inWords() + ", it is " + bench().inWords())
                .atMost(PATIENCE)
                .until(() -> bench().equals(light));
    }

    /** Has a cue that switches something of the room when a clip is made. */
    static void cue(Running app, String id, String kind, String name, String value, long lengthMs) {
        ObjectNode cue =
                (ObjectNode) app.cue("a-clip-lights-the-bench").get("cue").deepCopy();
        cue.put("id", id).put("name", id);
        cue.putArray("pulls").addObject().put("kind", "hand").put("button", id).put("key", "");
        cue.putArray("gates");
        ObjectNode part = (ObjectNode) cue.at("/takes/0/score/parts/0");
        part.put("value", value)
                .put("lengthMs", lengthMs)
                .putObject("target")
                .put("kind", kind)
                .put("name", name);
        Running.Answer kept = app.put(
                "/api/cues",
                Map.of("what", "a lamp", "save", List.of(Map.of("cue", cue, "version", 0)), "delete", List.of()));
        assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    }

    /** Rings it, and gives the decision. */
    static JsonNode ring(Running app, String id) {
        return app.post("/api/cues/" + id + "/press", Map.of("control", "the button"))
                .body();
    }

    @Test
    void aLampIsSwitchedForAWhileAndPutBack() {
        byHand(BEFORE);
        cue(app(), "amber", "lamp", "Bench", "#c8841a", 800);
        ring(app(), "amber");
        benchIs(AMBER);
        benchIs(BEFORE);
    }

    @Test
    void aLampBreathesAndIsPutBack() {
        byHand(BEFORE);
        cue(app(), "breath", "lamp", "Bench", "breathe #c8841a", 2_500);
        ring(app(), "breath");
        Set<Integer> seen = new TreeSet<>();
        await("it swells").atMost(PATIENCE).until(() -> {
            if (bench().colour().equals("#c8841a")) {
                seen.add(bench().brightness());
            }
            return seen.size() >= 5;
        });
        benchIs(BEFORE);
    }

    @Test
    void whatAPersonDoesCountsForMoreThanACue() {
        byHand(BEFORE);
        cue(app(), "long", "lamp", "Bench", "breathe #c8841a", 60_000);
        ring(app(), "long");
        await("it breathes").atMost(PATIENCE).until(() -> bench().colour().equals("#c8841a"));
        Light mine = new Light(true, "#123456", 30);
        byHand(mine);
        await("the part is over")
                .atMost(PATIENCE)
                .until(() -> app().get("/api/live").body().toString().contains("changed by hand"));
        benchIs(mine);
        app().post("/api/hush", null);
        assertThat(bench()).isEqualTo(mine);
    }

    @Test
    void hushPutsItBack() {
        byHand(BEFORE);
        cue(app(), "hushed", "lamp", "Bench", "blink #c8841a", 60_000);
        ring(app(), "hushed");
        await("it blinks").atMost(PATIENCE).until(() -> bench().colour().equals("#c8841a"));
        app().post("/api/hush", null);
        benchIs(BEFORE);
    }

    @Test
    void whatIsNotThereFailsByName() {
        cue(app(), "gone", "lamp", "Ceiling", "on", 500);
        ring(app(), "gone");
        await("the part failed")
                .atMost(PATIENCE)
                .until(() -> app().get("/api/journal")
                        .body()
                        .toString()
                        .contains("the room has no such thing: the lamp Ceiling"));
    }
}
