package org.waxbell.app.computer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.hub.ComputerHub;
import org.waxbell.app.json.Documents;
import org.waxbell.app.outside.RealScreen;
import org.waxbell.keys.Allowed;
import org.waxbell.keys.KeyName;
import org.waxbell.keys.Verb;
import org.waxbell.link.Trouble;

/** The helper that presses keys, on a real screen, with two real programs that write down what reached them. */
class OwnComputerTest {
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final long LIMIT_MS = 20_000;
    private static final int AT_ONCE = 20;
    private static final Documents JSON = Documents.standalone();

    @TempDir
    static Path folder;

    private static RealScreen screen;
    private static DataFolder data;
    private static final ScheduledExecutorService TIMER = Executors.newSingleThreadScheduledExecutor();

    private final List<String> told = new CopyOnWriteArrayList<>();
    private Path file;
    private OwnComputer computer;
    private Path timer;
    private Path lamps;

    @BeforeAll
    static void begin() {
        screen = new RealScreen(folder.resolve("screen"));
        data = DataFolder.open(folder.resolve("data"));
    }

    @AfterAll
    static void over() throws IOException {
        screen.close();
        data.close();
        TIMER.shutdownNow();
    }

    @BeforeEach
    void allow() throws IOException {
        file = data.root().resolve(AllowedFile.NAME);
        Path here = Files.createTempDirectory(folder, "programs");
        timer = here.resolve("timer");
        lamps = here.resolve("lamps");
        write(new Allowed(
                List.of("Ctrl+1", "ArrowLeft", "ArrowRight"),
                false,
                true,
                List.of(
                        new Allowed.Program(
                                "Glaze timer",
                                RealScreen.received(timer, "Glaze timer", 0),
                                List.of("F6"),
                                true,
                                false),
                        new Allowed.Program(
                                "Lamp desk",
                                RealScreen.received(lamps, "Lamp desk", 400),
                                List.of("F7"),
                                false,
                                false))));
        computer = new OwnComputer(new AllowedFile(data, JSON), TIMER, Map.of("DISPLAY", screen.display()));
    }

    @AfterEach
    void end() throws Exception {
        if (computer.programs().contains("Glaze timer") && told.contains("up")) {
            did(computer.act(Verb.END, List.of("Glaze timer"), LIMIT_MS));
            did(computer.act(Verb.END, List.of("Lamp desk"), LIMIT_MS));
        }
        computer.disconnect();
    }

    private void write(Allowed allowed) throws IOException {
        writeText(JSON.write(allowed));
    }

    private void writeText(String text) throws IOException {
        FileTime before = Files.exists(file) ? Files.getLastModifiedTime(file) : FileTime.fromMillis(0);
        Files.writeString(file, text);
        // Two changes within one tick of the disk's clock would look like one.
        Files.setLastModifiedTime(file, FileTime.fromMillis(before.toMillis() + 1_000));
    }

    private void connect() {
        told.clear();
        computer.connect(new ComputerHub.Ear() {
            @Override
            public void up() {
                told.add("up");
            }

            @Override
            public void broken(Trouble why) {
                told.add(why.says());
            }
        });
        await("something is told").atMost(PATIENCE).until(() -> !told.isEmpty());
    }

    private static void did(CompletableFuture<Void> done) throws Exception {
        done.get(LIMIT_MS, TimeUnit.MILLISECONDS);
    }

    private void key(String name, boolean down) throws Exception {
        did(computer.key(KeyName.of(name).orElseThrow(), down));
    }

    private static void wrote(Path file, String... lines) {
        await(file.getFileName() + " has " + String.join(", ", lines))
                .atMost(PATIENCE)
                .until(() -> Files.readAllLines(file).containsAll(List.of(lines)));
    }

    private void start(String program, Path file) throws Exception {
        did(computer.act(Verb.START, List.of(program), LIMIT_MS));
        wrote(file, "shown");
    }

    @Test
    void aProgramIsStartedGetsItsKeyWhileItIsInFrontAndIsEnded() throws Exception {
        connect();
        start("Glaze timer", timer);
        key("F6", true);
        key("F6", false);
        wrote(timer, "down F6", "up F6");
        did(computer.act(Verb.TYPE, List.of("Kiln 2: größe & 7\n"), LIMIT_MS));
        wrote(timer, "text Kiln 2: größe & 7");

        start("Lamp desk", lamps);
        did(computer.act(Verb.CLICK, List.of("500", "100", "left"), LIMIT_MS));
        wrote(lamps, "click 1 at 500,100");
        key("Ctrl+1", true);
        key("Ctrl+1", false);
        wrote(lamps, "down Ctrl+1", "up Ctrl+1");
        assertThatThrownBy(() -> key("F6", true)).hasMessageContaining("none of the programs that it is allowed for");
        assertThatThrownBy(() -> did(computer.act(Verb.TYPE, List.of("wax"), LIMIT_MS)))
                .hasMessageContaining("none of the programs");
        assertThat(Files.readString(lamps)).doesNotContain("F6");

        did(computer.act(Verb.END, List.of("Lamp desk"), LIMIT_MS));
        did(computer.act(Verb.END, List.of("Glaze timer"), LIMIT_MS));
        assertThatThrownBy(() -> key("F6", true)).isInstanceOf(ExecutionException.class);
    }

