package org.waxbell.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;
import org.waxbell.stage.Stage;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The stage page: from the server's decision to the first frame of a card, how far apart two pages start one ring, frames with
 * thirty parts moving, the processor's share when nothing happens, what it weighs, and what it keeps after many rings. Beside it a
 * bare page in the same browser: a socket's echo until the next frame, frames with nothing to paint, an idle empty page.
 */
final class StageBench {
    private static final int PARTS = 30;
    private static final int IDLE_SECONDS = 10;
    /** Longer than it takes the figure to doze. */
    private static final int SETTLED_SECONDS = 7;

    private static final double QUIET_MS = 5;
    private final Scale scale;
    private final int rings;
    private final int many;

    StageBench(Scale scale) {
        this.scale = scale;
        rings = scale.of(4, 100, 400);
        many = scale.of(100, 2_000);
    }

    void run() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench");
        int barePort = Packaged.freePort();
        Process bare = RingBench.bare(barePort);
        try (Packaged app = new Packaged(data);
                Browser browser = new Browser();
                LiveEnd live = new LiveEnd(app.address())) {
            RingBench.answered("http://127.0.0.1:" + barePort + "/", bare);
            weigh();
            wire(app);
            browser.driver().get("http://127.0.0.1:" + barePort + "/");
            String bareTab = browser.driver().getWindowHandle();
            idle(browser, "bare_idle");
            String stage = browser.tab(
                    app.get("/api/stages/main/address").get("address").asString());
            browser.await(
                    "the stage has joined",
                    any -> app.get("/api/live").get("pages").size() == 1);
            idle(browser, "stage_idle");
            firstFrames(app, live, browser, stage, bareTab);
            moving(app, browser, stage, bareTab);
            memory(app, browser, stage);
            apart(app, browser, stage);
        } finally {
            bare.destroy();
        }
    }

    /** Two spots on which nothing ever waits, a field of thirty, and cues without cooldown for them. */
    private static void wire(Packaged app) {
        JsonNode view = app.get("/api/wiring").get("stages").get(0);
        Map<String, Object> share = Map.of("kind", "share", "together", 20);
        List<Object> spots = new ArrayList<>(
                view.at("/stage/spots").valueStream().map(each -> (Object) each).toList());
        for (int i = 0; i < 2; i++) {
            spots.add(Map.of(
                    "id",
                    "field-" + i,
                    "name",
                    "Field " + i,
                    "busy",
                    share,
                    "frame",
                    Map.of("x", 40 + i * 600, "y", 60, "width", 500, "height", 110, "layer", 0, "locked", false)));
        }
        Map<String, Object> stage = new HashMap<>(Map.of(
                "formatVersion",
                Stage.FORMAT,
                "id",
                "main",
                "name",
                "Main",
                "width",
                1_280,
                "height",
                720,
                "backdrop",
                "",
                "spots",
                spots,
                "outlets",
                view.at("/stage/outlets")));
        JsonNode fixtures = view.at("/stage/fixtures").deepCopy();
        // An idle stage is one whose figure sleeps.
        fixtures.valueStream()
                .filter(each -> each.has("dozeAfterMs"))
                .forEach(each -> ((ObjectNode) each).put("dozeAfterMs", 5_000));
        stage.put("fixtures", fixtures);
        Drafts.saved(app.put(
                "/api/stages/main", Map.of("version", view.get("version").asLong(), "stage", stage)));
        Drafts.cue(app, "one", List.of(Drafts.card("card", "field-0", 0, 500)));
        List<Object> many = new ArrayList<>();
        for (int i = 0; i < PARTS; i++) {
            many.add(Drafts.card("card-" + i, "field-" + i % 2, 0, 6_000));
        }
        Drafts.cue(app, "thirty", many);
    }

    private void firstFrames(Packaged app, LiveEnd live, Browser browser, String stage, String bareTab)
            throws InterruptedException {
        List<Double> whole = new ArrayList<>();
        List<Double> late = new ArrayList<>();
        List<Double> quiet = new ArrayList<>();
        int missed = 0;
        browser.to(stage);
        for (int i = 0; i < rings; i++) {
            double before = Figures.noise();
            JsonNode decision = app.say("wickerby", "!one");
            long number = decision.at("/answers/0/ring").asLong();
            double at = live.startedAt(number + ".card");
            double meant = live.meantFor(number);
            if (Double.isNaN(at)) {
                missed++;
                continue;
            }
            whole.add(at - decision.get("at").asLong());
            late.add(at - meant);
            if (before < QUIET_MS) {
                quiet.add(at - meant);
            }
        }
        Figures.printBoth("decision_to_frame", whole);
        Figures.printBoth("frame_lateness", late);
        Figures.printBoth("frame_lateness_after_quiet", quiet.isEmpty() ? late : quiet);
        Figures.print("frames_missed", missed, "of " + rings);
        browser.to(bareTab);
        List<Double> echo = new ArrayList<>();
        for (Object pair : (List<?>) browser.driver()
                .executeAsyncScript("const done = arguments[1]; measure(arguments[0]).then(done)", rings)) {
            echo.add(((Number) ((List<?>) pair).get(1)).doubleValue());
        }
        Figures.printBoth("bare_echo_to_frame", echo);
    }

    private static void moving(Packaged app, Browser browser, String stage, String bareTab) {
        browser.to(stage);
        app.say("wickerby", "!thirty");
        browser.await("thirty cards move", any -> browser.all(".card").size() >= PARTS);
        List<Double> frames = CuesBench.frames(browser, "return () => undefined", 180);
        Figures.print("moving_cards", browser.all(".card").size(), "");
        Figures.print("frames_with_thirty_moving", 1_000 / CuesBench.mean(frames), "frames/s");
        Figures.print("frame_with_thirty_moving_p99", Figures.percentile(frames, 99), "ms");
        app.post("/api/hush", Map.of());
        browser.to(bareTab);
        Figures.print(
                "bare_frames",
                1_000 / CuesBench.mean(CuesBench.frames(browser, "return () => undefined", 180)),
                "frames/s");
    }

    /** What all of the browser's processes used while the page on top does nothing, in percent of one processor. */
    private void idle(Browser browser, String name) throws Exception {
        TimeUnit.SECONDS.sleep(scale.of(1, SETTLED_SECONDS));
        Figures.print(name, Processor.share(scale.of(1, IDLE_SECONDS)), "% of a processor");
        browser.driver().getTitle();
    }

    private void memory(Packaged app, Browser browser, String stage) {
        browser.to(stage);
        double before = heap(browser);
        for (int i = 0; i < many; i++) {
            app.say("wickerby", "!one");
            if (i % 100 == 99) {
                browser.await("cards are gone", any -> browser.all(".card").size() < 20);
            }
        }
        browser.await("the stage is empty", any -> browser.all(".card").isEmpty());
        double after = heap(browser);
        Figures.print("heap_before", before, "MB");
        Figures.print("heap_after_" + many + "_rings", after, "MB");
        Figures.print(
                "nodes_left",
                ((Number) browser.driver().executeScript("return document.querySelectorAll('#stage *').length"))
                        .doubleValue(),
                "");
    }

    private static double heap(Browser browser) {
        browser.driver().executeCdpCommand("HeapProfiler.collectGarbage", Map.of());
        Map<String, Object> usage = browser.driver().executeCdpCommand("Runtime.getHeapUsage", Map.of());
        return ((Number) usage.get("usedSize")).doubleValue() / 1_048_576;
    }

    /** One ring on two visible pages: both stand in one window, for a browser paints no hidden tab. */
    private void apart(Packaged app, Browser browser, String stage) {
        browser.to(stage);
        String address = app.get("/api/stages/main/address").get("address").asString();
        browser.driver().get(app.address() + "/stage");
        browser.driver().executeScript("""
                document.body.replaceChildren(...[0, 1].map(() => { const page = document.createElement('iframe'); page.src = arguments[0]; page.width = 640; page.height = 360; return page }))""", address);
        browser.await(
                "both pages have joined",
                any -> app.get("/api/live").get("pages").size() == 2);
        browser.await(
                "both keep time",
                any -> app.get("/api/live")
                        .get("pages")
                        .valueStream()
                        .allMatch(page -> page.get("roundTrip").asDouble() > 0));
        List<Double> apart = new ArrayList<>();
        for (int i = 0; i < rings; i++) {
            app.say("wickerby", "!one");
            Object found = browser.driver().executeAsyncScript("""
                    const done = arguments[0]
                    const pages = [...document.querySelectorAll('iframe')].map((each) => each.contentWindow)
                    const began = performance.now()
                    const look = () => {
                      const lives = pages.map((page) => { const card = page.document.querySelector('.card'); const life = card && card.getAnimations()[0]; return life && life.startTime !== null ? page.performance.timeOrigin + life.startTime : null })
                      if (lives.every((each) => each !== null)) done(Math.abs(lives[0] - lives[1]))
                      else if (performance.now() - began > 2000) done(-1)
                      else requestAnimationFrame(look)
                    }
                    look()""");
            double by = ((Number) found).doubleValue();
            if (by >= 0) {
                apart.add(by);
            }
            browser.await(
                    "gone",
                    any -> Boolean.TRUE.equals(
                            browser.driver()
                                    .executeScript(
                                            "return [...document.querySelectorAll('iframe')].every((each) => !each.contentDocument.querySelector('.card'))")));
        }
        Figures.print("pages_compared", apart.size(), "of " + rings);
        Figures.printBoth("two_pages_apart", apart);
    }

    /** What a page loads before media: its own script and style, and those of every kind of fixture. */
    private static void weigh() throws IOException {
        Path assets = Path.of("web/dist/assets");
        String page = Files.readString(Path.of("web/dist/stage.html"));
        double entry = 0;
        double fixtures = 0;
        double lottie = 0;
        try (Stream<Path> all = Files.list(assets)) {
            for (Path each :
                    all.filter(path -> path.toString().matches(".*\\.(js|css)")).toList()) {
                double weight = gzipped(each);
                String name = each.getFileName().toString();
                if (page.contains(name)) {
                    entry += weight;
                } else if (name.startsWith("show-")) {
                    fixtures += weight;
                } else if (name.startsWith("lottie")) {
                    lottie += weight;
                }
            }
        }
        Figures.print("stage_entry", entry, "kB gzipped");
        Figures.print("all_fixtures", fixtures, "kB gzipped");
        Figures.print("moving_pictures_player", lottie, "kB gzipped");
    }

    private static double gzipped(Path file) throws IOException {
        var out = new ByteArrayOutputStream();
        try (var zip = new GZIPOutputStream(out)) {
            Files.copy(file, zip);
        }
        return out.size() / 1_000.0;
    }
}
