package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.json.Documents;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.wiring.WiringDocument;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The wiring is carried out and in as one document; what does not fit is refused by place, and what was there stays. */
class CarryTest {
    @TempDir
    static Path data;

    private static Running app;
    private static Running bare;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("demo"));
        bare = Running.empty(data.resolve("empty"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        bare.close();
    }

    private static String export(Running from) {
        return from.bean(Documents.class)
                .writeOut(
                        WiringDocument.of(from.bean(WiringStore.class).current().wiring()));
    }

    private static ObjectNode document() {
        return (ObjectNode) app.get("/api/wiring/document").body();
    }

    private static Running.Answer preview(Running into, String text, boolean whole) {
        return into.ask("POST", "/api/wiring/document/preview?whole=" + whole, text);
    }

    private static Running.Answer bring(Running into, String text, boolean whole) {
        JsonNode seen = preview(into, text, whole).body().get("revision");
        return into.ask("POST", "/api/wiring/document?whole=" + whole + "&revision=" + seen, text);
    }

    private static void refused(Consumer<ObjectNode> change, String path, String message) {
        ObjectNode document = document();
        change.accept(document);
        String before = export(app);
        Running.Answer answer = preview(app, document.toString(), true);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().at("/problems/0/path").asString()).isEqualTo(path);
        assertThat(answer.body().at("/problems/0/message").asString()).contains(message);
        assertThat(answer.body().at("/problems/0/remedy").asString()).isNotBlank();
        assertThat(app.ask("POST", "/api/wiring/document?whole=true&revision=" + revision(), document.toString())
                        .status())
                .isEqualTo(422);
        assertThat(export(app)).isEqualTo(before);
    }

    private static long revision() {
        return preview(app, export(app), true).body().get("revision").asLong();
    }

    private static List<String> names(JsonNode list) {
        return list.valueStream().map(each -> each.get("name").asString()).toList();
    }

    @Test
    void whatIsCarriedOutComesInJustTheSameAndIsUndoneInOneStep() {
        String before = export(app);
        ObjectNode other = document();
        ((ArrayNode) other.get("cues")).remove(0);
        ((ObjectNode) other.at("/cues/0")).put("name", "Ring it");
        ((ObjectNode) other.at("/house")).put("pointsMany", "drops");
        ArrayNode cues = (ArrayNode) other.get("cues");
        cues.insert(0, cues.remove(3));
        String text = other.toString();
        JsonNode preview = preview(app, text, true).body();
        assertThat(names(preview.get("removes"))).containsExactly("Pour the taper");
        assertThat(names(preview.get("replaces"))).containsExactly("the channel’s settings", "Ring it");
        assertThat(names(preview.get("adds"))).isEmpty();
        assertThat(preview.get("leaves"))
                .hasSize(count(app.bean(Documents.class).tree(before)) - 2);
        assertThat(export(app)).as("a preview changes nothing").isEqualTo(before);
        assertThat(bring(app, text, true).status()).isEqualTo(200);
        assertThat(app.bean(Documents.class).tree(export(app))).isEqualTo(other);
        assertThat(app.say("wickerby", "!pour").body().get("sentence").asString())
                .startsWith("no cue has this word");
        assertThat(app.post("/api/undo", null).status()).isEqualTo(200);
        assertThat(export(app)).isEqualTo(before);
        assertThat(app.post("/api/redo", null).status()).isEqualTo(200);
        assertThat(app.bean(Documents.class).tree(export(app))).isEqualTo(other);
        app.post("/api/undo", null);
        assertThat(bring(app, before, true).status()).isEqualTo(200);
        assertThat(export(app)).isEqualTo(before);
    }

    private static int count(JsonNode wiring) {
        return Stream.of("racks", "stages", "desks", "cues")
                .mapToInt(list -> wiring.get(list).size())
                .sum();
    }

    @Test
    void mergingAddsAndReplacesAndLeavesTheRest() {
        ObjectNode piece = document();
        ((ObjectNode) piece.at("/house")).put("prefix", "?");
        ArrayNode cues = (ArrayNode) piece.get("cues");
        JsonNode silent = cues.valueStream()
                .filter(cue -> cue.get("id").asString().equals("what-may-i-ask"))
                .findFirst()
                .orElseThrow();
        cues.removeAll().add(((ObjectNode) silent).put("rack", "my-cues"));
        ((ArrayNode) piece.get("racks")).removeAll();
        ((ArrayNode) piece.get("stages")).removeAll();
        ((ArrayNode) piece.get("desks")).removeAll();
        JsonNode preview = preview(bare, piece.toString(), false).body();
        assertThat(names(preview.get("adds"))).containsExactly("What may I ask");
        assertThat(names(preview.get("replaces"))).containsExactly("the channel’s settings");
        assertThat(names(preview.get("removes"))).isEmpty();
        assertThat(bring(bare, piece.toString(), false).status()).isEqualTo(200);
        JsonNode wiring = bare.get("/api/wiring").body();
        assertThat(wiring.at("/house/house/prefix").asString())
                .as("what the house says is not replaced")
                .isEqualTo("!");
        assertThat(wiring.at("/house/house/circles"))
                .as("what it has not is added")
                .hasSize(2);
        assertThat(bare.say("wickerby", "!words").body().get("sentence").asString())
                .isEqualTo("rang What may I ask");
    }

    @Test
    void whatWasChangedSinceThePreviewIsAConflict() {
        String text = export(app);
        long seen = revision();
        JsonNode rack = app.get("/api/wiring").body().at("/racks/0");
        app.put(
                "/api/racks/at-the-bench",
                Map.of(
                        "version",
                        rack.get("version"),
                        "rack",
                        ((ObjectNode) rack.get("rack")).put("name", "On the bench")));
        Running.Answer late = app.ask("POST", "/api/wiring/document?whole=true&revision=" + seen, text);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("detail").asString()).contains("since you looked");
        assertThat(app.get("/api/changes").body().at("/0/what").asString()).isEqualTo("edit of rack On the bench");
        JsonNode change = app.get(
                        "/api/changes/" + app.get("/api/changes").body().at("/0/step"))
                .body();
        assertThat(change.at("/0/before").asString()).contains("At the bench");
        assertThat(change.at("/0/after").asString()).contains("On the bench");
        seen = revision();
        app.post("/api/undo", null);
        assertThat(app.ask("POST", "/api/wiring/document?whole=true&revision=" + seen, text)
                        .status())
                .as("an undo is a change too")
                .isEqualTo(409);
    }

    @Test
    void everyPlaceThatDoesNotFitIsNamed() {
        refused(
                document -> ((ObjectNode) document.at("/cues/0/takes/0/score/parts/0")).put("colour", "red"),
                "cues[0].takes[0].score.parts[0].colour",
                "No field is called");
        refused(document -> ((ObjectNode) document.at("/cues/1")).remove("urgency"), "cues[1].urgency", "is missing");
        refused(
                document -> ((ObjectNode) document.at("/cues/0/takes/0/score/parts/0")).put("kind", "firework"),
                "cues[0].takes[0].score.parts[0].kind",
                "not known");
        ObjectNode panic = document();
        ((ObjectNode) panic.at("/cues/0")).put("urgency", "panic");
        assertThat(preview(app, panic.toString(), true)
                        .body()
                        .at("/problems/0/remedy")
                        .asString())
                .isEqualTo("Write calm, usual or urgent.");
        ((ObjectNode) panic.at("/cues/0")).put("urgency", "calm").put("formatVersion", 8);
        assertThat(preview(app, panic.toString(), true)
                        .body()
                        .at("/problems/0/remedy")
                        .asString())
                .isEqualTo("Write 7.");
        refused(
                document -> ((ObjectNode) document.at("/stages/0")).put("width", "wide"),
                "stages[0].width",
                "wrong kind");
        refused(document -> ((ObjectNode) document.at("/cues/2")).put("id", "pour-the-taper"), "cues[2].id", "twice");
        refused(document -> document.put("formatVersion", 9), "formatVersion", "newer Wax Bell");
        refused(
                document -> ((ObjectNode) document.at("/cues/0/takes/0/score/parts/1")).put("folder", "Waves"),
                "cues[0].takes[0].score.parts[1].folder",
                "no such sound on the shelf");
        refused(
                document -> ((ObjectNode) document.at("/stages/0/spots/0")).put("id", "upper-third"),
                "cues[0].takes[0].score.parts[0].spot",
                "no such spot");
        refused(
                document -> ((ObjectNode) document.at("/stages/0/spots/1/frame")).put("width", 0),
                "stages[0].spots[1].frame.width",
                "out of range");
    }

    @Test
    void whatIsNoDocumentIsRefusedWithoutBeingTakenIn() {
        assertThat(preview(app, "[".repeat(1_000) + "]".repeat(1_000), true)
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .contains("nest");
        assertThat(preview(app, "{\"formatVersion\": 1,\n \"house\": ", true)
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .startsWith("line 2");
        assertThat(preview(app, "{\"formatVersion\":1,\"formatVersion\":1}", true)
                        .body()
                        .at("/problems/0/message")
                        .asString())
                .contains("uplicate");
        assertThat(preview(app, "{}", true).body().at("/problems/0/message").asString())
                .isEqualTo("This is not a wiring of Wax Bell.");
        Running.Answer large = preview(app, "\"" + "a".repeat(50_000_000) + "\"", true);
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.body().at("/problems/0/remedy").asString()).contains("20 MB");
        Running.Answer latin = app.askBytes(
                "POST",
                "/api/wiring/document/preview?whole=true",
                "{\n\"a\": \"caf\u00e9\"}".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(latin.body().at("/problems/0/path").asString()).isEqualTo("line 2");
        assertThat(latin.body().at("/problems/0/value").asString()).isEqualTo("byte E9");
    }

    @Test
    void olderDocumentsAreBroughtUpToDate() throws IOException {
        try (InputStream old = Objects.requireNonNull(CarryTest.class.getResourceAsStream("/old/carried-2.json"))) {
            JsonNode preview = preview(app, new String(old.readAllBytes(), StandardCharsets.UTF_8), true)
                    .body();
            assertThat(names(preview.get("removes")))
                    .contains(
                            "Turns and clocks",
                            "Until the wax is cool",
                            "They arrive",
                            "Meet them",
                            "Mark that moment",
                            "What may I ask",
                            "Spin the dyes",
                            "See it dipped",
                            "Tilly flares",
                            "With thanks",
                            "Say it",
                            "Ask Odalys");
            assertThat(names(preview.get("leaves"))).contains("Good evening", "Honeycomb gift");
        }
    }

    @Test
    void stagesAndRacksAreEditedWithVersionsAndMayNotBreakACue() {
        JsonNode view = app.get("/api/wiring").body().at("/stages/0");
        ObjectNode stage = (ObjectNode) view.get("stage").deepCopy();
        stage.put("name", "Bench view");
        assertThat(app.put("/api/stages/main", Map.of("version", view.get("version"), "stage", stage))
                        .status())
                .isEqualTo(200);
        assertThat(app.put("/api/stages/main", Map.of("version", view.get("version"), "stage", stage))
                        .status())
                .isEqualTo(409);
        app.post("/api/undo", null);
        long now = app.get("/api/wiring").body().at("/stages/0/version").asLong();
        Running.Answer breaks = app.put(
                "/api/stages/main",
                Map.of("version", now, "stage", stage.deepCopy().set("outlets", Running.JSON.createArrayNode())));
        assertThat(breaks.status()).isEqualTo(422);
        assertThat(breaks.body().at("/problems/0/message").asString())
                .isEqualTo("The stage Bench view has no such outlet.");
        assertThat(app.ask("DELETE", "/api/stages/main?version=" + now, null).status())
                .isEqualTo(422);
        assertThat(app.put(
                                "/api/stages/second",
                                Map.of("version", 0, "stage", stage.deepCopy().put("id", "second")))
                        .status())
                .isEqualTo(200);
        assertThat(app.ask("DELETE", "/api/stages/second?version=1", null).status())
                .isEqualTo(200);
        JsonNode rack = app.get("/api/wiring").body().at("/racks/0");
        Running.Answer used = app.ask("DELETE", "/api/racks/at-the-bench?version=" + rack.get("version"), null);
        assertThat(used.status()).isEqualTo(422);
        assertThat(used.body().at("/problems/0/message").asString()).isEqualTo("There is no such rack.");
    }

    @Test
    void theAskerIsToldTheWordsThatTheyMayUseAndStaffWhatTheyMisspelled() {
        try (Listening chat = new Listening(app, "/ws/practice/channel")) {
            chat.next("standing");
            app.say("lowtide_lou", "!commands");
            chat.next("line");
            String told = chat.next("line").at("/body/text").asString();
            assertThat(told)
                    .startsWith("lowtide_lou, you may use !pour, !tonight, ")
                    .doesNotContain("!snuff", "!taper");
            assertThat(app.say("captain_sedge", "!puor").body().get("sentence").asString())
                    .contains("perhaps !pour was meant");
            chat.next("line");
            JsonNode hint = chat.next("line").get("body");
            assertThat(hint.get("text").asString()).isEqualTo("No cue has !puor. Did you mean !pour?");
            assertThat(hint.get("to").asString()).isEqualTo("captain_sedge");
            assertThat(app.say("lowtide_lou", "!puor").body().get("sentence").asString())
                    .startsWith("no cue has this word")
                    .doesNotContain("perhaps");
        }
    }
}
