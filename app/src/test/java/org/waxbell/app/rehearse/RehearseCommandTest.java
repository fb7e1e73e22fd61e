package org.waxbell.app.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.config.StartRefused;

/** {@code ./waxbell rehearse SCRIPT}: what it tells, and what it refuses. */
class RehearseCommandTest {
    private static final String WIRING = "--wiring=../demo/wiring.json";
    private static final String SCRIPT = "../demo/evening.jsonl";
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream progress = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    private String run(String... args) {
        new RehearseCommand(
                        new PrintStream(out, true, StandardCharsets.UTF_8),
                        new PrintStream(progress, true, StandardCharsets.UTF_8))
                .run(List.of(args));
        return out.toString(StandardCharsets.UTF_8);
    }

    @Test
    void itTellsWhatRangWhatWasHeldAndWhatNeverRang() {
        String told = run(SCRIPT, WIRING, "--seed=7");
        assertThat(told)
                .startsWith("469 steps in 1 h")
                .containsPattern("Pour the taper +\\d+ +\\d+ \\{cooldown=")
                .contains("Never rang:", "Busiest places: Lower third", "Points:");
        assertThat(progress.toString(StandardCharsets.UTF_8)).contains("100 %");
        out.reset();
        assertThat(run(SCRIPT, WIRING, "--seed=7"))
                .as("the same seed tells the same")
                .isEqualTo(told);
    }

    @Test
    void twoWiringsAreSetSideBySide() throws IOException {
        Path other = folder.resolve("other.json");
        Files.writeString(
                other,
                Files.readString(Path.of("../demo/wiring.json"))
                        .replaceFirst("\"forAllMs\" ?: ?14000", "\"forAllMs\": 0"));
        assertThat(run(SCRIPT, WIRING, "--against=" + other))
                .containsPattern("What differs from .*\\R.*\\R +Pour the taper +\\d+ > \\d+");
    }

    @Test
    void whatCannotBeRehearsedIsRefusedWithARemedy() throws IOException {
        assertThatThrownBy(this::run).hasMessageContaining("No script");
        assertThatThrownBy(() -> run(SCRIPT, "--speed=2")).hasMessageContaining("--speed=2");
        assertThatThrownBy(() -> run("nowhere.jsonl", WIRING)).hasMessageContaining("no file nowhere.jsonl");
        assertThatThrownBy(() -> run(SCRIPT, "--data=" + folder))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("no wiring in");
        Path broken = Files.writeString(
                folder.resolve("broken.jsonl"), "{\"kind\":\"hush\",\"at\":1}\n{\"kind\":\"hush\"}\n");
        assertThatThrownBy(() -> run(broken.toString(), WIRING)).hasMessageStartingWith("At line 2");
    }
}
