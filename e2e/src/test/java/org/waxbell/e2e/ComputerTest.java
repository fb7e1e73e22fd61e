package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.outside.RealScreen;
import tools.jackson.databind.json.JsonMapper;

/** A cue that starts a program of this computer, presses its key while it is in front, and ends it; on a screen of its own. */
@ExtendWith(Together.class)
class ComputerTest {
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final Map<String, Object> PLAIN = Map.of("ifFails", "stop", "atOnce", false, "toEnd", false);

    @TempDir
    static Path folder;

    private static RealScreen screen;
    private static Packaged app;
    private static Browser browser;
    private static String console;

    @BeforeAll
    static void start() throws IOException {
        Path data = Files.createDirectories(folder.resolve("data"));
        Files.writeString(
                data.resolve("this-computer.json"),
                new JsonMapper()
                        .writeValueAsString(Map.of(
                                "keys",
                                List.of("Ctrl+1"),
                                "typing",
                                false,
                                "mouse",
                                false,
                                "programs",
                                List.of(Map.of(
                                        "name",
                                        "Glaze timer",
                                        "run",
                                        RealScreen.received(folder.resolve("received"), "Glaze timer", 0),
                                        "keys",
                                        List.of("F6"),
                                        "typing",
                                        false,
                                        "mouse",
                                        false)))));
        screen = new RealScreen(folder.resolve("screen"));
        app = new Packaged(data, Map.of("DISPLAY", screen.display()));
        browser = Together.browser();
        console = browser.tab(app.address() + "/links");
    }

    @AfterAll
    static void stop() {
        browser.leave(console);
        app.close();
        screen.close();
    }

    private static Map<String, Object> part(String kind, String id, String after, Map<String, Object> more) {
        Map<String, Object> part = new HashMap<>(more);
        part.put("kind", kind);
        part.put("id", id);
        part.put("manner", PLAIN);
        part.put(
                "start",
                after.isEmpty() ? Map.of("kind", "at", "ms", 0) : Map.of("kind", "after", "part", after, "gapMs", 0));
        return part;
    }

    private static Map<String, Object> key(String id, String name, String after) {
        return part(
                "switch",
                id,
                after,
                Map.of("lengthMs", 200, "target", Map.of("kind", "key", "name", name), "value", "down", "stay", false));
    }

    private static Map<String, Object> program(String id, String does, String after) {
        return part("program", id, after, Map.of("program", "Glaze timer", "does", does, "limitMs", 20_000));
    }

    private static void cue(String id, List<Object> parts) {
        Map<String, Object> cue = new HashMap<>(
                Map.of("formatVersion", 7, "id", id, "name", id, "description", "", "rack", "room", "on", true));
        cue.put("listed", false);
        cue.put("pulls", List.of(Map.of("kind", "hand", "button", id, "key", "")));
        cue.put("gates", List.of());
        cue.put("whenHeld", List.of());
        cue.put(
                "takes",
                List.of(Map.of(
                        "id",
                        "main",
                        "name",
                        "Main",
                        "when",
                        "",
                        "weight",
                        1,
                        "spare",
                        "",
                        "score",
                        Map.of("parts", parts))));
        cue.put("takeRule", "first");
        cue.put("urgency", "usual");
        cue.put("longestWaitMs", 60_000);
        cue.put("allTheSame", false);
        assertThat(app.put(
                                "/api/cues",
                                Map.of(
                                        "what",
                                        id,
                                        "save",
                                        List.of(Map.of("cue", cue, "version", 0)),
                                        "delete",
                                        List.of()))
                        .toString())
                .doesNotContain("problems");
    }

    @Test
    void aProgramIsStartedGetsItsKeyAndIsEndedAndAKeyThatIsNotListedIsRefusedByName() throws IOException {
        browser.seeText("[data-link=computer]", "the practice dipping rig");
        browser.seeText("[data-link=computer] button", "Settings").click();
        browser.see("[role=dialog] [role=switch], [role=dialog] input[type=checkbox]")
                .click();
        browser.seeText("[role=dialog] button", "Save").click();
        browser.seeText("[data-link=computer]", "F6 in Glaze timer");
        browser.seeText("[data-link=computer]", "no page can write");
        browser.seeText("[data-link=computer] [data-phase]", "up for");

        cue(
                "timer",
                List.of(
                        program("begin", "start", ""),
                        key("f6", "F6", "begin"),
                        key("one", "Ctrl+1", "f6"),
                        program("done", "end", "one")));
        app.post("/api/cues/timer/press", Map.of("control", "the button"));
        Path received = folder.resolve("received");
        await("its keys came")
                .atMost(PATIENCE)
                .until(() -> Files.exists(received)
                        && Files.readAllLines(received)
                                .containsAll(List.of("shown", "down F6", "up F6", "down Ctrl+1", "up Ctrl+1")));
        await("it is over")
                .atMost(PATIENCE)
                .until(() -> app.get("/api/live")
                        .get("rings")
                        .valueStream()
                        .noneMatch(each -> each.get("state").asString().matches("waiting|playing")));

        cue("other", List.of(key("f7", "F7", "")));
        app.post("/api/cues/other/press", Map.of("control", "the button"));
        told("the key F7 is not listed in this-computer.json");
        assertThat(Files.readString(received)).doesNotContain("F7");

        cue("front", List.of(key("f6", "F6", "")));
        app.post("/api/cues/front/press", Map.of("control", "the button"));
        told("none of the programs that it is allowed for is in front");
    }

    private static void told(String why) {
        await(why)
                .atMost(PATIENCE)
                .until(() -> app.get("/api/journal").toString().contains(why));
    }
}
