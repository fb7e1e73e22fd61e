package org.waxbell.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.waxbell.e2e.Packaged;
import org.waxbell.evening.KnownPeople;
import tools.jackson.databind.JsonNode;

/**
 * A million people: finding one by name, filtering by a rule, the first by points, a line of somebody known and of somebody new, each beside the
 * same where a thousand are known; paying all who are present in one step; and a prize draw that thousands enter at once.
 */
final class PeopleBench {
    private static final int FEW = 1_000;
    private static final int BATCH = 10_000;
    private static final int WRITERS = 16;
    private final Scale scale;
    private final int rounds;

    PeopleBench(Scale scale) {
        this.scale = scale;
        rounds = scale.of(10, 60);
    }

    void run() throws Exception {
        // As ./waxbell starts it: the balances of a million are more than tests have room for.
        System.setProperty("waxbell.heap", "512m");
        int many = scale.of(20_000, 1_000_000);
        double known = people("few", FEW);
        double knownOfMany = people("many", many);
        Figures.print("line_known_many_to_few", knownOfMany / known, "");
    }

    /** @return the middle time of a line of somebody known, in milliseconds */
    private double people(String name, int count) throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench-people").resolve("data");
        try (Packaged app = new Packaged(data)) {
            app.get("/api/live");
        }
        long began = System.nanoTime();
        fill(data.resolve("waxbell.db"), count);
        Figures.print(name + "_filled", (System.nanoTime() - began) / 1e9, "s");
        began = System.nanoTime();
        try (Packaged app = new Packaged(data)) {
            Figures.print("people_" + name, count, "people");
            Figures.print(name + "_started", (System.nanoTime() - began) / 1e9, "s");
            app.post("/api/show", Map.of("open", true));
            String last = moth(count - 1);
            asked(app, name + "_found_by_name", last, "", "lastSeen");
            asked(app, name + "_filtered_by_rule", "", "points >= 900", "lastSeen");
            asked(app, name + "_first_by_points", "", "", "points");
            double known = lines(app, name + "_line_known", i -> moth(i % count));
            lines(app, name + "_line_new", i -> "fresh" + i);
            if (count > FEW) {
                present(app);
                entered(app);
            }
            Figures.print(name + "_memory", Figures.memory(app.process()), "MB");
            return known;
        }
    }

    private static String moth(int number) {
        return "moth_" + number;
    }

    private static void fill(Path database, int count) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement plain = connection.createStatement()) {
            connection.setAutoCommit(false);
            List<String> kept = setAside(plain);
            try (PreparedStatement person = connection.prepareStatement(
                            "insert into person (id, name, standings, months, first_seen, last_seen, lines, evenings) values (?, ?, 'ANYONE', 0, ?, ?, ?, 1)");
                    PreparedStatement known =
                            connection.prepareStatement("insert or ignore into known (name) values (?)");
                    PreparedStatement entry = connection.prepareStatement(
                            "insert into ledger (at, person, amount, why) values (?, ?, ?, 'presence')")) {
                for (int i = 0; i < count; i++) {
                    String id = "practice:" + moth(i);
                    person.setString(1, id);
                    person.setString(2, moth(i));
                    person.setLong(3, i);
                    person.setLong(4, i);
                    person.setLong(5, i % 500);
                    person.addBatch();
                    known.setLong(1, KnownPeople.key(moth(i)));
                    known.addBatch();
                    entry.setLong(1, i);
                    entry.setString(2, id);
                    entry.setLong(3, 1 + i % 1_000);
                    entry.addBatch();
                    if (i % BATCH == BATCH - 1) {
                        person.executeBatch();
                        known.executeBatch();
                        entry.executeBatch();
                    }
                }
                person.executeBatch();
                known.executeBatch();
                entry.executeBatch();
            }
            plain.execute(
                    "insert or replace into balance (person, points) select person, sum(amount) from ledger group by person");
            for (String each : kept) {
                plain.execute(each);
            }
            connection.commit();
        }
    }

    /** Takes indexes and triggers away while so much is written, and tells how to make them again. */
    private static List<String> setAside(Statement plain) throws SQLException {
        List<String> made = new ArrayList<>();
        List<String> gone = new ArrayList<>();
        try (ResultSet all =
                plain.executeQuery("select type, name, sql from sqlite_master where type in ('index', 'trigger')"
                        + " and sql is not null and tbl_name in ('person', 'ledger', 'balance')")) {
            while (all.next()) {
                gone.add("drop " + all.getString(1) + " " + all.getString(2));
                made.add(all.getString(3));
            }
        }
        for (String each : gone) {
            plain.execute(each);
        }
        return made;
    }

    private void asked(Packaged app, String name, String part, String condition, String sort) {
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < rounds; i++) {
            long began = System.nanoTime();
            JsonNode found = app.post(
                    "/api/people", Map.of("name", part, "condition", condition, "sort", sort, "down", true, "from", 0));
            if (!found.has("count")) {
                throw new IllegalStateException("refused: " + found);
            }
            took.add((System.nanoTime() - began) / 1e6);
        }
        quantiles(name, took);
    }

    private interface Name {
        String of(int round);
    }

    private double lines(Packaged app, String name, Name who) {
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < 10 * rounds; i++) {
            long began = System.nanoTime();
            app.say(who.of(i), "good evening to all");
            took.add((System.nanoTime() - began) / 1e6);
        }
        return quantiles(name, took);
    }

    /** @return the middle one */
    private static double quantiles(String name, List<Double> took) {
        took.sort(Double::compare);
        Figures.print(name + "_p50", took.get(took.size() / 2), "ms");
        Figures.print(name + "_p99", took.get((int) Math.min(took.size() - 1L, Math.round(took.size() * 0.99))), "ms");
        return took.get(took.size() / 2);
    }

    private static void all(Packaged app, int count, String text) throws Exception {
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        List<Future<?>> done = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String name = moth(i);
            done.add(writers.submit(() -> app.say(name, text)));
        }
        for (Future<?> each : done) {
            each.get();
        }
        writers.shutdown();
        writers.awaitTermination(1, TimeUnit.MINUTES);
    }

    private void present(Packaged app) throws Exception {
        int count = scale.of(500, 5_000);
        all(app, count, "here I am");
        long began = System.nanoTime();
        app.post(
                "/api/desks/points/all",
                Map.of("about", "drips", "with", Map.of("amount", "1", "why", "the bench", "circle", "")));
        Figures.print("paying_" + count + "_present", (System.nanoTime() - began) / 1e6, "ms");
        began = System.nanoTime();
        app.say("wickerby", "good evening to all");
        Figures.print("line_behind_it", (System.nanoTime() - began) / 1e6, "ms");
    }

    private void entered(Packaged app) throws Exception {
        int count = scale.of(500, 10_000);
        app.post("/api/desks/prize/open", Map.of("about", "draw", "with", Map.of()));
        long began = System.nanoTime();
        all(app, count, "!draw");
        double seconds = (System.nanoTime() - began) / 1e9;
        Figures.print("entries", count / seconds, "entries/s");
        Figures.print(
                "entered",
                app.get("/api/desks/board?about=draw").at("/face/entrants").asInt(),
                "of " + count);
        began = System.nanoTime();
        app.post("/api/desks/prize/close", Map.of("about", "draw", "with", Map.of()));
        Figures.print("drawing", (System.nanoTime() - began) / 1e6, "ms");
    }
}
