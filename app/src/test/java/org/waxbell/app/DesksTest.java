package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.json.Documents;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.show.Desks;
import org.waxbell.state.Memory;
import org.waxbell.turns.Queue;
import org.waxbell.turns.TurnsDesk;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Desks over HTTP: made, changed and taken away as documents, asked, looked at, carried out, and there again after a restart. */
class DesksTest {
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

    private static Running.Answer make(String kind, String name, String word) {
        return app.post(
                "/api/sheets", Map.of("kind", kind, "name", name, "word", word, "stage", "main", "words", true));
    }

    private static String ask(String desk, String about, String act, Map<String, String> with) {
        Running.Answer answer = app.post("/api/desks/" + desk + "/" + act, Map.of("about", about, "with", with));
        assertThat(answer.status()).isEqualTo(200);
        return answer.body().get("sentence").asString();
    }

    private static JsonNode board(String about) {
        return app.get("/api/desks/board?about=" + about).body();
    }

    private static JsonNode sheet(String id) {
        return app.get("/api/wiring")
                .body()
                .get("desks")
                .valueStream()
                .filter(each -> each.at("/desk/id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDeskIsMadeWithWordsAndPlaceInOneStepThatOneUndoTakesBack() {
        String before = app.askText("/api/wiring/document");
        Running.Answer made = make("queue", "  Help with carving ", "");
        assertThat(made.body().get("id").asString()).isEqualTo("help-with-carving");
        assertThat(app.askText("/api/wiring/document")).contains("help-with-carving-leave", "\"kind\" : \"queue\"");
        assertThat(make("queue", "Help with carving", "").body().get("id").asString())
                .isEqualTo("help-with-carving-2");
        app.post("/api/undo", null);
        app.post("/api/undo", null);
        assertThat(app.askText("/api/wiring/document")).isEqualTo(before);
    }

    @Test
    void aDeskWithoutANameIsCalledByItsKind() {
        String first = make("poll", " ", "").body().get("id").asString();
        String second = make("poll", "", "").body().get("id").asString();
        assertThat(sheet(first).at("/desk/name").asString()).isEqualTo("Poll");
        assertThat(sheet(second).at("/desk/name").asString()).isEqualTo("Poll 2");
        app.post("/api/undo", null);
        app.post("/api/undo", null);
    }

    @Test
    void aDeskThatIsMadeAnewBeginsAnew() {
        make("queue", "Help with knots", "knots");
        ask("queue", "knots", "add", Map.of("name", "reed_bell"));
        long version = sheet("knots").get("version").asLong();
        assertThat(app.ask("DELETE", "/api/sheets/knots?version=" + version, null)
                        .body()
                        .toString())
                .contains("cues ask it or say its values: Join Help with knots");
        assertThat(app.ask("DELETE", "/api/sheets/knots?withCues=true&version=" + version, null)
                        .status())
                .isEqualTo(200);
        String id = make("queue", "Help with knots", "knots").body().get("id").asString();
        assertThat(board(id).get("waiting")).isEmpty();
        app.post("/api/undo", null);
        app.post("/api/undo", null);
        assertThat(board("knots").at("/waiting/0/name").asString())
                .as("what an undo brings back stands as it stood")
                .isEqualTo("reed_bell");
        app.post("/api/undo", null);
    }

    @Test
    void whatCannotBeMadeOrSavedIsToldByItsFieldAndNothingIsChanged() {
        String before = app.askText("/api/wiring/document");
        JsonNode lathe = make("lathe", "Wood", "").body();
        assertThat(lathe.at("/problems/0/path").asString()).isEqualTo("kind");
        assertThat(lathe.get("detail").asString())
                .as("one sentence says what to do about it too")
                .startsWith("There is no such kind of desk. Choose one of ");
        JsonNode wax = sheet("wax");
        ObjectNode wrong = (ObjectNode) wax.get("desk").deepCopy();
        wrong.put("lengthMs", 0).put("zone", "Moon");
        Running.Answer refused = app.put("/api/sheets/wax", Map.of("version", wax.get("version"), "desk", wrong));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems"))
                .extracting(each -> each.get("path").asString())
                .containsExactlyInAnyOrder("lengthMs", "zone");
        assertThat(app.put("/api/sheets/wax", Map.of("version", 99, "desk", wax.get("desk")))
                        .status())
                .isEqualTo(409);
        assertThat(app.get("/api/desks/board?about=nowhere").status()).isEqualTo(422);
        assertThat(app.askText("/api/wiring/document")).isEqualTo(before);
    }

    @Test
    void whatStandsIsThereAfterARestartAndTheBoardIsWhatIsKept() throws IOException {
        ask("clock", "rounds", "start", Map.of());
        ask("queue", "bench", "open", Map.of());
        app.say("brine_otter", "!bench sage, <b>tall</b>");
        app.say("wickerby", "!bench rose");
        ask("queue", "bench", "next", Map.of());
        ask("queue", "bench", "done", Map.of("outcome", "burnt"));
        JsonNode rounds = board("rounds");
        JsonNode bench = board("bench");
        app.restart();
        assertThat(board("rounds").get("face")).isEqualTo(rounds.get("face"));
        for (String part : List.of("open", "steps", "up", "done", "totals", "banned", "canUndo")) {
            assertThat(board("bench").get(part)).as(part).isEqualTo(bench.get(part));
        }
        assertThat(board("bench").at("/waiting/0/name").asString()).isEqualTo("wickerby");
        Queue queue = (Queue)
                app.bean(WiringStore.class).current().wiring().desk("bench").orElseThrow();
        Memory kept = app.bean(StateStore.class).memory(Desks.ofDesks());
        assertThat(app.bean(DeskBoards.class).now(new TurnsDesk(), "bench", queue))
                .isEqualTo(new TurnsDesk().restored("bench", kept));
        assertThat(ask("queue", "bench", "undo", Map.of())).isEqualTo("At the bench is as it was.");
        assertThat(board("bench").at("/up/0/name").asString()).isEqualTo("brine_otter");
        ask("queue", "bench", "done", Map.of());
        ask("queue", "bench", "clear", Map.of());
    }

    @Test
    void pastTurnsAreCarriedOutSoThatNoSheetTakesThemForAFormula() {
        ask("queue", "bench", "add", Map.of("name", "=cmd|calc", "note", "say \"hi\", twice"));
        ask("queue", "bench", "take", Map.of("name", "=cmd|calc"));
        ask("queue", "bench", "done", Map.of());
        assertThat(app.askText("/api/queues/bench/past.csv")).contains("\"'=cmd|calc\",\"say \"\"hi\"\", twice\",");
        assertThat(app.get("/api/queues/wax/past.csv").status()).isEqualTo(422);
    }

    @Test
    void aListIsCarriedOutAndOnAndACodeGoesToWhoIsUpAlone() {
        ask("queue", "bench", "add", Map.of("name", "reed_bell"));
        assertThat(ask(
                        "queue",
                        "bench",
                        "bring",
                        Map.of("list", "1. pip_in_the_reeds: late\n- [x] done_already\n* owl_bell\n")))
                .isEqualTo("2 joined. 1 left out.");
        assertThat(app.askText("/api/queues/bench/list.md"))
                .contains("- [ ] reed_bell\n", "- [ ] pip_in_the_reeds: late\n", "- [ ] owl_bell\n");
        assertThat(app.post("/api/queues/bench/code", Map.of("name", "owl_bell", "code", "x"))
                        .status())
                .as("who is not up is told nothing")
                .isEqualTo(422);
        ask("queue", "bench", "clear", Map.of());
    }

    @Test
    void taskListsAreCarriedOutAndStandAfterARestart() throws IOException {
        String list = "# Orders to pour\n\n- [ ] =cmd|calc\n- [x] <b>bold</b>\n";
        assertThat(ask("tasks", "task", "bring", Map.of("text", list, "list", "orders")))
                .isEqualTo("2 brought to Orders to pour.");
        app.say("brine_otter", "!taskseal leaf");
        JsonNode before = board("task");
        assertThat(before.at("/lists/0/tasks/1/done").asLong()).isGreaterThan(1_000);
        app.restart();
        assertThat(board("task")).isEqualTo(before);
        assertThat(app.askText("/api/tasks/task/orders/list.md")).isEqualTo(list);
        assertThat(app.askText("/api/tasks/task/orders/list.txt")).isEqualTo("=cmd|calc\n");
        assertThat(app.get("/api/tasks/task/none/list.md").status()).isEqualTo(422);
        assertThat(app.get("/api/tasks/bench/orders/list.md").status()).isEqualTo(422);
        ask("tasks", "task", "undo", Map.of());
        assertThat(app.askText("/api/tasks/task/orders/list.txt")).isEmpty();
    }

    @Test
    void aTuneGoesOnAfterARestartAndItsFilesAreForWhoShowsAKey() throws IOException {
        ask("tunes", "tune", "ask", Map.of("words", "the brine lanten"));
        ask("tunes", "tune", "start", Map.of());
        JsonNode before = board("tune").get("playing");
        assertThat(before.at("/tune/title").asString()).isEqualTo("The Brine Lantern");
        app.restart();
        assertThat(board("tune").get("playing")).isEqualTo(before);
        ask("tunes", "tune", "skip", Map.of());
        assertThat(app.askText("/api/tunes/tune/log.csv"))
                .contains("\"The Brine Lantern\",\"The Late Ferries\",\"CC-BY-4.0\"", ",skipped\r\n");
        ask("tunes", "tune", "stop", Map.of());
        String address =
                app.get("/api/stages/break/address").body().get("address").asString();
        String key = address.substring(address.indexOf("k=") + 2);
        assertThat(app.get("/media/tunes/practice/tidesong?k=" + key).status()).isEqualTo(200);
        assertThat(app.get("/media/tunes/practice/tidesong?k=wrong").status()).isEqualTo(404);
        assertThat(app.get("/media/tunes/practice/none?k=" + key).status()).isEqualTo(404);
        assertThat(app.get("/media/tunes/practice/..%2F..%2Fwaxbell.db?k=" + key)
                        .status())
                .isNotEqualTo(200);
        assertThat(app.get("/api/tunes/drawing?id=practice/tidesong")
                        .body()
                        .get("drawing")
                        .asString())
                .hasSize(480);
    }

    @Test
    void everyDocumentOfADeskIsReadAsItWasWritten() {
        Documents json = app.bean(Documents.class);
        for (DeskSheet each : app.bean(WiringStore.class).current().wiring().desks()) {
            assertThat(json.read(json.write(each), DeskSheet.class)).isEqualTo(each);
        }
    }
}
