package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletionException;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.outside.RealOsc;
import org.waxbell.app.outside.RealScreen;
import org.waxbell.bridge.Bridge;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The bridge that ships, as a program of its own: Wax Bell on one side, a real receiver and sender of OSC and a window that gets keys on the other. */
class BridgeTest {
    @TempDir
    static Path data;

    private static final int PORT = Running.freePort();
    private static final int HEARS = Running.freePort();
    private static Running app;
    private static RealOsc program;
    private static RealScreen screen;
    private static Process window;
    private static Path keys;
    private static Process bridge;

    @BeforeAll
    static void start() throws IOException {
        int told = Running.freePort();
        program = new RealOsc(Integer.toString(told), data.resolve("told.txt"));
        screen = new RealScreen(data.resolve("screen"));
        keys = data.resolve("keys.txt");
        window = onScreen(RealScreen.received(keys, "The mixer", 0)).start();
        await("the window is there").atMost(RoomContract.PATIENCE).until(() -> Files.exists(keys));
        Files.writeString(
                data.resolve("bench.json"),
                Files.readString(Path.of("../bridge/bench.json"))
                        .replace("4466", Integer.toString(PORT))
                        .replace("7000", Integer.toString(told))
                        .replace("7001", Integer.toString(HEARS)));
        bridge = bridge("bench.json");
        app = Running.demo(data.resolve("data"));
        assertThat(app.put(
                                "/api/links/mixer",
                                Map.of(
                                        "kind",
                                        "mixer",
                                        "name",
                                        "The mixer",
                                        "settings",
                                        Map.of("practice", false, "address", "ws://127.0.0.1:" + PORT),
                                        "secrets",
                                        Map.of()))
                        .status())
                .isEqualTo(200);
        awaitPhase("up");
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        bridge.destroy();
        window.destroy();
        screen.close();
        program.close();
    }

    private static ProcessBuilder onScreen(List<String> command) {
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("DISPLAY", screen.display());
        return builder;
    }

