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
        for (int round = 0; round < rounds; round++) {
            for (String name : ARRIVE.subList(0, Math.min(ARRIVE.size(), 2 * rounds))) {
                (round == 0 ? first : later).add(arrival(app, browser, name));
            }
        }
        Figures.printBoth("shoutout_first_time", first);
        Figures.printBoth("shoutout_later", later);
    }

    private static double arrival(Packaged app, Browser browser, String name) {
        browser.driver().executeScript("window.frame = 0");
        long begun = System.currentTimeMillis();
        app.happen("arrival", name, Map.of("arrivalViewers", 14), Map.of());
        browser.await("a frame of theirs", any -> frame(browser) > 0);
        double took = frame(browser) - begun;
        app.post("/api/hush", Map.of());
        browser.gone(".part.video");
        return took;
    }

    private static long frame(Browser browser) {
        return ((Number) browser.driver().executeScript("return window.frame")).longValue();
    }
}
