package org.waxbell.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;

/**
 * The evening from one screen: how smooth Live stays while chat runs, beside a bare page that adds the same lines; a press on a pad to the
 * first frame on the stage; what a line that led to nothing takes of the disk; and looking back over many shows.
 */
final class LiveBench {
    private static final long HOUR = 3_600_000;
    private static final int PEOPLE = 300;
    private static final int BATCH = 10_000;
    /** The spot on which the card of the cue is that is pressed, and by which it is named. */
    private static final String PRESSED = "corner";

    private static final String BARE = """
            document.body.innerHTML = '<div id="log" style="height:600px;overflow:auto"></div>'
            const log = document.getElementById('log')
            window.adding = setInterval(() => {
              const line = document.createElement('p')
              line.textContent = 'moth: what a calm evening ' + Math.random()
              log.append(line)
              if (log.childElementCount > 200) log.firstElementChild.remove()
              log.scrollTop = log.scrollHeight
            }, %d)
            """;

    private static final String LOOKS = """
            window.frame = 0
            new MutationObserver((all) => {
              if (!window.frame && document.querySelector('[data-part-run]')) {
                requestAnimationFrame(() => (window.frame ||= Date.now()))
              }
            }).observe(document.body, { childList: true, subtree: true })
            """;

    private final Scale scale;

    LiveBench(Scale scale) {
        this.scale = scale;
    }

