package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Shows looked back on, while one is open, when it is over, and after a restart. */
class LookBackTest {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void twoShows() {
        app = Running.demo(data);
        app.post("/api/show", Map.of("open", true));
        app.say("wickerby", "good evening");
        app.post("/api/show", Map.of("open", false));
        app.say("wickerby", "is it over?");
        app.post("/api/show", Map.of("open", true));
        // Pressed once more it is refused, and no show of its own.
        app.post("/api/show", Map.of("open", true));
        for (int i = 0; i < 4; i++) {
            app.say("tallowmoth", "!scent of rose");
        }
        app.say("brine_otter", "!pour =1+1");
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static JsonNode show(int number) {
        return app.get("/api/lookback/" + number).body();
    }

    @Test
    void eachShowHasWhatHappenedInItAndNothingBetween() throws IOException {
        JsonNode all = app.get("/api/lookback").body();
        assertThat(all.get(0).get("show").asInt()).isEqualTo(2);
        assertThat(all.get(0).get("open").asBoolean()).isTrue();
        assertThat(show(1).at("/summary/lines").asInt()).isEqualTo(1);
        assertThat(show(2).at("/summary/lines").asInt()).isEqualTo(5);
        assertThat(show(1).at("/fresh").toString()).isEqualTo("[\"wickerby\"]");
        assertThat(show(1).at("/freshCount").asInt()).isOne();
        assertThat(show(2).at("/fresh").toString()).contains("tallowmoth").doesNotContain("wickerby");
        app.restart();
        assertThat(show(1).at("/summary/lines").asInt()).isEqualTo(1);
    }

    @Test
    void aWordThatPeopleTriedIsWorthACueAndOneThatIsThereIsNot() {
        String advice = show(2).get("advice").toString();
        assertThat(advice)
                .contains("!scent was written 4 times by one person", "\"sort\":\"word\",\"about\":\"!scent\"");
        assertThat(advice).doesNotContain("!pour");
        assertThat(show(2).get("unused").toString()).contains("Spin").doesNotContain("\"Pour the taper\"");
    }

    @Test
    void oneAsksByWordsAndGoesOnFromANumber() {
        JsonNode found = app.get("/api/lookback/2/lines?find=ROSE").body();
        assertThat(found).hasSize(4);
        long second = found.get(1).get("number").asLong();
        assertThat(app.get("/api/lookback/2/lines?find=rose&before=" + second).body())
                .hasSize(1);
        assertThat(app.get("/api/lookback/1/lines?find=rose").body()).isEmpty();
    }

    @Test
    void whatIsCarriedOutIsNoFormula() {
        assertThat(app.askText("/api/lookback/2/minutes.csv")).startsWith("minute,at,lines,rang,held\r\n0,");
        assertThat(app.askText("/api/lookback/2/cues.csv")).contains("\"Pour the taper\",1,0,");
        assertThat(app.askText("/api/lookback/2/show.json")).contains("\"people\" : 2");
    }

    @Test
    void aShowThatIsNotThereIsRefused() {
        assertThat(app.get("/api/lookback/99").status()).isEqualTo(422);
        assertThat(app.get("/api/lookback/nothing").status()).isBetween(400, 499);
    }

    @Test
    void aShowThatClosesIsSummedUpByItself() throws IOException {
        Path other = data.resolve("other");
        try (Running fresh = Running.demo(other)) {
            fresh.post("/api/show", Map.of("open", true));
            fresh.say("wickerby", "good evening");
            fresh.post("/api/show", Map.of("open", false));
            await("it is kept").atMost(PATIENCE).until(() -> {
                try (java.sql.Connection database =
                                java.sql.DriverManager.getConnection("jdbc:sqlite:" + other.resolve("waxbell.db"));
                        java.sql.ResultSet rows = database.createStatement()
                                .executeQuery("select count(*) from show_summary where json like '%\"lines\":1%'")) {
                    return rows.next() && rows.getInt(1) == 1;
                }
            });
        }
    }

    @Test
    void whatIsOlderThanTheHostWantsGoesAndWhatItCameToStays() throws IOException, SQLException {
        assertThat(app.get("/api/lookback/keeping").body().get("months").asInt())
                .as("until the host says otherwise nothing is taken away")
                .isZero();
        Running.Answer refused = app.put("/api/lookback/keeping", Map.of("months", -1));
        assertThat(refused.status()).isEqualTo(422);
        // The first show was long ago.
        long opened = change("select number from decision where kind = 'showClosed' order by number limit 1");
        change("update decision set at = at - 100 * 86400000 where number <= " + opened);
        change("update chat_line set at = at - 100 * 86400000 where number <= 1");
        change(
                "update recording set opened_at = opened_at - 8640000000, closed_at = closed_at - 8640000000 where number = 1");
        app.restart();
        assertThat(app.get("/api/lookback/1/lines").body()).isNotEmpty();
        keepFor(3);
        await("they go")
                .atMost(PATIENCE)
                .until(() -> app.get("/api/lookback/1/lines?find=good").body().isEmpty());
        await("the recording goes too")
                .atMost(PATIENCE)
                .until(() -> change("select count(*) from recorded where recording = 1") == 0);
        assertThat(show(1).at("/summary/lines").asInt()).isEqualTo(1);
        assertThat(app.get("/api/lookback").body()).hasSize(2);
        assertThat(app.get("/api/lookback/2/lines?find=rose").body()).hasSize(4);
        app.restart();
        assertThat(app.get("/api/lookback/keeping").body().get("months").asInt())
                .isEqualTo(3);
        keepFor(0);
    }

    /** Right after a start, on a slow machine, the database is busy for a moment: then that is said, and it is asked again. */
    private static void keepFor(int months) {
        await("it is taken")
                .atMost(PATIENCE)
                .until(() -> app.put("/api/lookback/keeping", Map.of("months", months))
                                .status()
                        == 200);
    }

    /** @return the first number of the answer, or how many rows it changed */
    private static long change(String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("waxbell.db"));
                Statement statement = connection.createStatement()) {
            boolean told = statement.execute(sql);
            return told ? statement.getResultSet().getLong(1) : statement.getUpdateCount();
        }
    }
}
