package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Everyone who is known, as the console asks for them, and the ledger, over a restart. */
class PeopleTest {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data);
        app.post("/api/show", Map.of("open", true));
        for (String name : List.of("wickerby", "brine_otter", "tallowmoth", "o'reilly_%_")) {
            app.post("/api/practice/lines", Map.of("name", name, "text", "good evening to all", "privately", false));
        }
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static Running.Answer ask(String name, List<Map<String, String>> rules, String sort) {
        return app.post("/api/people", Map.of("name", name, "rules", rules, "sort", sort, "down", true, "from", 0));
    }

    private static List<String> names(Running.Answer answer) {
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body()
                .get("people")
                .valueStream()
                .map(each -> each.get("name").asString())
                .toList();
    }

    private static Map<String, String> rule(String field, String compare, String value) {
        return Map.of("field", field, "compare", compare, "value", value);
    }

    private static void grant(String who, String amount, String why) {
        app.post(
                "/api/desks/points/grant",
                Map.of("about", "drips", "with", Map.of("name", who, "amount", amount, "why", why)));
    }

    @Test
    void peopleAreFoundByPartOfANameWhateverStandsInIt() {
        await("all were seen")
                .atMost(PATIENCE)
                .until(() -> names(ask("o'rei", List.of(), "name")).equals(List.of("o'reilly_%_")));
        assertThat(names(ask("OTTER", List.of(), "name"))).containsExactly("brine_otter");
        assertThat(names(ask("' or 1=1 --", List.of(), "name"))).isEmpty();
    }

    @Test
    void rulesCompareNumbersStandingsAndNotes() {
        grant("practice:wickerby", "500", "for the test of rules");
        await("paid")
                .atMost(PATIENCE)
                .until(() -> names(ask("", List.of(rule("points", "atLeast", "400")), "points"))
                        .equals(List.of("wickerby")));
        assertThat(names(ask("", List.of(rule("standing", "is", "vip")), "name")))
                .contains("wickerby");
        assertThat(names(ask("", List.of(rule("standing", "isNot", "vip"), rule("lines", "atLeast", "1")), "name")))
                .contains("brine_otter")
                .doesNotContain("wickerby");
        app.put("/api/people/practice:tallowmoth/note", Map.of("note", " likes <b>sage</b> "));
        assertThat(names(ask("", List.of(rule("note", "is", "<b>sage")), "name")))
                .containsExactly("tallowmoth");
        JsonNode kept = app.get("/api/people/practice:tallowmoth").body();
        assertThat(kept.at("/changes/0/what").asString()).isEqualTo("noted: likes <b>sage</b>");
        assertThat(kept.at("/changes/0/who").asString()).isEqualTo("the host");
        assertThat(kept.at("/person/evenings").asLong()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        "wealth, atLeast, 1, rules[0].field",
        "points, about, 1, rules[0].compare",
        "points, atLeast, many, rules[0].value",
        "points, atLeast, 1; drop table person, rules[0].value"
    })
    void whatCannotBeAskedIsRefusedAtItsPlace(String field, String compare, String value, String place) {
        Running.Answer refused = ask("", List.of(rule(field, compare, value)), "name");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains(place);
        assertThat(ask("", List.of(), "name; drop table person").status()).isEqualTo(422);
    }

    @Test
    void nobodyAndATooLongNoteAreRefused() {
        assertThat(app.get("/api/people/practice:nobody").status()).isEqualTo(422);
        assertThat(app.put("/api/people/practice:wickerby/note", Map.of("note", "x".repeat(1_001)))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theLedgerAddsUpOverARestartAndIsCarriedOut() throws IOException {
        grant("practice:brine_otter", "20", "a question, well asked");
        grant("practice:brine_otter", "-5", "=1+1");
        await("both are kept")
                .atMost(PATIENCE)
                .until(() -> app.get("/api/ledger?person=practice:brine_otter")
                        .body()
                        .toString()
                        .contains("=1+1, by the host"));
        app.restart();
        JsonNode sums = app.get("/api/ledger").body().get("sums");
        assertThat(sums.get("points").asLong())
                .isEqualTo(sums.get("balances").asLong())
                .isPositive();
        String csv = app.askText("/api/ledger.csv");
        assertThat(csv).contains("\"a question, well asked, by the host\"", "\"'=1+1, by the host\"");
        assertThat(app.askText("/api/people/top.csv")).startsWith("place,name,points,standing\r\n1,");
    }
}