    @Test
    void whatIsNotInTheFileIsRefusedByName() {
        connect();
        assertThat(computer.refusal(KeyName.of("F8").orElseThrow()))
                .isEqualTo("the key F8 is not listed in this-computer.json");
        assertThatThrownBy(() -> key("F8", true)).hasMessageContaining("the key F8 is not listed");
        assertThatThrownBy(() -> did(computer.act(Verb.START, List.of("Glaze timer --all"), LIMIT_MS)))
                .hasMessageContaining("the program Glaze timer --all is not listed");
        assertThat(computer.facts().toString()).contains("Ctrl+1", "F6 in Glaze timer", "in Glaze timer", "wherever");
    }

    @Test
    void fiveHundredKeysComeInTheirOrderAndNoneStaysDown() throws Exception {
        connect();
        start("Lamp desk", lamps);
        List<CompletableFuture<Void>> all = new ArrayList<>();
        List<String> wanted = new ArrayList<>();
        IntStream.range(0, 250).forEach(turn -> {
            String name = turn % 3 == 0 ? "ArrowLeft" : "ArrowRight";
            KeyName key = KeyName.of(name).orElseThrow();
            all.add(computer.key(key, true));
            all.add(computer.key(key, false));
            wanted.add("down " + (turn % 3 == 0 ? "Left" : "Right"));
            wanted.add("up " + (turn % 3 == 0 ? "Left" : "Right"));
            if (all.size() > AT_ONCE) {
                // Each has a limit from when it was asked for: a slow machine does not press five hundred in it.
                assertThat(all.remove(0)).succeedsWithin(Duration.ofMillis(LIMIT_MS));
                assertThat(all.remove(0)).succeedsWithin(Duration.ofMillis(LIMIT_MS));
            }
        });
        for (CompletableFuture<Void> each : all) {
            did(each);
        }
        await("all came").atMost(PATIENCE).until(() -> Files.readAllLines(lamps).size() == wanted.size() + 1);
        assertThat(Files.readAllLines(lamps).subList(1, wanted.size() + 1)).isEqualTo(wanted);
    }

    @Test
    void aKeyThatIsHeldComesUpWhenTheLinkEndsAndWhenTheHelperDies() throws Exception {
        connect();
        start("Lamp desk", lamps);
        key("Ctrl+1", true);
        wrote(lamps, "down Ctrl+1");
        computer.disconnect();
        wrote(lamps, "up Ctrl+1");

        connect();
        key("ArrowLeft", true);
        wrote(lamps, "down Left");
        ProcessHandle helper = ProcessHandle.current()
                .children()
                .filter(each -> each.info().command().orElse("").endsWith("java"))
                .findFirst()
                .orElseThrow();
        helper.destroyForcibly();
        await("its end is told").atMost(PATIENCE).until(() -> told.toString().contains("has ended"));
        assertThatThrownBy(() -> key("ArrowRight", true)).hasMessageContaining("the helper has ended");
        connect();
        wrote(lamps, "up Left");
    }

    @Test
    void aProgramWhoseWindowNeverComesAndOneThatIsNotThereAreToldOf() throws Exception {
        write(new Allowed(
                List.of(),
                false,
                false,
                List.of(
                        new Allowed.Program("Silent", List.of("/usr/bin/sleep", "600"), List.of(), false, false),
                        new Allowed.Program("Short", List.of("/usr/bin/true"), List.of(), false, false),
                        new Allowed.Program("Nowhere", List.of("/no/such/program"), List.of(), false, false))));
        connect();
        assertThatThrownBy(() -> did(computer.act(Verb.START, List.of("Silent"), 600)))
                .hasMessageContaining("its window was not there in time");
        did(computer.act(Verb.END, List.of("Silent"), LIMIT_MS));
        assertThatThrownBy(() -> did(computer.act(Verb.START, List.of("Short"), LIMIT_MS)))
                .hasMessageContaining("ended before its window");
        assertThatThrownBy(() -> did(computer.act(Verb.START, List.of("Nowhere"), LIMIT_MS)))
                .hasMessageContaining("cannot be started");
    }

    @Test
    void aFileThatIsMissingOrWrongAllowsNothingAndSaysWhere() throws IOException {
        Files.delete(file);
        connect();
        assertThat(told).containsExactly("There is no this-computer.json in the data folder, so nothing is allowed.");
        writeText("{\"keys\": [\"Ctrl+\"], \"typing\": false, \"mouse\": false, \"programs\": []}");
        connect();
        assertThat(told.get(0)).contains("keys[0]", "Ctrl+", "There is no such key.");
        writeText("{\"keys\": [\"F6\"],\n \"typing\": \"yes\"}");
        connect();
        assertThat(told.get(0)).contains("cannot be read", "line 2");
        writeText(
                "{\"keys\": [], \"typing\": false, \"mouse\": false, \"programs\": [{\"name\": \"x\", \"run\": [\"xclock\"],"
                        + " \"keys\": [], \"typing\": false, \"mouse\": false}]}");
        connect();
        assertThat(told.get(0)).contains("programs[0].run", "whole path");
        assertThat(computer.programs()).isEmpty();
    }

    @Test
    void aComputerWithoutAScreenSaysSo() {
        computer = new OwnComputer(new AllowedFile(data, JSON), TIMER, Map.of("DISPLAY", ""));
        connect();
        assertThat(told.get(0)).startsWith("No key can be pressed here");
    }
}
