package org.waxbell.bench;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.LockSupport;
import org.waxbell.e2e.Hearing;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** More than any evening brings: 5,000 lines a second of 10,000 strangers by one link, with 500 cues, desks and points on and 50 pages that show a stage. */
final class LoadBench {
    private static final int RATE = 5_000;
    private static final int STRANGERS = 10_000;
    private static final int PAGES = 50;
    private static final int CUES = 500;
    /** Every so many lines one is answered, and another brings a card. */
    private static final int MARK_EVERY = 500;

    private static final String CARD = "A card of the load";
    private static final int CARD_EVERY = 5_000;
    private final Scale scale;

    LoadBench(Scale scale) {
        this.scale = scale;
    }

    void run() throws Exception {
        try (FloodServer server = new FloodServer();
                Packaged app = new Packaged(
                        Files.createTempDirectory("waxbell-bench-load").resolve("data"))) {
            wire(app, server);
            server.awaitJoined();
            List<Hearing> pages = new ArrayList<>();
            for (int i = 0; i < scale.of(2, PAGES); i++) {
                pages.add(Hearing.stage(app));
            }
            app.post("/api/show", Map.of("open", true));
            server.flood(scale.of(500, 20_000), scale.of(500, 2_000), STRANGERS, n -> "warming up " + n);
            awaitQuiet(app);
            Figures.print("memory_before", Figures.memory(app.process()), "MB");
            measured(app, server, pages);
            many(app);
        }
    }

    /** Thousands of pages, and how long it takes from a press until each of them was told the card. */
    private void many(Packaged app) throws Exception {
        int count = scale.of(5, 1_000, 4_000);
        double before = Figures.memory(app.process());
        List<Hearing> pages = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            pages.add(Hearing.stage(app));
        }
        Figures.print("many_pages", count, "");
        Figures.print("memory_of_each", (Figures.memory(app.process()) - before) / count * 1_024, "kB");
        long start = System.nanoTime();
        app.say("wickerby", "!load-card");
        while (pages.stream().anyMatch(each -> each.heard(CARD) == 0) && System.nanoTime() - start < 60_000_000_000L) {
            LockSupport.parkNanos(1_000_000);
        }
        Figures.print(
                "told_the_card",
                pages.stream().filter(each -> each.heard(CARD) > 0).count(),
                "pages");
        Figures.print("card_to_the_last_page", (System.nanoTime() - start) / 1e6, "ms");
    }

    private void measured(Packaged app, FloodServer server, List<Hearing> pages) throws Exception {
        int lines = scale.of(1_000, RATE * 15, RATE * 60);
        long before = decided(app);
        Map<Integer, Long> sent = new ConcurrentHashMap<>();
        long start = System.nanoTime();
        double took = server.flood(lines, scale.of(500, RATE), STRANGERS, n -> {
            if (n % MARK_EVERY == 0) {
                sent.put(n, System.nanoTime());
            }
            return n % CARD_EVERY == 1
                    ? "!load-card"
                    : n % MARK_EVERY == 0 ? "!tick " + n : "line " + n + " of the evening";
        });
        // Asked more often, it would be the asking that is measured.
        long last = -1;
        for (long now = decided(app) - before; now < lines && now != last; now = decided(app) - before) {
            last = now;
            LockSupport.parkNanos(500_000_000);
        }
        double all = (System.nanoTime() - start) / 1e9;
        Figures.print("lines_sent", lines, "lines");
        Figures.print("lines_decided", decided(app) - before, "lines");
        Figures.print("rate_sent", lines / took, "lines/s");
        Figures.print("rate_decided", (decided(app) - before) / all, "lines/s");
        Figures.print("behind_at_the_end", Math.max(0, all - took), "s");
        Figures.print("memory_after", Figures.memory(app.process()), "MB");
        List<Double> answers = new ArrayList<>();
        server.answered().forEach((mark, at) -> answers.add((at - sent.get(mark)) / 1e6));
        Figures.print("answers", answers.size(), "of " + sent.size());
        Figures.printBoth("line_to_answer", answers);
        Figures.print("pages", pages.size(), "");
        Figures.print(
                "cards_told_to_the_slowest_page",
                pages.stream().mapToLong(each -> each.heard(CARD)).min().orElse(0),
                "");
        Figures.print(
                "cards_told_to_the_quickest_page",
                pages.stream().mapToLong(each -> each.heard(CARD)).max().orElse(0),
                "");
    }

    private static long decided(Packaged app) {
        return app.get("/api/journal")
                .valueStream()
                .mapToLong(each -> each.get("number").asLong())
                .max()
                .orElse(0);
    }

    /** Until nothing more is decided. */
    private static void awaitQuiet(Packaged app) {
        for (long last = -1, now = decided(app); now != last; now = decided(app)) {
            last = now;
            LockSupport.parkNanos(1_000_000_000L);
        }
    }

    private void wire(Packaged app, FloodServer server) {
        List<JsonNode> wired = app.get("/api/wiring").get("cues").valueStream().toList();
        List<Map<String, Object>> save = new ArrayList<>();
        for (int i = 0; i < scale.of(10, CUES); i++) {
            save.add(cue(
                    wired,
                    "what-is-on-the-bench",
                    "load-" + i,
                    i == 0 ? "!tick" : "!load" + i,
                    i == 0 ? "tick {argument}" : "Thank you, {viewer}."));
        }
        save.add(cue(wired, "pour-the-taper", "load-card", "!load-card", CARD));
        JsonNode saved = app.put("/api/cues", Map.of("what", "the load", "save", save, "delete", List.of()));
        if (saved.has("problems")) {
            throw new IllegalStateException(saved.toString());
        }
        ObjectNode settings = (ObjectNode) app.get("/api/link-kinds/irc");
        settings.put("host", "127.0.0.1")
                .put("port", server.port())
                .put("tls", false)
                .put("burst", 100)
                .put("everyMs", 0);
        settings.putArray("channels").add("#bench");
        settings.putObject("helper").put("nick", "saltmarsh_bell").put("login", "");
        app.put("/api/links/flood", Map.of("kind", "irc", "name", "Flood", "settings", settings, "secrets", Map.of()));
    }

    /** A wish for a cue of the demo's kind behind no gate. @param like id of the one it is made of @param says what its first part shows or says */
    static Map<String, Object> cue(List<JsonNode> wired, String like, String id, String word, String says) {
        JsonNode sample = wired.stream()
                .map(each -> each.get("cue"))
                .filter(each -> each.get("id").asString().equals(like))
                .findFirst()
                .orElseThrow();
        ObjectNode cue = (ObjectNode) sample.deepCopy();
        cue.put("id", id).put("name", id).putArray("gates");
        cue.putArray("whenHeld");
        ((ObjectNode) cue.at("/pulls/0")).putArray("words").add(word);
        ((ObjectNode) cue.at("/takes/0/score/parts/0")).put("words", says);
        return Map.of("cue", cue, "version", 0);
    }
}
