package org.waxbell.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;

/** From the moment at which a broadcaster arrives to the first frame of a clip of theirs on the stage, the first time and later on. */
final class ShoutoutBench {
    /** Those of the practice directory who have clips that can be loaded. */
    private static final List<String> ARRIVE = List.of(
            "fernside_loom",
            "kiln_and_keep",
            "saltbell_harbour",
            "lantern_row",
            "wickerby",
            "mossgate_radio",
            "oatmeal_press",
            "quiet_anvil");

    private static final String LOOKS = """
            window.frame = 0
            new MutationObserver((all) => all.forEach((each) => each.addedNodes.forEach((made) => {
              const film = made.querySelector?.('video')
              film?.requestVideoFrameCallback(() => (window.frame = Date.now()))
            }))).observe(document.body, { childList: true, subtree: true })
            """;

    private ShoutoutBench() {}

    /** Measures on the stage that the browser shows. @param rounds how often each arrives */
    static void run(Packaged app, Browser browser, int rounds) {
        browser.driver().executeScript(LOOKS);
        List<Double> first = new ArrayList<>();
        List<Double> later = new ArrayList<>();
        int[] without = {0};
        for (int round = 0; round < rounds; round++) {
            for (String name : ARRIVE.subList(0, Math.min(ARRIVE.size(), 2 * rounds))) {
                (round == 0 ? first : later).add(arrival(app, browser, name, without));
            }
        }
        Figures.printBoth("shoutout_first_time", first);
        Figures.printBoth("shoutout_later", later);
        Figures.print("shoutout_without_a_clip_in_time", without[0], "times");
    }

    /** Where a clip does not load in the time that the cue gives it, they are introduced without one: that is counted, and they arrive again. */
    private static double arrival(Packaged app, Browser browser, String name, int[] without) {
        while (true) {
            browser.driver().executeScript("window.frame = 0");
            long begun = System.currentTimeMillis();
            app.happen("arrival", name, Map.of("arrivalViewers", 14), Map.of());
            browser.await("a frame of theirs, or none in time", any -> frame(browser) > 0 || lateOf(app, name));
            double took = frame(browser) - begun;
            app.post("/api/hush", Map.of());
            browser.gone(".part.video");
            if (took > 0) {
                return took;
            }
            without[0]++;
        }
    }

    private static boolean lateOf(Packaged app, String name) {
        return app.get("/api/live")
                .get("rings")
                .valueStream()
                .filter(each -> each.get("viewer").asString().equals(name)
                        && each.get("state").asString().equals("playing"))
                .anyMatch(each -> each.get("parts").toString().contains("did not load in time"));
    }

    private static long frame(Browser browser) {
        return ((Number) browser.driver().executeScript("return window.frame")).longValue();
    }
}
