package org.waxbell.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.openqa.selenium.WindowType;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Hearing;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A whole evening: a crowd of ten lines a second, the console, Live and two stages open all the while; what each takes at the beginning and at the end. */
final class EveningBench {
    private static final int VIEWERS = 300;
    private static final int A_MINUTE = 600;
    private static final int EACH_SECONDS = 5;
    private static final String WEIGHS =
            "return [performance.memory.usedJSHeapSize / 1048576," + " document.getElementsByTagName('*').length]";
    private final Scale scale;

    EveningBench(Scale scale) {
        this.scale = scale;
    }

    void run() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench-evening").resolve("data");
        int seconds = scale.of(10, 210, 3_600);
        try (Packaged app = new Packaged(data);
                Browser browser = new Browser()) {
            wire(app);
            app.post("/api/show", Map.of("open", true));
            app.put("/api/practice/crowd", Map.of("on", true, "seed", 7, "size", VIEWERS, "perMinute", A_MINUTE));
            Map<String, String> pages = pages(app, browser);
            // What is loaded and compiled at first is not what an evening takes.
            TimeUnit.SECONDS.sleep(scale.of(1, 20, 120));
            Ledger before = new Ledger(data);
            weigh("begin", app, browser, pages);
            List<Double> first = half(app, seconds / 2);
            List<Double> second = half(app, seconds - seconds / 2);
            weigh("end", app, browser, pages);
            Figures.printBoth("line_to_card_first_half", first);
            Figures.printBoth("line_to_card_second_half", second);
            new Ledger(data).since(before, seconds);
        }
    }

    /** What is kept in a data folder. */
    private record Ledger(long bytes, long decisions, long lines) {
        Ledger(Path data) throws Exception {
            this(size(data), count(data, "decision"), count(data, "chat_line"));
        }

        private static long size(Path data) throws Exception {
            long all = 0;
            for (String each : List.of("waxbell.db", "waxbell.db-wal")) {
                all += Files.exists(data.resolve(each)) ? Files.size(data.resolve(each)) : 0;
            }
            return all;
        }

        private static long count(Path data, String table) throws SQLException {
            try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("waxbell.db"));
                    Statement statement = connection.createStatement();
                    ResultSet found = statement.executeQuery("select count(*) from " + table)) {
                return found.next() ? found.getLong(1) : 0;
            }
        }

        void since(Ledger before, int seconds) {
            double hours = seconds / 3_600.0;
            Figures.print("journal", (decisions - before.decisions) / hours, "decisions an hour");
            Figures.print("chat", (lines - before.lines) / hours, "lines an hour");
            Figures.print("database", (bytes - before.bytes) / hours / 1_048_576, "MB an hour");
        }
    }

    private static Map<String, String> pages(Packaged app, Browser browser) {
        Map<String, String> pages = new LinkedHashMap<>();
        Map<String, String> all = new LinkedHashMap<>(Map.of("console", app.address() + "/cues"));
        all.put("live", app.address() + "/live");
        for (String stage : List.of("main", "break")) {
            all.put(
                    "stage_" + stage,
                    app.get("/api/stages/" + stage + "/address").get("address").asString());
        }
        all.forEach((name, address) -> {
            // A window each: what is hidden is painted seldom.
            browser.driver().switchTo().newWindow(WindowType.WINDOW);
            browser.size(1_280, 800);
            browser.driver().get(address);
            pages.put(name, browser.driver().getWindowHandle());
        });
        return pages;
    }

    /** Presses the word every few seconds: from each press to the card, in milliseconds. */
    private static List<Double> half(Packaged app, int seconds) {
        List<Double> took = new ArrayList<>();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        try (Hearing page = Hearing.stage(app, "break")) {
            for (int i = 0; System.nanoTime() < until; i++) {
                String says = "evening card " + i + ".";
                long pressed = System.nanoTime();
                app.say("wickerby", "!benchcard " + i);
                while (page.heard(says) == 0 && System.nanoTime() - pressed < 10_000_000_000L) {
                    LockSupport.parkNanos(200_000);
                }
                took.add((System.nanoTime() - pressed) / 1e6);
                LockSupport.parkNanos(Math.max(0, pressed + EACH_SECONDS * 1_000_000_000L - System.nanoTime()));
            }
        }
        return took;
    }

    private void weigh(String when, Packaged app, Browser browser, Map<String, String> pages) throws Exception {
        Figures.print(when + "_memory", Figures.memory(app.process()), "MB");
        int seconds = scale.of(1, 10);
        long used = app.process().info().totalCpuDuration().orElseThrow().toMillis();
        Figures.print(when + "_browser_processor", Processor.share(seconds), "% of one");
        used = app.process().info().totalCpuDuration().orElseThrow().toMillis() - used;
        Figures.print(when + "_processor", used / 10.0 / seconds, "% of one");
        for (Map.Entry<String, String> page : pages.entrySet()) {
            browser.to(page.getValue());
            browser.driver().executeCdpCommand("HeapProfiler.collectGarbage", Map.of());
            List<?> weight = (List<?>) browser.driver().executeScript(WEIGHS);
            Figures.print(when + "_" + page.getKey() + "_heap", ((Number) weight.get(0)).doubleValue(), "MB");
            Figures.print(when + "_" + page.getKey() + "_elements", ((Number) weight.get(1)).doubleValue(), "");
        }
    }

    private static void wire(Packaged app) {
        Map<String, Object> wish = LoadBench.cue(
                app.get("/api/wiring").get("cues").valueStream().toList(),
                "pour-the-taper",
                "bench-card",
                "!benchcard",
                "evening card {argument}.");
        ObjectNode score = (ObjectNode) ((ObjectNode) wish.get("cue")).at("/takes/0/score");
        ObjectNode card = (ObjectNode) score.at("/parts/0");
        card.put("stage", "break").put("spot", "all-over").put("lengthMs", 2_000);
        score.putArray("parts").add(card);
        JsonNode saved = app.put("/api/cues/bench-card", wish);
        if (saved.has("problems")) {
            throw new IllegalStateException(saved.toString());
        }
    }
}
