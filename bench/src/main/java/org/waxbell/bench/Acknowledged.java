package org.waxbell.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntConsumer;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;

/** Lines that ring cues, movements of points, notes and entries of a draw, written from several sides until the program is gone; and what of all that was acknowledged is lost then. */
final class Acknowledged {
    private static final long SEED = 20_261_130;
    private static final int WRITERS = 3;
    private static final int PEOPLE = 40;
    private static final int SHORTEST_MS = 200;
    private static final int LONGEST_MS = 3_000;
    private final Random random = new Random(SEED);
    private final AtomicInteger next = new AtomicInteger();
    /** Texts of lines that were acknowledged. */
    private final Set<String> lines = ConcurrentHashMap.newKeySet();
    /** Reasons of movements of points, likewise. */
    private final Set<String> grants = ConcurrentHashMap.newKeySet();
    /** The newest note that was acknowledged. */
    private final AtomicInteger note = new AtomicInteger();

    /** Writes from several sides, and does {@code end} to the program in the midst of it. */
    void until(Packaged app, int round, Runnable end) throws InterruptedException {
        app.post("/api/show", Map.of("open", true));
        app.post("/api/desks/prize/open", Map.of("about", "draw", "with", Map.of()));
        for (int i = 0; round == 0 && i < PEOPLE; i++) {
            // Points are given to those only who are known.
            app.say("moth_" + i, "good evening");
        }
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        List<IntConsumer> work = List.of(
                n -> {
                    String text = n % 5 == 0 ? "!pour" : n % 7 == 0 ? "!draw" : "line " + round + "/" + n;
                    if (app.say("moth_" + n % PEOPLE, text).has("number") && text.startsWith("line")) {
                        lines.add(text);
                    }
                },
                n -> {
                    String why = "round " + round + "/" + n;
                    JsonNode done = app.post(
                            "/api/desks/points/grant",
                            Map.of(
                                    "about",
                                    "drips",
                                    "with",
                                    Map.of("name", "moth_" + n % PEOPLE, "amount", "3", "why", why)));
                    if (done.has("number")) {
                        grants.add(why);
                    }
                },
                n -> {
                    int mine = next.incrementAndGet();
                    if (!app.put("/api/people/practice:wickerby/note", Map.of("note", "note " + mine))
                            .has("problems")) {
                        note.set(mine);
                    }
                });
        work.forEach(each -> writers.submit(() -> {
            try {
                for (int n = 0; !Thread.currentThread().isInterrupted(); n++) {
                    each.accept(n);
                }
            } catch (IllegalStateException killed) {
                // What was under way was not acknowledged.
            }
        }));
        TimeUnit.MILLISECONDS.sleep(SHORTEST_MS + random.nextInt(LONGEST_MS - SHORTEST_MS));
        end.run();
        writers.shutdownNow();
        if (!writers.awaitTermination(1, TimeUnit.MINUTES)) {
            throw new IllegalStateException("a writer did not end");
        }
    }

    /** What was acknowledged and is not in a database, or what is wrong with it; nothing where all is well. */
    List<String> lost(Path database) throws SQLException {
        List<String> lost = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            String whole = one(statement, "pragma integrity_check");
            if (!whole.equals("ok")) {
                lost.add("integrity: " + whole);
            }
            if (statement.executeQuery("pragma foreign_key_check").next()) {
                lost.add("a row stands for another that is not there");
            }
            Set<String> left = new HashSet<>(lines);
            all(statement, "select text from chat_line where text like 'line %'")
                    .forEach(left::remove);
            left.forEach(each -> lost.add("the line " + each));
            left = new HashSet<>(grants);
            all(statement, "select replace(why, ', by the host', '') from ledger where why like 'round %'")
                    .forEach(left::remove);
            left.forEach(each -> lost.add("the points of " + each));
            if (!all(statement, """
                    select person from balance where points <> (select sum(amount) from ledger where ledger.person = balance.person)
                    """).isEmpty()) {
                lost.add("the ledger does not add up");
            }
            String noted = all(statement, "select note from profile where person = 'practice:wickerby'").stream()
                    .findFirst()
                    .orElse("note 0");
            if (Integer.parseInt(noted.substring("note ".length())) < note.get()) {
                lost.add("a note: " + noted + " in place of " + note);
            }
        }
        return lost;
    }

    /** How much was acknowledged so far. */
    void print(String of) {
        Figures.print(of + "acknowledged_lines", lines.size(), "");
        Figures.print(of + "acknowledged_movements", grants.size(), "");
        Figures.print(of + "acknowledged_notes", note.get(), "");
    }

    private static String one(Statement statement, String question) throws SQLException {
        return all(statement, question).get(0);
    }

    private static List<String> all(Statement statement, String question) throws SQLException {
        List<String> all = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(question)) {
            while (rows.next()) {
                all.add(String.valueOf(rows.getString(1)));
            }
        }
        return all;
    }
}
