package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.practice.PracticeRig;
import org.waxbell.app.practice.PracticeRoom;
import org.waxbell.rig.Rig;
import org.waxbell.room.Light;

/** The practice room, and the dipping rig that stands in for keys. */
class PracticeRoomTest extends RoomContract {
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

    @Override
    Running app() {
        return app;
    }

    @Override
    Light bench() {
        return app.bean(PracticeRoom.class).standing().get(0).light();
    }

    @Override
    void byHand(Light light) {
        assertThat(app.post(
                                "/api/practice/room/Bench",
                                Map.of("on", light.on(), "colour", light.colour(), "brightness", light.brightness()))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void whatIsNoLightIsRefusedAndNothingChanges() {
        byHand(BEFORE);
        assertThat(app.post("/api/practice/room/Bench", Map.of("on", true, "colour", "red", "brightness", 4))
                        .body()
                        .toString())
                .contains("This is no colour.");
        assertThat(app.post("/api/practice/room/Bench", Map.of("on", true, "colour", "#123456", "brightness", 400))
                        .body()
                        .toString())
                .contains("from 1 to 100 percent");
        assertThat(app.post("/api/practice/room/Ceiling", Map.of("on", true, "colour", "#123456", "brightness", 4))
                        .status())
                .isEqualTo(422);
        assertThat(bench()).isEqualTo(BEFORE);
    }

    @Test
    void aKeyOfACueSteersTheRigWhichStandsAsItWasLeftAndNoKeyStaysDown() throws IOException {
        app.post("/api/practice/rig/anew", null);
        cue(app, "step", "key", "ArrowRight", "down", 60_000);
        ring(app, "step");
        PracticeRig rig = app.bean(PracticeRig.class);
        await("the arm moves").atMost(PATIENCE).until(() -> rig.standing().rig().place() == 1);
        assertThat(rig.standing().held()).containsExactly("ArrowRight");
        app.post("/api/hush", null);
        await("the key is up")
                .atMost(PATIENCE)
                .until(() -> rig.standing().held().isEmpty());
        Rig left = rig.standing().rig();
        app.restart();
        assertThat(app.bean(PracticeRig.class).standing().rig()).isEqualTo(left);
        assertThat(app.bean(PracticeRig.class).standing().held()).isEmpty();
    }
}
