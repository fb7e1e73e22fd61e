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
import org.junit.jupiter.params.provider.ValueSource;
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

    private static Running.Answer ask(String name, String condition, String sort) {
        return app.post(
                "/api/people", Map.of("name", name, "condition", condition, "sort", sort, "down", true, "from", 0));
    }

    private static List<String> names(Running.Answer answer) {
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body()
                .get("people")
                .valueStream()
                .map(each -> each.get("name").asString())
                .toList();
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
                .until(() -> names(ask("o'rei", "", "name")).equals(List.of("o'reilly_%_")));
        assertThat(names(ask("OTTER", "", "name"))).containsExactly("brine_otter");
        assertThat(names(ask("' or 1=1 --", "", "name"))).isEmpty();
    }

    @Test
    void rulesCompareNumbersStandingsAndNotes() {
        grant("practice:wickerby", "500", "for the test of rules");
        await("paid")
                .atMost(PATIENCE)
                .until(() -> names(ask("", "points >= 400", "points")).equals(List.of("wickerby")));
        assertThat(names(ask("", "'vip' in standing", "name"))).contains("wickerby");
        assertThat(names(ask("", "!('vip' in standing) && lines >= 1", "name")))
                .contains("brine_otter")
                .doesNotContain("wickerby");
        app.put("/api/people/practice:tallowmoth/note", Map.of("note", " likes <b>sage</b> "));
        assertThat(names(ask("", "note.contains('<B>sage')", "name"))).containsExactly("tallowmoth");
        JsonNode kept = app.get("/api/people/practice:tallowmoth").body();
        assertThat(kept.at("/changes/0/what").asString()).isEqualTo("noted: likes <b>sage</b>");
        assertThat(kept.at("/changes/0/who").asString()).isEqualTo("the host");
        assertThat(kept.at("/person/evenings").asLong()).isEqualTo(1);
    }

    @Test
    void namesAreComparedAndDaysAndBracketsCount() {
        assertThat(names(ask("", "name.startsWith('BRINE') || name == 'tallowmoth'", "name")))
                .containsExactly("tallowmoth", "brine_otter");
        assertThat(names(ask("", "!(daysAway > 3) && name == 'wickerby'", "name")))
                .containsExactly("wickerby");
        assertThat(names(ask("", "name != 'wickerby' && (lines < 1 || daysKnown == 0)", "name")))
                .contains("brine_otter")
                .doesNotContain("wickerby");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"wealth >= 1", "points about 1", "points >= 'many'", "lines + 1 > 2", "1; drop table person"})
    void whatCannotBeAskedIsRefusedAtItsPlace(String condition) {
        Running.Answer refused = ask("", condition, "name");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/problems/0/path").asString()).isEqualTo("condition");
        assertThat(ask("", "", "name; drop table person").status()).isEqualTo(422);
    }

    @Test
    void aConditionIsReadAsRowsAndWrittenFromThem() {
        JsonNode read = app.post("/api/people/condition", Map.of("text", "lines >= 3 && 'vip' in standing"))
                .body();
        assertThat(read.at("/rows/rows/1/value").asString()).isEqualTo("vip");
        JsonNode written = app.post("/api/people/condition/rows", Map.of("rows", read.get("rows")))
                .body();
        assertThat(written.get("text").asString()).isEqualTo("lines >= 3 && 'vip' in standing");
        assertThat(app.get("/api/people/names").body().at("/titles/points").asString())
                .isEqualTo("drips");
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
