package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.people.Forgetting;
import org.waxbell.app.store.PackedBooks;
import org.waxbell.app.store.PersonMapper;
import org.waxbell.app.store.RecordingMapper;
import org.waxbell.engine.Books;
import org.waxbell.evening.KnownPeople;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.Identity;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;
import tools.jackson.databind.JsonNode;

/** Accounts that are one person's, circles by what is kept of people, and the wish to be forgotten, over restarts. */
class JoinedPeopleTest {
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data);
        app.post("/api/show", Map.of("open", true));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static Viewer on(String link, String name, Standing... standings) {
        return new Viewer(link + ":" + name, name, Set.of(standings), 0);
    }

    private static void says(Viewer who, String text) {
        String link = who.id().substring(0, who.id().indexOf(':'));
        app.bean(Inbox.class).happen(new ChatLine(link, who, text)).join();
    }

    private static JsonNode person(String id) {
        return app.get("/api/people/" + id).body();
    }

    private static Running.Answer join(String person, String account) {
        return app.post("/api/people/" + person + "/accounts", Map.of("account", account));
    }

    @Test
    void twoAccountsOfOneNameAreSuggestedJoinedAndParted() throws IOException {
        says(on("practice", "reed_bunting", Standing.MEMBER), "here I am");
        says(on("tower", "Reed_Bunting"), "and here");
        assertThat(person("practice:reed_bunting").at("/alike/0/id").asString()).isEqualTo("tower:Reed_Bunting");
        JsonNode joined = join("practice:reed_bunting", "tower:Reed_Bunting").body();
        assertThat(joined.at("/accounts/0/id").asString()).isEqualTo("tower:Reed_Bunting");
        assertThat(joined.get("alike").isEmpty()).isTrue();
        assertThat(joined.at("/changes/0/what").asString()).contains("is Reed_Bunting (tower) too");
        app.restart();
        long before = person("practice:reed_bunting").at("/person/lines").asLong();
        says(on("tower", "Reed_Bunting"), "still me");
        JsonNode after = person("practice:reed_bunting");
        assertThat(after.at("/person/lines").asLong()).isEqualTo(before + 1);
        assertThat(after.at("/person/name").asString()).isEqualTo("reed_bunting");
        assertThat(after.at("/person/standing").asString()).isEqualTo("member");
        Running.Answer listed = app.post(
                "/api/people",
                Map.of("name", "reed_bunting", "condition", "", "sort", "name", "down", false, "from", 0));
        assertThat(listed.body().get("count").asLong())
                .as("an account is not listed beside its person")
                .isEqualTo(1);
        Running.Answer parted =
                app.ask("DELETE", "/api/people/practice:reed_bunting/accounts/tower:Reed_Bunting", null);
        assertThat(parted.body().get("accounts").isEmpty()).isTrue();
    }

    @Test
    void whatCannotBeJoinedIsRefusedAtTheAccount() {
        says(on("practice", "stilt"), "hello");
        Running.Answer oneself = join("practice:stilt", "practice:stilt");
        assertThat(oneself.status()).isEqualTo(422);
        assertThat(oneself.body().at("/problems/0/path").asString()).isEqualTo("account");
        assertThat(join("practice:stilt", "tower:nobody_at_all").status()).isEqualTo(422);
    }

    @Test
    void circlesByWhatIsKeptOfPeopleKeepThemselves() {
        Viewer giver = on("practice", "curlew_kay");
        says(giver, "good evening");
        app.bean(Inbox.class)
                .happen(Facts.GIFT.from("practice", giver, "Lantern", 100_000L, 3L))
                .join();
        circle("patrons", "gaveEver", 1, "");
        circle("loud", "rule", 3, "gave >= 300000 && name.startsWith('curlew')");
        await("the first of all by gifts, and those of whom the condition holds")
                .atMost(PATIENCE)
                .untilAsserted(
                        () -> assertThat(app.get("/api/circles/now").body().toString())
                                .contains("\"circle\":\"patrons\",\"first\":[{\"person\":\"practice:curlew_kay\"")
                                .contains("\"circle\":\"loud\",\"first\":[{\"person\":\"practice:curlew_kay\""));
        await("the engine was told")
                .atMost(PATIENCE)
                .until(() -> ask("select count(*) from fact where kind = 'circled' and id like '%/practice:curlew_kay'")
                        .equals(List.of("2")));
    }

    private static void circle(String name, String by, int first, String rule) {
        app.post("/api/circles", Map.of("name", name));
        JsonNode view = app.get("/api/wiring").body().get("house");
        Map<String, Object> house = Running.JSON.convertValue(view.get("house"), Map.class);
        List<Map<String, Object>> circles = new ArrayList<>();
        for (Object each : (List<?>) house.get("circles")) {
            Map<String, Object> circle = Running.JSON.convertValue(each, Map.class);
            if (name.equals(circle.get("id"))) {
                circle.put("by", by);
                circle.put("first", first);
                circle.put("rule", rule);
            }
            circles.add(circle);
        }
        house.put("circles", circles);
        Running.Answer saved =
                app.put("/api/house", Map.of("version", view.get("version").asLong(), "house", house));
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
    }

    @Test
    void whoIsForgottenStandsNowhereAnyMoreAndTheLedgerAddsUpAsBefore() throws IOException {
        Viewer gone = on("practice", "sandpiper_sol");
        says(gone, "I was here, and wish I had not been");
        app.bean(Inbox.class)
                .happen(Facts.GIFT.from("practice", gone, "Sprig", 5L, 1L))
                .join();
        app.post(
                "/api/desks/points/grant",
                Map.of("about", "drips", "with", Map.of("name", gone.id(), "amount", "40", "why", "a question")));
        app.put("/api/people/practice:sandpiper_sol/note", Map.of("note", "shy"));
        app.put("/api/people/practice:sandpiper_sol/spelling", Map.of("spelling", "sand piper"));
        app.say("wickerby", "!join behind sandpiper_sol");
        app.put("/api/circles/dippers/people", Map.of("name", "sandpiper_sol", "in", true));
        await("paid")
                .atMost(PATIENCE)
                .until(() -> person(gone.id()).at("/person/points").asLong() > 0);
        draw(gone);
        app.post("/api/show", Map.of("open", false));
        app.post("/api/show", Map.of("open", true));
        // Who comes first tonight is paid for it.
        app.say("wickerby", "good evening");
        assertThat(atOpening().get(Books.BALANCES, Book.key(Identity.key(gone.id()))))
                .isPresent();
        JsonNode before = app.get("/api/ledger").body().get("sums");
        assertThat(app.post("/api/people/practice:sandpiper_sol/forget", Map.of("name", "sandpiper"))
                        .status())
                .isEqualTo(422);
        Running.Answer done = app.post("/api/people/practice:sandpiper_sol/forget", Map.of("name", "sandpiper_sol"));
        assertThat(done.status()).as(done.body().toString()).isEqualTo(200);
        assertThat(app.get("/api/people/practice:sandpiper_sol").status()).isEqualTo(422);
        assertThat(app.get("/api/wiring").body().at("/house/house/circles").toString())
                .doesNotContain("sandpiper_sol");
        await("it is out of older evenings too")
                .atMost(PATIENCE)
                .until(() -> app.bean(Forgetting.class).underWay() == 0);
        assertThat(traces(gone.id())).isEmpty();
        assertThat(atOpening().get(Books.BALANCES, Book.key(Identity.key(gone.id()))))
                .isEmpty();
        assertThat(atOpening().get(Books.KNOWN, Book.key(KnownPeople.key(gone.name()))))
                .isEmpty();
        assertThat(ask("select csv from prize_log where instr(csv || winners, 'sandpiper_sol') > 0"))
                .isEmpty();
        assertThat(ask("select event from decision where viewer like 'forgotten:%' limit 1"))
                .containsExactly("someone: …");
        JsonNode after = app.get("/api/ledger").body().get("sums");
        assertThat(after.get("points")).isEqualTo(before.get("points"));
        assertThat(after.get("balances")).isEqualTo(after.get("points"));
        app.restart();
        assertThat(app.say("wickerby", "is all well?").status()).isEqualTo(200);
        assertThat(app.get("/api/ledger").body().at("/sums/points")).isEqualTo(after.get("points"));
        assertThat(traces(gone.id())).isEmpty();
    }

    /** What was kept of everyone when the newest recording began. */
    private static Memory atOpening() {
        RecordingMapper recordings = app.bean(RecordingMapper.class);
        Memory memory = new Memory();
        PackedBooks.putBack(
                Objects.requireNonNull(recordings.people(recordings.newest())).packed(), memory);
        return memory;
    }

    /** Every place of the database where that identity still stands. */
    private static List<String> traces(String id) {
        List<String> all = new ArrayList<>();
        for (String table : ask("select name from sqlite_master where type = 'table' and name not like 'sqlite%'")) {
            for (String column : ask("select name from pragma_table_info('" + table + "')")) {
                all.addAll(ask("select '" + table + "." + column + ": ' || substr(\"" + column + "\", 1, 200) from \""
                        + table + "\" where instr(cast(\"" + column + "\" as text), '" + id + "') > 0"));
            }
        }
        return all;
    }

    private static List<String> ask(String question) {
        List<String> all = new ArrayList<>();
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("waxbell.db"));
                Statement statement = database.createStatement();
                ResultSet rows = statement.executeQuery(question)) {
            while (rows.next()) {
                all.add(rows.getString(1));
            }
        } catch (SQLException broken) {
            throw new IllegalStateException(broken);
        }
        return all;
    }

    @Test
    void aViewerProvesAnAccountByAWordThatBothWrite() {
        says(on("practice", "heron_bell"), "good evening");
        says(on("tower", "the_other_heron"), "good evening");
        String word = app.post("/api/people/practice:heron_bell/proof", Map.of())
                .body()
                .get("word")
                .asString();
        assertThat(word).matches("taper-\\d{4}");
        says(on("tower", "somebody_else"), word + " what is that?");
        says(on("tower", "the_other_heron"), word);
        JsonNode half = person("practice:heron_bell").get("proof");
        assertThat(half.get("theirs").asBoolean()).isFalse();
        assertThat(half.get("others").valueStream().map(each -> each.get("name").asString()))
                .containsExactly("the_other_heron");
        says(on("practice", "heron_bell"), word);
        assertThat(person("practice:heron_bell").at("/proof/theirs").asBoolean())
                .isTrue();
        assertThat(app.post("/api/people/practice:nobody_at_all/proof", Map.of())
                        .status())
                .isEqualTo(422);
    }

    @Test
    void howLongSomebodyWasHereIsCountedByWhatIsCloseTogether() {
        Viewer tern = on("practice", "arctic_tern");
        says(tern, "good evening");
        PersonMapper people = app.bean(PersonMapper.class);
        long now = System.currentTimeMillis();
        for (long minute : new long[] {0, 4, 9, 60, 62}) {
            people.seen(new PersonMapper.SeenNow(
                    tern.id(), tern.name(), "ANYONE", 0, now + minute * 60_000, 1, 1, 0, 202611, false));
        }
        assertThat(person("practice:arctic_tern").at("/person/minutes").asLong())
                .as("nine minutes and two, and not the fifty between")
                .isEqualTo(11);
        assertThat(app.post(
                                "/api/people",
                                Map.of(
                                        "name", "tern",
                                        "condition", "minutesHere >= 11",
                                        "sort", "minutes",
                                        "down", true,
                                        "from", 0))
                        .body()
                        .get("people")
                        .size())
                .isEqualTo(1);
    }

    @Test
    void whatWasPublishedOfADrawStaysAfterTheNextBegins() throws IOException {
        Viewer gannet = on("practice", "gannet");
        draw(gannet);
        JsonNode first = published(each -> each.get("winners").asString().contains("gannet"));
        draw(gannet);
        published(each -> each.get("opened").asLong() > first.get("opened").asLong());
        String csv = app.askText("/api/prizes/draw/draws/" + first.get("opened").asLong() + "/draw.csv");
        assertThat(csv).contains("seed,").contains("entrant,1,\"gannet\"");
        assertThat(app.get("/api/prizes/draw/draws/17/draw.csv").status()).isEqualTo(422);
    }

    /** A draw that was published; others draw here too, and each is written a moment after it is over. */
    private static JsonNode published(Predicate<JsonNode> which) {
        return await().atMost(PATIENCE)
                .until(
                        () -> app.get("/api/prizes/draw/draws")
                                .body()
                                .valueStream()
                                .filter(which)
                                .findFirst()
                                .orElse(null),
                        Objects::nonNull);
    }

    private static void draw(Viewer who) {
        act("open", Map.of());
        says(who, "!draw");
        act("close", Map.of());
        says(who, "here!");
    }

    private static void act(String name, Map<String, String> with) {
        app.post("/api/desks/prize/" + name, Map.of("about", "draw", "with", with));
    }
}
