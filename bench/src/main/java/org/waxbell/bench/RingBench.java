package org.waxbell.bench;

import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;

/**
 * From a chat line to the start of its card on a stage page, beside a bare echo in the same browser; and what it costs to
 * start and to rest, beside a bare Boot application. Rings and echoes take turns in rounds; a round counts for the quiet
 * figures only where the machine itself was quiet before and after it.
 */
final class RingBench {
    /** With more than so many cards that nobody painted there is nothing to measure. */
    private static final int MOST_MISSED = 10;

    private static final double QUIET_MS = 5;
    private final int rounds;
    private final int round;
    private final int restSeconds;
    private int missed;
    private final List<Double> ring = new ArrayList<>();
    private final List<Double> quietLate = new ArrayList<>();
    private final List<Double> late = new ArrayList<>();
    private final List<Double> lead = new ArrayList<>();
    private final List<Double> echo = new ArrayList<>();
    private final List<Double> echoFrame = new ArrayList<>();
    private final List<Double> quietFrame = new ArrayList<>();
    private final List<Double> noise = new ArrayList<>();

    RingBench(Scale scale) {
        rounds = scale.of(1, 4, 20);
        round = scale.of(4, 40);
        restSeconds = scale.of(1, 10);
    }

    void run() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench");
        starts(data);
        int barePort = Packaged.freePort();
        Process bare = bare(barePort);
        try (Packaged app = new Packaged(data.resolve("warm"));
                Browser browser = new Browser();
                LiveEnd live = new LiveEnd(app.address())) {
            answered("http://127.0.0.1:" + barePort + "/", bare);
            wire(app);
            String stage = browser.tab(
                    app.get("/api/stages/main/address").get("address").asString());
            browser.await(
                    "the stage has joined",
                    any -> app.get("/api/live").get("pages").size() == 1);
            String yard = browser.tab("http://127.0.0.1:" + barePort + "/");
            rings(app, live, browser, stage, round);
            clear();
            for (int i = 0; i < rounds; i++) {
                round(app, live, browser, stage, yard);
            }
        } finally {
            bare.destroy();
        }
        report();
    }

    private void round(Packaged app, LiveEnd live, Browser browser, String stage, String yard)
            throws InterruptedException {
        double before = Figures.noise();
        int rings = ring.size();
        int frames = echoFrame.size();
        rings(app, live, browser, stage, round);
        echoes(browser, yard);
        double after = Figures.noise();
        noise.add(Math.max(before, after));
        if (Math.max(before, after) < QUIET_MS) {
            quietLate.addAll(late.subList(rings, late.size()));
            quietFrame.addAll(echoFrame.subList(frames, echoFrame.size()));
        }
    }

    private void clear() {
        List.of(ring, late, lead).forEach(List::clear);
        missed = 0;
    }

    /** Two cues without cooldown on two spots, so that a ring never waits for the one before. */
    private static void wire(Packaged app) {
        for (String spot : List.of("lower-third", "corner")) {
            Drafts.cue(app, spot, List.of(Drafts.card("card", spot, 0, 500)));
        }
    }

    private void rings(Packaged app, LiveEnd live, Browser browser, String stage, int count)
            throws InterruptedException {
        browser.to(stage);
        for (int i = 0; i < count; i++) {
            var decision = app.say("wickerby", i % 2 == 0 ? "!lower-third" : "!corner");
            long number = decision.at("/answers/0/ring").asLong();
            if (number == 0) {
                throw new IllegalStateException("nothing rang: " + decision);
            }
            double at = live.startedAt(number + ".card");
            double meant = live.meantFor(number);
            if (Double.isNaN(at)) {
                if (++missed > MOST_MISSED) {
                    throw new IllegalStateException("no page tells what it paints; the last was ring " + number);
                }
                continue;
            }
            ring.add(at - decision.get("at").asLong());
            lead.add(meant - decision.get("at").asLong());
            late.add(at - meant);
            TimeUnit.MILLISECONDS.sleep(250);
        }
    }

    private void echoes(Browser browser, String yard) {
        browser.to(yard);
        Object measured = browser.driver()
                .executeAsyncScript("const done = arguments[1]; measure(arguments[0]).then(done)", round * 2);
        for (Object pair : (List<?>) measured) {
            echo.add(((Number) ((List<?>) pair).get(0)).doubleValue());
            echoFrame.add(((Number) ((List<?>) pair).get(1)).doubleValue());
        }
    }

    private void starts(Path data) throws Exception {
        long began = System.nanoTime();
        try (Packaged app = new Packaged(data.resolve("start"))) {
            app.get("/api/wiring");
            Figures.print("start_first_page", (System.nanoTime() - began) / 1e6, "ms");
            TimeUnit.SECONDS.sleep(restSeconds);
            Figures.print("memory_at_rest", Figures.memory(app.process()), "MB");
        }
        int port = Packaged.freePort();
        began = System.nanoTime();
        Process bare = bare(port);
        answered("http://127.0.0.1:" + port + "/", bare);
        Figures.print("bare_start_first_page", (System.nanoTime() - began) / 1e6, "ms");
        TimeUnit.SECONDS.sleep(restSeconds);
        Figures.print("bare_memory_at_rest", Figures.memory(bare), "MB");
        bare.destroy();
        bare.waitFor();
    }

    static Process bare(int port) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx256m",
                        "-jar",
                        "bench/target/bench.jar",
                        "bare",
                        Integer.toString(port))
                .redirectErrorStream(true)
                .start();
    }

    static void answered(String address, Process process) throws InterruptedException {
        while (!process.waitFor(50, TimeUnit.MILLISECONDS)) {
            try {
                HttpURLConnection connection =
                        (HttpURLConnection) URI.create(address).toURL().openConnection();
                if (connection.getResponseCode() == HttpURLConnection.HTTP_OK) {
                    return;
                }
            } catch (IOException notYet) {
                continue;
            }
        }
        throw new IllegalStateException("the bare application ended before it answered");
    }

    private void report() {
        Figures.printBoth("line_to_card", ring);
        Figures.printBoth("lead", lead);
        Figures.printBoth("card_lateness", late);
        Figures.printBoth("echo", echo);
        Figures.printBoth("echo_to_frame", echoFrame);
        Figures.print("cards_missed", missed, "of " + rounds * round);
        Figures.print("noise_p99", Figures.percentile(noise, 50), "ms");
        Figures.print("quiet_rounds", quietLate.size() / (double) round, "of " + rounds);
        if (!quietLate.isEmpty()) {
            Figures.print("quiet_lateness_p99", Figures.percentile(quietLate, 99), "ms");
            Figures.print("quiet_echo_to_frame_p99", Figures.percentile(quietFrame, 99), "ms");
        }
    }
}
