package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Faults of the machine, tried for real: a disk that is full, one that loses power, a folder that may not be written. */
class FaultsTest {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final int MEGABYTES = 120;

    @TempDir
    Path folder;

    @Test
    void aFullDiskLeavesTheEveningGoingAndWhatHappenedMeanwhileIsKeptOnceThereIsRoom() throws IOException {
        SmallDisk disk = new SmallDisk(folder, MEGABYTES);
        try (Packaged app = Packaged.on(disk)) {
            Path filler = SmallDisk.seenBy(app.process(), disk.data().resolve("filler"));
            fill(filler);
            String held = "";
            for (int i = 0; i < 400 && !held.contains("Not kept"); i++) {
                held = app.say("wickerby", "a line " + i + " while the disk is full")
                        .toString();
            }
            assertThat(held).contains("Not kept").contains("full");
            try (Hearing console = new Hearing(app, "/ws/live")) {
                assertThat(app.say("brine_otter", "!pour").toString()).contains("Not kept");
                await("the card came all the same")
                        .atMost(PATIENCE)
                        .until(() -> console.heard("\"ring\"", "Pour the taper") > 0);
            }
            assertThat(app.get("/api/live").at("/saved/ok").asBoolean()).isFalse();
            assertThat(app.get("/api/health").toString()).contains("disk");
            Files.delete(filler);
            await("it is kept as soon as there is room")
                    .atMost(PATIENCE)
                    .until(() -> app.get("/api/live").at("/saved/ok").asBoolean());
            assertThat(journal(app)).contains("brine_otter: !pour");
            app.killHard();
        }
        try (Packaged again = Packaged.on(disk)) {
            assertThat(journal(again)).contains("brine_otter: !pour", "while the disk is full");
        }
    }

    private static String journal(Packaged app) {
        return app.get("/api/journal").toString();
    }

    /** Until not one byte more goes in. */
    private static void fill(Path filler) throws IOException {
        byte[] some = new byte[1 << 16];
        try (OutputStream out = Files.newOutputStream(filler)) {
            for (int size = some.length; size > 0; ) {
                try {
                    while (true) {
                        out.write(some, 0, size);
                    }
                } catch (IOException full) {
                    size /= 2;
                }
            }
        }
    }

    @Test
    void aLossOfPowerLosesNothingThatWasAcknowledgedWhereItWaitsForTheDisk() {
        SmallDisk disk = new SmallDisk(folder, MEGABYTES);
        Packaged app = Packaged.on(disk, "--to-disk");
        app.post("/api/show", Map.of("open", true));
        JsonNode said = app.say("wickerby", "the last line before it is dark");
        assertThat(said.has("number")).as(said.toString()).isTrue();
        app.post(
                "/api/desks/points/grant",
                Map.of("about", "drips", "with", Map.of("name", "wickerby", "amount", "7", "why", "before the dark")));
        disk.losePower(app.process());
        try (Packaged again = Packaged.on(disk)) {
            assertThat(journal(again)).contains("the last line before it is dark");
            assertThat(again.get("/api/ledger").toString()).contains("before the dark");
        }
    }

    @Test
    void aFolderThatMayNotBeWrittenIsRefusedWithWhatToDo() throws Exception {
        Path locked = Files.createDirectories(folder.resolve("locked"));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.setPosixFilePermissions(locked, PosixFilePermissions.fromString("r-xr-xr-x"));
        Process refused = Packaged.launch(
                // Whoever may do everything runs the tests, maybe from a folder that nobody else sees: that right is
                // laid down.
                System.getProperty("user.name").equals("root")
                        ? List.of("setpriv", "--bounding-set=-dac_override")
                        : List.of(),
                "--data=" + locked,
                "--port=" + Packaged.freePort());
        String says = new String(refused.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(refused.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(refused.exitValue()).isEqualTo(2);
        assertThat(says).contains("cannot be written", "--data FOLDER").doesNotContain("Exception");
    }
}
