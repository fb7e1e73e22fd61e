package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Cues with their media go as a pack into a second installation: looked at, asked about, tried, taken out again whole; what is no pack is refused by its place. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PacksTest {
    private static final String FILE = "/api/packs/file?name=Pouring%20hour&version=1&says=For%20the%20bench&item=";
    private static final Map<String, Object> NO_CHOICE = Map.of("items", List.of(), "words", List.of(), "revision", 0);

    @TempDir
    static Path data;

    private static Running from;
    private static Running to;
    private static byte[] pack;

    @BeforeAll
    static void start() {
        from = Running.demo(data.resolve("from"));
        to = Running.empty(data.resolve("to"));
        pack = from.file(FILE + "cue/pour-the-taper");
    }

    @AfterAll
    static void stop() throws IOException {
        from.close();
        to.close();
    }

    private static Running.Answer come(byte[] file) {
        return to.askBytes("POST", "/api/packs/coming", file, "Content-Type", "application/octet-stream");
    }

    private static JsonNode bring(JsonNode look, Map<String, Object> choices) {
        Map<String, Object> all = new LinkedHashMap<>(choices);
        all.put("revision", look.get("revision").asLong());
        Running.Answer done = to.post("/api/packs/coming/" + look.get("coming").asString() + "/bring", all);
        assertThat(done.status()).as(done.body().toString()).isEqualTo(200);
        return done.body();
    }

    /** Another word for each that is taken. */
    static List<Map<String, Object>> renamed(JsonNode look, String behind) {
        return look.get("words")
                .valueStream()
                .map(each -> Map.<String, Object>of(
                        "cue",
                        each.get("cue").asString(),
                        "word",
                        each.get("word").asString(),
                        "becomes",
                        each.get("word").asString() + behind))
                .toList();
    }

    /** Documents without their versions, which count every edit. */
    private static List<String> documents(JsonNode wiring, String list) {
        String one = list.substring(0, list.length() - 1);
        return wiring.get(list)
                .valueStream()
                .map(each -> (each.has(one) ? each.get(one) : each).toString())
                .toList();
    }

    private static JsonNode wiring() {
        return to.get("/api/wiring").body();
    }

    @Test
    @Order(1)
    void whatHangsOnWhatIsChosenComesAlong() {
        JsonNode content = from.post(
                        "/api/packs/content", Map.of("items", List.of(Map.of("sort", "cue", "id", "pour-the-taper"))))
                .body();
        assertThat(content.get("items").toString())
                .contains("\"sort\":\"stage\"", "\"sort\":\"rack\"", "Pour the taper");
        assertThat(content.get("files").toString()).contains("Pouring/").doesNotContain("Voices/");
    }

    @Test
    @Order(2)
    void lookingChangesNothingAndTellsAll() {
        JsonNode before = wiring();
        JsonNode look = come(pack).body();
        assertThat(look.get("name").asString()).isEqualTo("Pouring hour");
        assertThat(look.get("brings").toString()).contains("Pour the taper");
        assertThat(look.get("does").toString()).contains("Card");
        assertThat(look.get("problems")).as(look.toString()).isEmpty();
        assertThat(look.get("files"))
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.get("here").asBoolean()).isFalse());
        assertThat(wiring()).isEqualTo(before);
        assertThat(to.get("/api/shelf").body()).isEmpty();
    }

    @Test
    @Order(3)
    void itIsBroughtTriedMadeAgainByteForByteAndTakenOutWhole() {
        JsonNode before = wiring();
        JsonNode look = come(pack).body();
        // Its stage as it was there, not mine with what it lacks: else what is made here is another.
        Map<String, Object> theirs = Map.of("sort", "stage", "id", "main");
        Map<String, Object> choices =
                Map.of("items", List.of(Map.of("item", theirs, "way", "replace")), "words", List.of());
        assertThat(bring(look, choices).get("sentence").asString()).isEqualTo("Pouring hour is here.");
        to.post("/api/show", Map.of("open", true));
        assertThat(to.say("wickerby", "!pour").body().get("sentence").asString())
                .startsWith("rang Pour the taper");
        to.post("/api/hush", null);
        to.post("/api/show", Map.of("open", false));
        assertThat(to.file(FILE + "cue/pour-the-taper")).isEqualTo(pack);
        JsonNode here = to.get("/api/packs").body().get(0);
        assertThat(here.get("here").asInt()).isEqualTo(here.get("of").asInt()).isPositive();
        assertThat(come(pack).body().get("before").asString()).isEqualTo("1");
        Running.Answer out = to.post("/api/packs/pouring-hour/take-out", null);
        assertThat(out.body().get("sentence").asString()).isEqualTo("Pouring hour is taken out.");
        for (String each : List.of("cues", "stages", "racks", "desks")) {
            assertThat(documents(wiring(), each)).as(each).isEqualTo(documents(before, each));
        }
        assertThat(wiring().at("/house/house")).isEqualTo(before.at("/house/house"));
        assertThat(to.get("/api/shelf").body()).isEmpty();
        assertThat(to.get("/api/packs").body()).isEmpty();
    }

    @Test
    @Order(4)
    void oneWordThatIsTakenIsAskedAboutAndBecomesAnother() {
        bring(come(pack).body(), NO_CHOICE);
        ObjectNode cue = (ObjectNode) to.cue("pour-the-taper").get("cue").deepCopy();
        to.ask(
                "DELETE",
                "/api/cues/pour-the-taper?version="
                        + to.cue("pour-the-taper").get("version").asLong(),
                null);
        cue.put("id", "mine").put("name", "My own");
        Running.Answer saved = to.put("/api/cues/mine", Map.of("version", 0, "cue", cue));
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
        JsonNode look = come(pack).body();
        JsonNode clash = look.get("words").get(0);
        assertThat(clash.get("says").asString()).contains("already belongs to My own");
        String path = "/api/packs/coming/" + look.get("coming").asString();
        Map<String, Object> unsaid = new LinkedHashMap<>(NO_CHOICE);
        unsaid.put("revision", look.get("revision").asLong());
        Running.Answer refused = to.post(path + "/bring", unsaid);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").toString()).contains("Give it another word, or leave this one out.");
        List<Map<String, Object>> words = renamed(look, "-theirs");
        Map<String, Object> choices = Map.of(
                "items",
                List.of(),
                "words",
                words,
                "revision",
                look.get("revision").asLong());
        JsonNode again = to.post(path, choices).body();
        assertThat(again.get("words")).isEmpty();
        bring(again, choices);
        to.post("/api/show", Map.of("open", true));
        String first = words.get(0).get("becomes").toString();
        assertThat(to.say("wickerby", first).body().get("sentence").asString()).contains("Pour the taper");
        to.post("/api/hush", null);
        to.post("/api/show", Map.of("open", false));
        Running.Answer hangs = to.post("/api/packs/pouring-hour/take-out", null);
        assertThat(hangs.status()).isEqualTo(422);
        assertThat(hangs.body().get("problems").toString()).contains("\"My own\"", "It hangs on the pack");
        assertThat(wiring().get("cues").toString()).contains("My own", "-theirs");
        to.ask(
                "DELETE",
                "/api/cues/mine?version=" + to.cue("mine").get("version").asLong(),
                null);
        assertThat(to.post("/api/packs/pouring-hour/take-out", null).status()).isEqualTo(200);
        assertThat(wiring().get("cues")).isEmpty();
    }

    @Test
    @Order(5)
    void aFileOfTheSameNameAndAnotherContentLiesBesideIt() {
        byte[] other = to.file("/bell.svg");
        to.askBytes(
                "POST", "/api/shelf?folder=Pictures&name=taper.svg", other, "Content-Type", "application/octet-stream");
        JsonNode look = come(pack).body();
        assertThat(look.get("files").toString()).contains("taper-2.svg");
        bring(look, Map.of("items", List.of(), "words", renamed(look, "-again")));
        assertThat(to.cue("pour-the-taper").toString()).contains("taper-2.svg");
    }

    @Test
    @Order(6)
    void whatIsNoPackIsRefusedByItsPlaceAndNothingComesIn() throws IOException {
        JsonNode before = wiring();
        refused("no letters at all".getBytes(StandardCharsets.UTF_8), "This is no pack");
        refused(changed((name, text) -> name.equals("wiring.json") ? "{" : text), "This is not JSON");
        refused(
                changed((name, text) -> name.equals("pack.json")
                        ? text.replace("\"formatVersion\" : 1", "\"formatVersion\" : 9")
                        : text),
                "A newer Wax Bell made this pack");
        refused(
                changed((name, text) -> name.startsWith("media/") ? text + " " : text),
                "Its content is not what the pack tells of it");
        refused(with("media/../../escape.svg", "x"), "Nothing of this name belongs in the pack");
        refused(with("run.sh", "x"), "Nothing of this name belongs in the pack");
        refused(with("media/Pictures/more.svg", "x"), "The pack does not tell of this file");
        refused(with("wiring.json.bak", "x"), "Nothing of this name belongs in the pack");
        refused(
                changed((name, text) -> name.equals("pack.json") ? text.replace("Pouring hour", "") : text),
                "The name");
        refused(
                changed((name, text) -> name.equals("wiring.json") ? text.replace("\"card\"", "\"trumpet\"") : text),
                "not known here");
        assertThat(wiring()).isEqualTo(before);
        assertThat(to.post("/api/packs/coming/../../x", NO_CHOICE).status()).isIn(400, 404);
        assertThat(to.post("/api/packs/coming/11111111-1111-1111-1111-111111111111", NO_CHOICE)
                        .body()
                        .get("problems")
                        .toString())
                .contains("Bring its file again");
        assertThat(to.get("/api/packs/file?name=x&version=1&item=ship/mary").status())
                .isEqualTo(422);
        assertThat(to.get("/api/packs/file?name=x&version=1").status()).isEqualTo(422);
    }

    @Test
    @Order(7)
    void aPackThatNamesWhatItDoesNotBringIsRefused() throws IOException {
        byte[] torn = changed((name, text) -> name.equals("wiring.json")
                ? text.replaceAll("\"rack\" : \"[a-z-]+\"", "\"rack\" : \"nowhere\"")
                        .replace("\"pour-the-taper\"", "\"torn\"")
                        .replace("!pour", "!torn")
                        .replace("!taper", "!torn2")
                : text);
        JsonNode look = come(torn).body();
        assertThat(look.get("problems").toString()).contains("There is no such rack.", "Pour the taper");
        Map<String, Object> choices = new LinkedHashMap<>(NO_CHOICE);
        choices.put("revision", look.get("revision").asLong());
        assertThat(to.post("/api/packs/coming/" + look.get("coming").asString() + "/bring", choices)
                        .status())
                .isEqualTo(422);
    }

    @Test
    @Order(8)
    void anotherVersionIsTakenOutWithTheFirstAndMyOwnStageKeepsWhatIDidSince() {
        to.post("/api/packs/pouring-hour/take-out", null);
        List<String> cues = documents(wiring(), "cues");
        bring(come(pack).body(), NO_CHOICE);
        bring(
                come(from.file(FILE.replace("version=1", "version=2") + "cue/kettle-on"))
                        .body(),
                NO_CHOICE);
        assertThat(to.get("/api/packs").body()).hasSize(1);
        assertThat(wiring().get("cues").toString()).contains("pour-the-taper", "kettle-on");
        JsonNode main = wiring().get("stages").get(0);
        ObjectNode mine = (ObjectNode) main.get("stage").deepCopy();
        mine.put("name", "My own stage");
        to.put("/api/stages/main", Map.of("version", main.get("version").asLong(), "stage", mine));
        assertThat(to.post("/api/packs/pouring-hour/take-out", null).status()).isEqualTo(200);
        assertThat(documents(wiring(), "cues")).isEqualTo(cues);
        JsonNode after = wiring().get("stages").get(0).get("stage");
        assertThat(after.get("name").asString()).isEqualTo("My own stage");
        assertThat(after.get("outlets").toString()).doesNotContain("\"bench\"");
    }

    private static void refused(byte[] file, String why) {
        Running.Answer answer = come(file);
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(422);
        assertThat(answer.body().get("problems").toString()).contains(why);
    }

    private static byte[] with(String name, String text) throws IOException {
        Map<String, byte[]> all = entries();
        all.put(name, text.getBytes(StandardCharsets.UTF_8));
        return zipped(all);
    }

    /** The pack with its texts changed. */
    private static byte[] changed(BiFunction<String, String, String> how) throws IOException {
        Map<String, byte[]> all = entries();
        all.replaceAll((name, content) -> name.endsWith(".json") || name.endsWith(".svg")
                ? how.apply(name, new String(content, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8)
                : content);
        return zipped(all);
    }

    private static Map<String, byte[]> entries() throws IOException {
        Map<String, byte[]> all = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(pack))) {
            for (ZipEntry each = in.getNextEntry(); each != null; each = in.getNextEntry()) {
                all.put(each.getName(), in.readAllBytes());
            }
        }
        return all;
    }

    private static byte[] zipped(Map<String, byte[]> all) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> each : all.entrySet()) {
                out.putNextEntry(new ZipEntry(each.getKey()));
                out.write(each.getValue());
                out.closeEntry();
            }
        }
        return bytes.toByteArray();
    }
}
