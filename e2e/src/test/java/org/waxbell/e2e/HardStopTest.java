package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What was acknowledged survives a hard stop of the process; what cannot start says why and ends with a code. */
class HardStopTest {
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    @TempDir
    Path data;

    @Test
    void anAcknowledgedLineIsThereAfterAHardStopAndTheCardGoesOn() {
        long ring;
        try (Packaged app = new Packaged(data)) {
            ring = app.say("wickerby", "!pour").at("/answers/0/ring").asLong();
            app.killHard();
        }
        try (Packaged app = new Packaged(data)) {
            assertThat(app.get("/api/journal"))
                    .anySatisfy(each -> assertThat(each.get("event").asString()).isEqualTo("wickerby: !pour"));
            JsonNode kept = app.get("/api/live")
                    .get("rings")
                    .valueStream()
                    .filter(each -> each.get("number").asLong() == ring)
                    .findFirst()
                    .orElseThrow();
            assertThat(kept.at("/parts/0/state").asString()).isIn("told", "ended");
            assertThat(app.say("brine_otter", "!pour").get("sentence").asString())
                    .matches("(held Pour the taper · resting.*|rang Pour the taper.*)");
        }
    }

    @Test
    void aClockRunsOnWhileTheProgramDoesNotRun() {
        long moment;
        try (Packaged app = new Packaged(data)) {
            app.post("/api/desks/clock/start", Map.of("about", "wax", "with", Map.of()));
            app.say("captain_sedge", "!waxadd 1:30");
            moment = clock(app).get("moment").asLong();
            app.killHard();
        }
        try (Packaged app = new Packaged(data)) {
            assertThat(clock(app).get("phase").asString()).isEqualTo("running");
            assertThat(clock(app).get("moment").asLong()).isEqualTo(moment);
            assertThat(moment - app.get("/api/live").get("now").asLong())
                    .isBetween(30 * 60_000L, 46 * 60_000L + 30_000);
        }
    }

    private static JsonNode clock(Packaged app) {
        return app.get("/api/desks/board?about=wax").get("face");
    }

    @Test
    void aLampThatBreathedWhenTheProgramWasKilledIsAsBeforeAfterwards() {
        String before;
        try (Packaged app = new Packaged(data)) {
            before = bench(app);
            app.happen("clip", "tallowmoth", Map.of(), Map.of());
            await("it breathes").atMost(PATIENCE).until(() -> bench(app).contains("#c8841a"));
            app.killHard();
        }
        try (Packaged app = new Packaged(data)) {
            await("it is as before").atMost(PATIENCE).until(() -> bench(app).equals(before));
        }
    }

    @Test
    void aChapterGoesOnBehindAHardStopAndLeavingItUndoesWhatItSet() {
        try (Packaged app = new Packaged(data)) {
            await("the mixer is there").atMost(PATIENCE).until(() -> app.scene().equals("bench"));
            app.post("/api/desks/order/enter", Map.of("about", "evening", "with", Map.of("chapter", "Break")));
            await("its scene is on").atMost(PATIENCE).until(() -> app.scene().equals("away"));
            app.killHard();
        }
        try (Packaged app = new Packaged(data)) {
            assertThat(app.get("/api/desks/board?about=evening").get("chapter").asString())
                    .isEqualTo("break");
            await("the mixer is there").atMost(PATIENCE).until(() -> app.scene().equals("away"));
            app.post("/api/desks/order/end", Map.of("about", "evening", "with", Map.of()));
            await("the scene of before is on")
                    .atMost(PATIENCE)
                    .until(() -> app.scene().equals("bench"));
        }
    }

    private static String bench(Packaged app) {
        return app.get("/api/practice/room").get(0).get("light").toString();
    }

    @Test
    void aSecondStartOnTheSameFolderEndsWithOneSentenceAndACode() throws Exception {
        try (Packaged app = new Packaged(data)) {
            Process second = Packaged.launch("--data=" + data, "--port=" + Packaged.freePort());
            String said = new String(second.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(second.waitFor(60, TimeUnit.SECONDS)).isTrue();
            assertThat(second.exitValue()).isEqualTo(2);
            assertThat(said)
                    .contains("is already in use by another Wax Bell.", "--data FOLDER")
                    .doesNotContain("Exception");
            assertThat(app.get("/api/live").get("saved").get("ok").asBoolean()).isTrue();
        }
    }

    @Test
    void theVersionIsSaidAndNothingIsStarted() throws Exception {
        Process version = Packaged.launch("--version");
        assertThat(new String(version.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip())
                .matches("Wax Bell \\d+\\.\\d+\\.\\d+");
        assertThat(version.waitFor()).isZero();
    }
}
