package org.waxbell.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** How smooth the board of a queue stays while thousands join it, beside the same page while nobody does. */
final class BoardBench {
    /** Notes when each frame was drawn, from now on. */
    static final String COUNTS = """
            window.frames = []
            if (!window.counting) {
              window.counting = true
              const next = (now) => { window.frames.push(now); requestAnimationFrame(next) }
              requestAnimationFrame(next)
            }
            """;

    private BoardBench() {}

    /** @param aSecond how many join in a second @param seconds for how long */
    static void run(Packaged app, Browser browser, int aSecond, int seconds) throws Exception {
        anybodyMayJoin(app);
        app.post("/api/desks/queue/open", Map.of("about", "bench", "with", Map.of()));
        browser.tab(app.address() + "/desks/bench");
        browser.seeText("h1", "At the bench");
        browser.driver().executeScript(COUNTS);
        Thread.sleep(seconds * 1_000L);
        double[] calm = frames(browser);
        browser.driver().executeScript(COUNTS);
        double took =
                Paced.run(aSecond, aSecond * seconds, each -> app.say("joiner_" + each, "!bench a tall one, please"));
        double[] busy = frames(browser);
        int waiting = app.get("/api/desks/board?about=bench").get("waiting").size();
        Figures.print("board_joined_a_second", aSecond * seconds / took, "of " + aSecond + " wanted");
        Figures.print("board_shows_waiting", waiting, "");
        Figures.print("board_frames_a_second", busy[0], "");
        Figures.print("board_frames_a_second_when_calm", calm[0], "");
        Figures.print("board_longest_frame", busy[1], "ms");
        Figures.print("board_longest_frame_when_calm", calm[1], "ms");
    }

    private static void anybodyMayJoin(Packaged app) {
        JsonNode sheet = app.get("/api/wiring")
                .get("desks")
                .valueStream()
                .filter(each -> each.at("/desk/id").asString().equals("bench"))
                .findFirst()
                .orElseThrow();
        Map<String, Object> desk = new HashMap<>(JsonMapper.shared().convertValue(sheet.get("desk"), Map.class));
        desk.putAll(Map.of("most", 0, "who", "anyone", "note", "may"));
        app.put("/api/sheets/bench", Map.of("version", sheet.get("version").asLong(), "desk", desk));
    }

    /** How many frames a second there were since counting began, and the longest time between two of them. */
    static double[] frames(Browser browser) {
        List<?> told = (List<?>) browser.driver()
                .executeScript("const all = frames; let most = 0;"
                        + " for (let i = 1; i < all.length; i++) most = Math.max(most, all[i] - all[i - 1]);"
                        + " return [1000 * (all.length - 1) / (all.at(-1) - all[0]), most]");
        return new double[] {((Number) told.get(0)).doubleValue(), ((Number) told.get(1)).doubleValue()};
    }
}
