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
    void whatCannotBeMadeOrSavedIsToldByItsFieldAndNothingIsChanged() {
        String before = app.askText("/api/wiring/document");
        assertThat(make("lathe", "Wood", "").body().at("/problems/0/path").asString())
                .isEqualTo("kind");
        assertThat(make("clock", " ", "").body().at("/problems/0/path").asString())
                .isEqualTo("name");
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
        for (String part : List.of("open", "steps", "up", "done", "totals", "banned", "canUndo", "sentence")) {
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
    void aListIsCarriedOnLineByLineAndWhatIsNoListIsRefused() {
        ask("queue", "bench", "add", Map.of("name", "reed_bell"));
        Running.Answer came = app.post(
                "/api/queues/bench/list",
                Map.of(
                        "text",
                        "# Old list\n\n1. pip_in_the_reeds: late\n- [x] done_already\n- [ ] reed_bell\n* owl_bell\n"));
        assertThat(came.body().get("says").asString()).isEqualTo("2 joined. 2 left out.");
        assertThat(app.askText("/api/queues/bench/list.md"))
                .contains("- [ ] reed_bell\n", "- [ ] pip_in_the_reeds: late\n", "- [ ] owl_bell\n");
        assertThat(app.post("/api/queues/bench/list", Map.of("text", "\n\n")).status())
                .isEqualTo(422);
        assertThat(app.post("/api/queues/bench/list", Map.of("text", "x\n".repeat(2_000)))
                        .status())
                .isEqualTo(422);
        assertThat(app.post("/api/queues/bench/code", Map.of("name", "owl_bell", "code", "x"))
                        .status())
                .as("who is not up is told nothing")
                .isEqualTo(422);
        ask("queue", "bench", "clear", Map.of());
    }

    @Test
    void everyDocumentOfADeskIsReadAsItWasWritten() {
        Documents json = app.bean(Documents.class);
        for (DeskSheet each : app.bean(WiringStore.class).current().wiring().desks()) {
            assertThat(json.read(json.write(each), DeskSheet.class)).isEqualTo(each);
        }
    }
}
