package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Every ready-made piece: drawn, brought into an empty house and into a full one by one press, tried, and taken out again so that nothing of it is left. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ReadyTest {
    private static final Map<String, Object> USUAL = Map.of("stage", "", "answers", Map.of());

    /** What these do is neither seen on a stage nor said. */
    private static final Set<String> UNSEEN = Set.of("shutters-for-a-while", "a-lamp-answers");

    @TempDir
    static Path data;

    private Running empty;
    private Running demo;

    @BeforeAll
    void start() {
        empty = Running.empty(data.resolve("empty"));
        demo = Running.demo(data.resolve("demo"));
    }

    @AfterAll
    void stop() throws IOException {
        empty.close();
        demo.close();
    }

    private Stream<Arguments> pieces() {
        return empty.get("/api/ready")
                .body()
                .valueStream()
                .flatMap(each -> Stream.of(
                        Arguments.of(
                                "an empty house",
                                each.get("id").asString(),
                                each.get("tries").asBoolean()),
                        Arguments.of(
                                "a full house",
                                each.get("id").asString(),
                                each.get("tries").asBoolean())));
    }

    private Running in(String house) {
        return house.equals("an empty house") ? empty : demo;
    }

    private static String documents(Running app) {
        JsonNode wiring = app.get("/api/wiring").body();
        StringBuilder all = new StringBuilder();
        for (String list : List.of("racks", "stages", "desks", "cues")) {
            String one = list.substring(0, list.length() - 1);
            wiring.get(list).forEach(each -> all.append(each.get(one)).append('\n'));
        }
        return all.toString();
    }

    private static JsonNode fine(Running.Answer answer) {
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    /** Words that are taken become others. */
    private static void bring(Running app, JsonNode look) {
        List<Map<String, Object>> words = PacksTest.renamed(look, "2");
        String coming = "/api/packs/coming/" + look.get("coming").asString();
        Map<String, Object> choices = Map.of(
                "items",
                List.of(),
                "words",
                words,
                "revision",
                look.get("revision").asLong());
        assertThat(fine(app.post(coming, choices)).get("words")).isEmpty();
        fine(app.post(coming + "/bring", choices));
    }

    @ParameterizedTest(name = "{1} in {0}")
    @MethodSource("pieces")
    void itComesByOnePressIsTriedAndGoesWithoutATrace(String house, String id, boolean tries) {
        Running app = in(house);
        String before = documents(app);
        JsonNode drawing = fine(app.post("/api/ready/" + id + "/drawing", USUAL));
        assertThat(drawing.get("parts").size()
                        + drawing.get("said").size()
                        + drawing.at("/stage/fixtures").size())
                .as("something is seen or said")
                .matches(seen -> UNSEEN.contains(id) ? seen == 0 : seen > 0);
        assertThat(drawing.toString()).doesNotContain("[[");
        JsonNode look = fine(app.post("/api/ready/" + id + "/coming", USUAL));
        assertThat(look.get("problems")).as("nothing is wrong with it").isEmpty();
        assertThat(look.get("clashes")).as("nothing is in its way").isEmpty();
        assertThat(look.get("brings")).isNotEmpty();
        if (app == empty) {
            assertThat(look.get("words")).as("its words are free").isEmpty();
        }
        bring(app, look);
        if (tries) {
            assertThat(fine(app.post("/api/ready/" + id + "/try", Map.of()))
                            .get("sentence")
                            .asString())
                    .isNotBlank();
        }
        JsonNode here = app.get("/api/packs").body().get(0);
        fine(app.post("/api/packs/" + here.get("id").asString() + "/take-out", Map.of()));
        assertThat(documents(app)).isEqualTo(before);
    }

    @Test
    void thereAreEnoughAndEachIsCalledOtherwise() {
        List<String> names = empty.get("/api/ready")
                .body()
                .valueStream()
                .map(each -> each.get("name").asString())
                .toList();
        assertThat(names).hasSizeGreaterThanOrEqualTo(24).doesNotHaveDuplicates();
        assertThat(empty.get("/api/ready").body().valueStream())
                .allMatch(each -> each.get("questions").size() <= 3);
    }

    @Test
    void anAnswerStandsInWhatComesAndOneThatDoesNotFitIsRefusedByItsKey() {
        Map<String, Object> asked =
                Map.of("stage", "", "answers", Map.of("word", "pinch", "words", "\"}],\"cues\":[] <b>so</b>"));
        JsonNode drawing = fine(empty.post("/api/ready/answer-a-word/drawing", asked));
        assertThat(drawing.get("said").get(0).asString()).isEqualTo("\"}],\"cues\":[] <b>so</b>");
        assertThat(drawing.get("sentences").get(0).asString()).contains("!pinch");
        Running.Answer refused = empty.post(
                "/api/ready/a-sip/coming", Map.of("stage", "", "answers", Map.of("minutes", "four hundred")));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains("\"path\":\"minutes\"", "four hundred", "5 to 1440");
        assertThat(empty.post("/api/ready/nothing/coming", USUAL).body().toString())
                .contains("no such piece");
    }

    @Test
    void itIsDrawnOnTheStageThatWasChosenAsLargeAsThatIs() {
        JsonNode drawing =
                fine(demo.post("/api/ready/who-came-last/drawing", Map.of("stage", "break", "answers", Map.of())));
        assertThat(drawing.at("/stage/id").asString()).isEqualTo("break");
        assertThat(drawing.get("faces").toString()).contains("juniper_and_ash");
    }

    @Test
    void whatStandsBeforeChatWordsHereStandsInItsWordsToo() {
        JsonNode house = empty.get("/api/wiring").body().get("house");
        ObjectNode other = (ObjectNode) house.get("house").deepCopy();
        fine(empty.put(
                "/api/house", Map.of("version", house.get("version").asLong(), "house", other.put("prefix", "?"))));
        try {
            JsonNode drawing = fine(empty.post("/api/ready/a-queue/drawing", USUAL));
            assertThat(drawing.at("/stage/fixtures").toString()).contains("Write ?join");
            assertThat(drawing.get("faces").toString()).contains("wickerby");
        } finally {
            fine(empty.post("/api/undo", null));
        }
    }
}
