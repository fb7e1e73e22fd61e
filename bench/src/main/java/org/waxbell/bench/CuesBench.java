package org.waxbell.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openqa.selenium.interactions.Actions;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The cues' screen on the demo and 2,000 more: opening it, opening a cue, dragging a part, typing in find; beside it the same
 * screen with the demo alone, and an empty page that paints frame after frame. Times are the page's own, from the event to the
 * second frame after it, when what changed has been painted.
 */
final class CuesBench {
    /** As long as the rope is: then as much goes off it as comes. */
    private static final int SETTLED_SECONDS = 30;

    private static final int WATCHED_SECONDS = 15;
    private static final String PAINTED =
            "const painted = () => new Promise((go) => requestAnimationFrame(() => requestAnimationFrame(go)));";

    private final Scale scale;
    private final int more;
    private final int times;
    private final int dragSteps;

    CuesBench(Scale scale) {
        this.scale = scale;
        more = scale.of(50, 2_000);
        times = scale.of(3, 20);
        dragSteps = scale.of(20, 120);
    }

    void run() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench");
        try (Packaged app = new Packaged(data);
                Browser browser = new Browser()) {
            browser.tab(app.address() + "/cues/pour-the-taper");
            measure(browser, app, "demo");
            Figures.print("more_cues", grow(app), "");
            measure(browser, app, "many");
            edit(app);
            evening(app);
        }
    }

    /** What the console uses of a processor while an evening goes on: nobody there, one line a second, ten. */
    private void evening(Packaged app) throws Exception {
        Figures.print("console_quiet", Processor.share(scale.of(1, WATCHED_SECONDS)), "% of a processor");
        for (int perMinute : List.of(60, 600)) {
            crowd(app, true, perMinute);
            TimeUnit.SECONDS.sleep(scale.of(1, SETTLED_SECONDS));
            Figures.print(
                    "console_at_" + perMinute + "_lines_a_minute",
                    Processor.share(scale.of(1, WATCHED_SECONDS)),
                    "% of a processor");
        }
        crowd(app, false, 60);
        app.post("/api/hush", Map.of());
    }

    private static void crowd(Packaged app, boolean on, int perMinute) {
        app.put("/api/practice/crowd", Map.of("on", on, "seed", 7, "size", 200, "perMinute", perMinute));
    }

    /** What consoles read after one cue was edited, beside all of it. */
    private static void edit(Packaged app) {
        JsonNode before = app.get("/api/wiring");
        ObjectNode cue = (ObjectNode) before.at("/cues/0/cue").deepCopy();
        app.put(
                "/api/cues/" + cue.get("id").asString(),
                Map.of("version", before.at("/cues/0/version").asLong(), "cue", cue.put("name", "Edited")));
        Figures.print("many_read_all", before.toString().length() / 1_024.0, "kB");
        Figures.print(
                "many_read_after_edit",
                app.get("/api/wiring?since=" + before.get("revision").asLong())
                                .toString()
                                .length()
                        / 1_024.0,
                "kB");
        app.post("/api/undo", Map.of());
    }

    /** Brings in copies of the demo's cues with other names and words, in one document. */
    private int grow(Packaged app) {
        ObjectNode document = (ObjectNode) app.get("/api/wiring/document");
        ArrayNode cues = (ArrayNode) document.get("cues");
        List<JsonNode> seeds = cues.valueStream()
                .filter(each -> each.at("/pulls/0/kind").asString().equals("chatWord"))
                .toList();
        for (int i = 0; i < more; i++) {
            ObjectNode copy = (ObjectNode) seeds.get(i % seeds.size()).deepCopy();
            copy.put("id", "more-" + i).put("name", copy.get("name").asString() + " " + i);
            ((ObjectNode) copy.at("/pulls/0")).set("words", JsonMapper.shared().valueToTree(List.of("!more" + i)));
            while (copy.withArray("pulls").size() > 1) {
                copy.withArray("pulls").remove(1);
            }
            cues.add(copy);
        }
        int before = app.get("/api/wiring").get("cues").size();
        long revision = app.post("/api/wiring/document/preview?whole=false", document)
                .get("revision")
                .asLong();
        app.post("/api/wiring/document?whole=false&revision=" + revision, document);
        return app.get("/api/wiring").get("cues").size() - before;
    }

    private void measure(Browser browser, Packaged app, String name) {
        List<Double> opening = new ArrayList<>();
        for (int i = 0; i < scale.of(1, 5); i++) {
            browser.driver().get(app.address() + "/cues/pour-the-taper");
            opening.add(number(browser.driver().executeAsyncScript(PAINTED + """
                    const done = arguments[0]
                    const seen = () => document.querySelector('#part-card') ? painted().then(() => done(performance.now())) : setTimeout(seen, 2)
                    seen()""")));
        }
        Figures.print(name + "_scripts_read", number(browser.driver().executeScript("""
                        return performance.getEntriesByType('resource').filter((each) => each.name.endsWith('.js')).reduce((sum, each) => sum + each.encodedBodySize, 0)""")) / 1_000, "kB");
        Figures.print(name + "_open_list_p50", Figures.percentile(opening, 50), "ms");
        browser.await("the plan is there", any -> browser.all("figure iframe").size() == 1);
        List<Double> cue = numbers(browser.driver().executeAsyncScript(PAINTED + """
                const done = arguments[1]
                ;(async () => {
                  const took = []
                  for (let i = 0; i < arguments[0]; i++) {
                    const rows = [...document.querySelectorAll('[data-cues] [id^=cue-]')]
                    const before = performance.now()
                    rows[i % Math.min(6, rows.length)].click()
                    await painted()
                    took.push(performance.now() - before)
                    await new Promise((go) => setTimeout(go, 120))
                  }
                  done(took)
                })()""", times));
        Figures.printBoth(name + "_open_cue", cue);
        List<Double> find = numbers(browser.driver().executeAsyncScript(PAINTED + """
                const done = arguments[0]
                ;(async () => {
                  const field = document.querySelector('[aria-label^="Find a cue"]')
                  const took = []
                  for (const text of ['p', 'po', 'pou', 'pour', 'pour t', 'pour', 'po', '', '!', '!m', '!mo', '!more1', '!more19', '!more', '!', '', 'card', 'wick', '']) {
                    const before = performance.now()
                    field.value = text
                    field.dispatchEvent(new Event('input', { bubbles: true }))
                    await painted()
                    took.push(performance.now() - before)
                  }
                  done(took)
                })()"""));
        Figures.printBoth(name + "_find_key", find);
        List<Double> scroll = frames(browser, """
                const box = document.querySelector('[data-cues]')
                return (i) => { box.scrollTop += i % 120 < 60 ? 90 : -90 }""", dragSteps);
        Figures.print(name + "_scroll", 1_000 / mean(scroll), "frames/s");
        Figures.printBoth(name + "_words_key_to_sample", typing(browser, app));
        drag(browser, app, name);
        List<Double> bare = frames(browser, "return () => undefined", dragSteps);
        Figures.print(name + "_yardstick", 1_000 / mean(bare), "frames/s");
    }

    /** Words are typed key by key, each until what they read with samples stands below them. */
    private List<Double> typing(Browser browser, Packaged app) {
        browser.driver().get(app.address() + "/cues/pour-the-taper");
        browser.see("aside input[aria-label='Line below']");
        List<Double> keys = numbers(browser.driver().executeAsyncScript(PAINTED + """
                const done = arguments[1]
                ;(async () => {
                  const field = document.querySelector("aside input[aria-label='Line below']")
                  const took = []
                  for (let i = 0; i < arguments[0]; i++) {
                    const text = 'pours for {viewer} no. ' + i
                    const before = performance.now()
                    field.value = text
                    field.dispatchEvent(new Event('input', { bubbles: true }))
                    const read = 'pours for wickerby no. ' + i
                    const until = before + 5_000
                    while (!document.querySelector('aside[aria-label="Stage and part"]').textContent.includes(read) && performance.now() < until) {
                      await new Promise((go) => requestAnimationFrame(go))
                    }
                    took.push(performance.now() - before)
                  }
                  done(took)
                })()""", 5 * times));
        browser.await(
                "the last of it is saved",
                any -> app.get("/api/wiring").toString().contains("for {viewer} no. " + (5 * times - 1)));
        app.post("/api/undo", Map.of());
        return keys;
    }

    /** A part is dragged to and fro, one step a frame, and let go where it was taken. */
    private void drag(Browser browser, Packaged app, String name) {
        browser.driver().get(app.address() + "/cues/pour-the-taper");
        new Actions(browser.driver()).moveToElement(browser.see("#part-card")).perform();
        List<Double> frames = frames(browser, """
                const part = document.querySelector('#part-card')
                const box = part.getBoundingClientRect()
                const y = box.y + box.height / 2
                const tell = (type, x) => part.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, button: 0, buttons: 1, clientX: x, clientY: y }))
                part.setPointerCapture = () => undefined
                tell('pointerdown', box.x + 40)
                return (i) => tell('pointermove', box.x + 40 + 2 * Math.abs(60 - (i % 120)))""", dragSteps);
        Figures.print(name + "_drag_part", 1_000 / mean(frames), "frames/s");
        Figures.print(name + "_drag_frame_p99", Figures.percentile(frames, 99), "ms");
        browser.driver().get(app.address() + "/cues/pour-the-taper");
        browser.see("#part-card");
    }

    /** The times between frames while {@code step} is called once in each. */
    static List<Double> frames(Browser browser, String step, int count) {
        return numbers(browser.driver().executeAsyncScript("""
                const done = arguments[1]
                const step = (() => { %s })()
                const took = []
                let i = 0
                let last = 0
                const next = (now) => {
                  if (last) took.push(now - last)
                  last = now
                  step(i++)
                  if (took.length < arguments[0]) requestAnimationFrame(next)
                  else done(took)
                }
                requestAnimationFrame(next)""".formatted(step), count));
    }

    static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElse(Double.NaN);
    }

    private static double number(Object measured) {
        return ((Number) measured).doubleValue();
    }

    private static List<Double> numbers(Object measured) {
        return ((List<?>) measured).stream().map(CuesBench::number).toList();
    }
}
