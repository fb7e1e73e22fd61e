package org.waxbell.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.waxbell.app.outside.CutProxy;
import org.waxbell.app.outside.RawIrc;
import org.waxbell.app.outside.RealIrc;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The links under load and in breaks: lines through a real IRC server into the packaged application, and wires that are cut at random moments. */
final class LinksBench {
    private static final int CUES = 500;
    private static final int RATE = 2_000;
    private static final int MARK_EVERY = 40;
    private static final int SPEAKERS = 4;
    private static final String CHANNEL = "#bench";
    private final Packaged app;
    private final RealIrc server;
    private final CutProxy wire;
    private final Random random = new Random(5);

    private LinksBench(Packaged app, RealIrc server, CutProxy wire) {
        this.app = app;
        this.server = server;
        this.wire = wire;
    }

    static void run(Scale scale) throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench-links");
        try (RealIrc server = new RealIrc(data.resolve("irc"));
                CutProxy wire = new CutProxy(server.port());
                Packaged app = new Packaged(data.resolve("near"));
                Packaged far = new Packaged(data.resolve("far"));
                CutProxy mixer = new CutProxy(Integer.parseInt(far.address().replaceAll(".*:", "")))) {
            LinksBench bench = new LinksBench(app, server, wire);
            bench.wire(scale.of(20, CUES));
            bench.flood(scale.of(1, 8), false);
            bench.flood(scale.of(1, 12, 60), true);
            bench.cutChat(scale.of(2, 12, 100));
            bench.cutMixer(far, mixer, scale.of(2, 12, 100));
        }
    }

    private void wire(int cues) {
        for (int i = 0; i < cues; i++) {
            cue("cue-" + i, i == 0 ? "!tick" : "!word" + i, i == 0 ? "tick {argument}" : "Thank you, {viewer}.");
        }
        ObjectNode settings = (ObjectNode) app.get("/api/link-kinds/irc");
        settings.put("host", "127.0.0.1")
                .put("port", wire.port())
                .put("tls", false)
                .put("burst", 100)
                .put("everyMs", 0);
        settings.putArray("channels").add(CHANNEL);
        settings.putObject("helper").put("nick", "saltmarsh_bell").put("login", "");
        app.put("/api/links/tower", Map.of("kind", "irc", "name", "Tower", "settings", settings, "secrets", Map.of()));
        awaitUp("tower");
    }

    private void cue(String id, String word, String says) {
        JsonNode sample = app.get("/api/wiring")
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/id").asString().equals("what-is-on-the-bench"))
                .findFirst()
                .orElseThrow();
        ObjectNode cue = (ObjectNode) sample.get("cue").deepCopy();
        cue.put("id", id).put("name", id).putArray("gates");
        cue.putArray("whenHeld");
        ((ObjectNode) cue.at("/pulls/0")).putArray("words").add(word);
        ((ObjectNode) cue.at("/takes/0/score/parts/0")).put("words", says);
        app.put("/api/cues/" + id, Map.of("version", 0, "cue", cue));
    }

    private JsonNode link(String id) {
        return app.get("/api/links")
                .valueStream()
                .filter(each -> each.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void awaitUp(String id) {
        long until = System.nanoTime() + 120_000_000_000L;
        while (!link(id).at("/state/phase").asString().equals("up")) {
            if (System.nanoTime() > until) {
                throw new IllegalStateException(id + " did not come up: " + link(id));
            }
            LockSupport.parkNanos(5_000_000);
        }
    }

    private long decided() {
        return app.get("/api/journal")
                .valueStream()
                .mapToLong(each -> each.get("number").asLong())
                .max()
                .orElse(0);
    }

    /** Lines at the full rate, once to warm up and once counted; marked ones are timed to the bare reader beside us, and to our answer as everybody in the channel hears it. */
    private void flood(int seconds, boolean counted) throws Exception {
        Map<Integer, Long> sent = new ConcurrentHashMap<>();
        List<Double> bare = new ArrayList<>();
        List<Double> answered = new ArrayList<>();
        try (RawIrc ear = new RawIrc(server.port(), "bare_ear").join(CHANNEL)) {
            List<RawIrc> speakers = new ArrayList<>();
            for (int i = 0; i < SPEAKERS; i++) {
                speakers.add(new RawIrc(server.port(), "speaker" + i).join(CHANNEL));
            }
            long before = decided();
            int count = RATE * seconds;
            Thread listener = new Thread(() -> {
                while (answered.size() < count / MARK_EVERY) {
                    String line = ear.await(each -> each.contains("tick "));
                    long now = System.nanoTime();
                    int mark = Integer.parseInt(line.replaceAll(".*tick (\\d+).*", "$1"));
                    (line.startsWith(":saltmarsh_bell") ? answered : bare).add((now - sent.get(mark)) / 1e6);
                }
            });
            listener.setDaemon(true);
            listener.start();
            long start = System.nanoTime();
            for (int i = 0; i < count; i++) {
                long due = start + i * 1_000_000_000L / RATE;
                while (System.nanoTime() < due) {
                    LockSupport.parkNanos(Math.max(1, due - System.nanoTime()));
                }
                boolean mark = i % MARK_EVERY == 0;
                sent.put(i, System.nanoTime());
                speakers.get(i % SPEAKERS).say(CHANNEL, mark ? "!tick " + i : "line " + i + " of the evening");
            }
            double took = (System.nanoTime() - start) / 1e9;
            listener.join(60_000);
            // The last mark is answered before the lines behind it are kept.
            for (int i = 0; i < 1_000 && decided() - before < count; i++) {
                LockSupport.parkNanos(10_000_000);
            }
            speakers.forEach(RawIrc::close);
            if (!counted) {
                return;
            }
            Figures.print("irc_lines_sent", count, "lines");
            Figures.print("irc_lines_decided", decided() - before, "lines");
            Figures.print("irc_rate", count / took, "lines/s");
            Figures.print("irc_answers", answered.size(), "of " + count / MARK_EVERY);
            Figures.print("irc_line_to_answer_p50", Figures.percentile(answered, 50), "ms");
            Figures.print("irc_line_to_answer_p99", Figures.percentile(answered, 99), "ms");
            Figures.print("irc_bare_line_p50", Figures.percentile(bare, 50), "ms");
            Figures.print("irc_bare_line_p99", Figures.percentile(bare, 99), "ms");
        }
    }

    /** Cuts the chat's wire while somebody talks: how long until it is up again, and whether anything comes twice. */
    private void cutChat(int cuts) throws Exception {
        List<Double> back = new ArrayList<>();
        long first = decided();
        int said = 0;
        try (RawIrc speaker = new RawIrc(server.port(), "talker").join(CHANNEL)) {
            for (int i = 0; i < cuts; i++) {
                int lines = 3 + random.nextInt(12);
                for (int j = 0; j < lines; j++) {
                    speaker.say(CHANNEL, "numbered " + said++);
                    LockSupport.parkNanos(random.nextInt(30) * 1_000_000L);
                }
                back.add(cut(wire, "tower"));
            }
            speaker.say(CHANNEL, "numbered " + said++);
            LockSupport.parkNanos(1_000_000_000L);
        }
        Map<String, Integer> heard = new TreeMap<>();
        for (long before = Long.MAX_VALUE; before > first; ) {
            JsonNode page = app.get("/api/journal?before=" + before);
            page.valueStream()
                    .filter(each -> each.get("number").asLong() > first
                            && each.get("event").asString().contains("numbered "))
                    .forEach(each -> heard.merge(each.get("event").asString(), 1, Integer::sum));
            before = page.valueStream()
                    .mapToLong(each -> each.get("number").asLong())
                    .min()
                    .orElse(0);
        }
        Figures.print("irc_cuts", cuts, "cuts");
        Figures.print("irc_back_p50", Figures.percentile(back, 50), "ms");
        Figures.print("irc_back_worst", Figures.percentile(back, 100), "ms");
        Figures.print("irc_said_in_all", said, "lines");
        Figures.print("irc_heard", heard.size(), "lines");
        Figures.print(
                "irc_heard_twice",
                heard.values().stream().filter(each -> each > 1).count(),
                "lines");
    }

    private double cut(CutProxy which, String link) {
        which.cut();
        LockSupport.parkNanos((20 + random.nextInt(400)) * 1_000_000L);
        while (link(link).at("/state/phase").asString().equals("up")) {
            LockSupport.parkNanos(1_000_000);
        }
        long mended = System.nanoTime();
        which.mend();
        awaitUp(link);
        return (System.nanoTime() - mended) / 1e6;
    }

    /** Cuts the mixer's wire while a stage is placed here and there without a pause: nothing is done twice. */
    private void cutMixer(Packaged far, CutProxy mixer, int cuts) throws Exception {
        String password = far.get("/api/practice/mixer/door").get("password").asString();
        app.put(
                "/api/links/mixer",
                Map.of(
                        "kind",
                        "mixer",
                        "name",
                        "The mixer",
                        "settings",
                        Map.of("practice", false, "address", "ws://127.0.0.1:" + mixer.port() + "/ws/mixer-link"),
                        "secrets",
                        Map.of("password", password)));
        awaitUp("mixer");
        List<Double> back = new ArrayList<>();
        long before = far.get("/api/practice/mixer").get("number").asLong();
        AtomicInteger done = new AtomicInteger();
        AtomicInteger refused = new AtomicInteger();
        AtomicBoolean over = new AtomicBoolean();
        Thread placing = new Thread(() -> {
            while (!over.get()) {
                JsonNode answer =
                        app.post("/api/stages/main/place", Map.of("scene", done.get() % 2 == 0 ? "away" : "bench"));
                (answer.has("known") ? done : refused).incrementAndGet();
            }
        });
        placing.start();
        for (int i = 0; i < cuts; i++) {
            LockSupport.parkNanos((50 + random.nextInt(300)) * 1_000_000L);
            back.add(cut(mixer, "mixer"));
        }
        over.set(true);
        placing.join();
        JsonNode now = far.get("/api/practice/mixer");
        long sources = now.get("sources")
                .valueStream()
                .filter(each -> each.get("address").asString().startsWith(app.address()))
                .count();
        Figures.print("mixer_cuts", cuts, "cuts");
        Figures.print("mixer_back_p50", Figures.percentile(back, 50), "ms");
        Figures.print("mixer_back_worst", Figures.percentile(back, 100), "ms");
        Figures.print("mixer_placed", done.get(), "times");
        Figures.print("mixer_refused_while_down", refused.get(), "times");
        // Each time it is shown and let be heard, and once its source is made; one that was refused may have got
        // half-way.
        Figures.print("mixer_changes", now.get("number").asLong() - before, "changes");
        Figures.print("mixer_changes_due", 2.0 * done.get() + 1, "changes");
        Figures.print("mixer_sources_made", sources, "sources");
    }
}