    private static Process started(String file) throws IOException {
        return onScreen(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        // The log of the program is none of the bridge's.
                        Stream.of(System.getProperty("java.class.path").split(File.pathSeparator))
                                .filter(each -> !each.contains("logback"))
                                .collect(Collectors.joining(File.pathSeparator)),
                        "-Dslf4j.internal.verbosity=ERROR",
                        Bridge.class.getName(),
                        data.resolve(file).toString()))
                .redirectErrorStream(true)
                .start();
    }

    /** Starts it, and returns once it says where it is. */
    private static Process bridge(String file) throws IOException {
        Process made = started(file);
        BufferedReader says = made.inputReader();
        assertThat(says.readLine()).contains("The candle workshop is at ws://127.0.0.1:" + PORT);
        // What nobody reads would stop it once the pipe is full.
        Thread reader = new Thread(() -> says.lines().forEach(line -> {}));
        reader.setDaemon(true);
        reader.start();
        return made;
    }

    private static void awaitPhase(String phase) {
        await("the link is " + phase)
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/links")
                        .body()
                        .valueStream()
                        .filter(each -> each.get("id").asString().equals("mixer"))
                        .anyMatch(each -> each.at("/state/phase").asString().equals(phase)));
    }

    private static JsonNode picture() {
        return app.get("/api/mixer").body().get("picture");
    }

    private static long switched(String kind, String name, String value) {
        ObjectNode cue = (ObjectNode) app.cue("kettle-on").get("cue").deepCopy();
        String id = kind + "-" + value;
        cue.put("id", id).put("name", id);
        cue.putArray("pulls").addObject().put("kind", "hand").put("button", id).put("key", "");
        cue.putArray("gates");
        ObjectNode part = (ObjectNode) cue.at("/takes/0/score/parts/0");
        part.put("value", value).put("lengthMs", 0).put("stay", true);
        ((ObjectNode) part.get("target")).put("kind", kind).put("name", name);
        Running.Answer saved = app.put("/api/cues/" + id, Map.of("version", 0, "cue", cue));
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
        return app.post("/api/cues/" + id + "/press", null)
                .body()
                .at("/answers/0/ring")
                .asLong();
    }

    @Test
    void aCueMovesTheProgramByMessagesAndByKeys() {
        assertThat(picture().get("scenes")).hasSize(3);
        switched("scene", "", "kettle");
        awaitHeard("/scene s \"kettle\"");
        switched("level", "hum", "25");
        awaitHeard("/fader/hum f 0.25");
        switched("scene", "", "away");
        await("the keys reached the window")
                .atMost(RoomContract.PATIENCE)
                .until(() -> Files.readString(keys).contains("down Ctrl+Shift+F9"));
        // The window has the keys before the bridge has told of it.
        await("the scene is on")
                .atMost(RoomContract.PATIENCE)
                .until(() -> picture().get("current").asString().equals("away"));
        assertThat(program.heard()).doesNotContain("away");
    }

    private static void awaitHeard(String line) {
        await("the program was told " + line).atMost(RoomContract.PATIENCE).until(() -> program.heard(line));
    }

    @Test
    void whatAPersonDoesAtTheProgramIsHeardAndNonsenseIsNot() throws Exception {
        RealOsc.send(List.of("127.0.0.1", Integer.toString(HEARS)), "/scene", "s", "cellar");
        RealOsc.send(List.of("127.0.0.1", Integer.toString(HEARS)), "/fader/hum", "f", "0.5");
        await("the level is heard")
                .atMost(RoomContract.PATIENCE)
                .until(() -> picture()
                        .get("sources")
                        .valueStream()
                        .anyMatch(each -> each.get("id").asString().equals("hum")
                                && each.get("level").asInt() == 50));
        RealOsc.send(List.of("127.0.0.1", Integer.toString(HEARS)), "/scene", "s", "kettle");
        await("the cut is heard")
                .atMost(RoomContract.PATIENCE)
                .until(() -> picture().get("current").asString().equals("kettle"));
    }

    @Test
    void aChangeWithoutARuleFailsAndSaysWhatToAdd() {
        long ring = switched("stream", "", "on");
        await("it says so")
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/journal")
                        .body()
                        .valueStream()
                        .filter(each -> each.at("/answers/0/ring").asLong() == ring)
                        .anyMatch(each ->
                                each.at("/answers/0/seen/says").asString().contains("no rule for stream.set")));
        assertThat(picture().get("streaming").asBoolean()).isFalse();
    }

    @Test
    void aBridgeThatEndsIsMissedAndFoundAgain() throws Exception {
        bridge.destroy();
        bridge.waitFor();
        awaitPhase("broken");
        bridge = bridge("bench.json");
        awaitPhase("up");
    }

    @Test
    void noPageOfABrowserIsLetIn() {
        assertThatThrownBy(() -> HttpClient.newHttpClient()
                        .newWebSocketBuilder()
                        .header("Origin", "http://example.test")
                        .buildAsync(URI.create("ws://127.0.0.1:" + PORT), new WebSocket.Listener() {})
                        .join())
                .isInstanceOf(CompletionException.class);
    }

    @Test
    void aFileThatWillNotDoIsToldOfWithEachPlace() throws Exception {
        Files.writeString(
                data.resolve("wrong.json"),
                "{\"port\": 0, \"scenes\": [{\"id\": \"a/b\", \"items\": [\"lamp\"]}],"
                        + " \"does\": [{\"change\": \"scene.cut\", \"press\": \"hyper F2\"}, {\"change\": \"scene.cut\"}],"
                        + " \"hears\": [{\"address\": \"scene\", \"change\": \"scene.cut\"}]}");
        Process refused = started("wrong.json");
        assertThat(refused.inputReader().lines())
                .hasSize(7)
                .anyMatch(line -> line.startsWith("port: \"0\". The port is out of range."))
                .anyMatch(line -> line.startsWith("scenes[0].id: \"a/b\""))
                .anyMatch(line -> line.startsWith("scenes[0].items: \"lamp\""))
                .anyMatch(line -> line.startsWith("does[0].press: \"hyper F2\""))
                .anyMatch(line -> line.startsWith("does[1]: It says nothing that is done"))
                .anyMatch(line -> line.startsWith("osc.hear: "))
                .anyMatch(line -> line.startsWith("hears[0].address: \"scene\""));
        assertThat(refused.waitFor()).isEqualTo(1);
        Files.writeString(data.resolve("unknown.json"), "{\"port\": 4466,\n \"scene\": []}");
        assertThat(started("unknown.json").inputReader().lines().toList().toString())
                .contains("line 2", "scene");
        assertThat(started("missing.json").inputReader().lines().toList().toString())
                .contains("There is no file");
        Process taken = started("bench.json");
        assertThat(taken.inputReader().lines().toList().toString()).contains("It cannot start", "Another program");
    }
}