    void run() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench-live");
        lines(data.resolve("lines"));
        try (Packaged app = new Packaged(data.resolve("live"));
                Browser browser = new Browser()) {
            app.post("/api/show", Map.of("open", true));
            chat(app, browser);
            presses(app, browser);
            Figures.print("memory", Figures.memory(app.process()), "MB");
        }
        lookBack(data.resolve("live"));
    }

    /** What lines that led to nothing take of the disk while a show is recorded; what a start and a show take by themselves is taken off. */
    private void lines(Path data) throws Exception {
        int count = scale.of(300, 5_000, 50_000);
        long before = size(data, PEOPLE);
        long bare = scale.small() ? before : size(data, PEOPLE);
        long full = size(data, PEOPLE + count);
        Figures.print("line_on_disk", (full - bare - (bare - before)) / (double) count, "bytes");
    }

    private static long size(Path data, int lines) throws Exception {
        try (Packaged app = new Packaged(data)) {
            app.post("/api/show", Map.of("open", false));
            app.post("/api/show", Map.of("open", true));
            Paced.run(2_000, lines, each -> app.say(moth(each), "a line of the evening, number " + each));
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("waxbell.db"));
                Statement statement = connection.createStatement()) {
            statement.execute("vacuum");
        }
        return Files.size(data.resolve("waxbell.db"));
    }

    private static String moth(int number) {
        return "moth_" + number % PEOPLE;
    }

    private void chat(Packaged app, Browser browser) throws Exception {
        int seconds = scale.of(2, 15, 60);
        for (int rate : List.of(10, 100)) {
            browser.tab(app.address() + "/live");
            browser.see("[role=log]");
            browser.driver().executeScript(BoardBench.COUNTS);
            CompletableFuture<Double> written = CompletableFuture.supplyAsync(
                    () -> Paced.run(rate, rate * seconds, each -> app.say(moth(each), "a calm evening " + each)));
            double share = Processor.share(seconds);
            double took = written.get();
            told("live_" + rate, browser, share);
            Figures.print("live_" + rate + "_written", rate * seconds / took, "lines/s");
            browser.driver().executeScript(BARE.formatted(1_000 / rate));
            browser.driver().executeScript(BoardBench.COUNTS);
            double bare = Processor.share(seconds);
            told("bare_" + rate, browser, bare);
            browser.driver().executeScript("clearInterval(window.adding)");
        }
    }

    private static void told(String name, Browser browser, double share) {
        double[] frames = BoardBench.frames(browser);
        Figures.print(name + "_frames_a_second", frames[0], "");
        Figures.print(name + "_longest_frame", frames[1], "ms");
        Figures.print(name + "_processor", share, "% of one");
    }

    private void presses(Packaged app, Browser browser) {
        browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.await(
                "the stage has joined", any -> app.get("/api/live").get("pages").size() > 0);
        browser.driver().executeScript(LOOKS);
        Map<String, Object> card = new HashMap<>(Drafts.card("card", PRESSED, 0, 500));
        card.put("title", "The pad was pressed");
        Drafts.button(app, PRESSED, List.of(card));
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < scale.of(3, 40, 200); i++) {
            browser.driver().executeScript("window.frame = 0");
            long begun = System.currentTimeMillis();
            app.post("/api/cues/bench-" + PRESSED + "/press", Map.of());
            browser.await("a frame of it", any -> frame(browser) > 0);
            took.add((double) (frame(browser) - begun));
            app.post("/api/hush", Map.of());
            browser.gone("[data-part-run]");
        }
        Figures.printBoth("press_to_frame", took);
    }

    private static long frame(Browser browser) {
        return ((Number) browser.driver().executeScript("return window.frame")).longValue();
    }

    private void lookBack(Path data) throws Exception {
        int shows = scale.of(3, 60, 200);
        int each = scale.of(400, 20_000);
        shows(data.resolve("waxbell.db"), shows, each);
        try (Packaged app = new Packaged(data)) {
            took("lookback_list", 1, () -> app.get("/api/lookback"));
            took("lookback_first_picture_not_summed_up", 1, () -> app.get("/api/lookback/" + shows));
            took("lookback_picture", 20, () -> app.get("/api/lookback/" + shows));
            took("lookback_question", 20, () -> app.get("/api/lookback/" + shows + "/lines?find=number%20399%20"));
            took("lookback_question_without_answer", 20, () -> app.get("/api/lookback/" + shows + "/lines?find=xyzzy"));
            Figures.print("lookback_memory", Figures.memory(app.process()), "MB");
        }
        Figures.print("lookback_lines", (double) shows * each, "lines");
        Figures.print("lookback_on_disk", Files.size(data.resolve("waxbell.db")) / 1e6, "MB");
    }

    private static void took(String name, int rounds, Runnable work) {
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < rounds; i++) {
            long began = System.nanoTime();
            work.run();
            took.add((System.nanoTime() - began) / 1e6);
        }
        if (rounds == 1) {
            Figures.print(name, took.get(0), "ms");
        } else {
            Figures.printBoth(name, took);
        }
    }

    /** Fills the journal with shows of an hour each, as the program itself writes them. */
    private static void shows(Path database, int shows, int each) throws SQLException, IOException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database)) {
            connection.setAutoCommit(false);
            try (PreparedStatement row = connection.prepareStatement(
                    "insert into decision (number, at, kind, viewer, event, sentence, json) values (?, ?, ?, ?, ?, ?, ?)")) {
                // Behind what happened in this measurement itself.
                long number = 1_000_000;
                long from = System.currentTimeMillis() + HOUR;
                for (int show = 0; show < shows; show++) {
                    long opened = from + show * 48 * HOUR;
                    number = moved(row, number, opened, "showOpened");
                    for (int i = 0; i < each; i++) {
                        String name = moth(i);
                        set(
                                row,
                                number++,
                                opened + i * HOUR / each,
                                "chatLine",
                                "practice:" + name,
                                name + ": a line of the evening, number " + i + " of show " + show,
                                "[\"practice\",\"" + name + "\",\"ANYONE\",0]");
                        if (number % BATCH == 0) {
                            row.executeBatch();
                        }
                    }
                    number = moved(row, number, opened + HOUR, "showClosed");
                }
                row.executeBatch();
            }
            connection.commit();
        }
    }

    private static long moved(PreparedStatement row, long number, long at, String kind) throws SQLException {
        String event = "{\"kind\":\"" + kind + "\",\"by\":{\"origin\":\"host\",\"id\":\"\"}}";
        String json = "{\"number\":" + number + ",\"at\":" + at + ",\"event\":" + event + ",\"cues\":[],\"note\":\"\"}";
        set(row, number, at, kind, null, "The show", json);
        return number + 1;
    }

    private static void set(PreparedStatement row, long number, long at, Object... columns) throws SQLException {
        row.setLong(1, number);
        row.setLong(2, at);
        row.setObject(3, columns[0]);
        row.setObject(4, columns[1]);
        row.setObject(5, columns[2]);
        row.setObject(6, "");
        row.setObject(7, columns[3]);
        row.addBatch();
    }
}
