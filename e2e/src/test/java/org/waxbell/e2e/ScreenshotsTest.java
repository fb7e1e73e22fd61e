package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** Takes the pictures of the docs anew, from the demo evening: {@code ./waxbell screenshots}. */
@EnabledIfSystemProperty(named = "screenshots", matches = "true")
class ScreenshotsTest {
    private static final Path PICTURES = Path.of("../docs/screenshots");
    @TempDir
    Path data;

    @Test
    void pictures() throws IOException {
        Files.createDirectories(PICTURES);
        try (Packaged app = new Packaged(data); Browser browser = new Browser()) {
            String mixer = browser.tab(app.address() + "/mixer");
            browser.see("[data-scene=bench] iframe");
            browser.see("h1").click();
            String channel = browser.tab(app.address() + "/channel");
            String links = browser.tab(app.address() + "/links");
            String dusk = browser.tab(app.address() + "/cues/pour-the-taper");
            browser.see("#part-card");
            browser.await("the mixer's sources have joined", any -> app.get("/api/live").get("pages").size() == 2);
            app.say("lowtide_lou", "Is that beeswax or tallow, Odalys?");
            app.say("captain_sedge", "!bell");
            app.say("pip_in_the_reeds", "!bell");
            app.say("marshlight_ines", "!pour a tall one");
            app.say("brine_otter", "!pour");
            app.say("tallowmoth", "!wick");
            browser.await("the card stands", any -> app.get("/api/live").get("now").asDouble()
                    - app.get("/api/journal").valueStream().reduce((one, other) -> other).orElseThrow().get("at").asLong() > 1_600);
            take(browser, mixer, "mixer");
            take(browser, dusk, "console");
            browser.driver().executeScript("document.documentElement.dataset.light = 'dusk'");
            take(browser, dusk, "console-dusk");
            take(browser, links, "links");
            String rehearse = browser.tab(app.address() + "/rehearse");
            browser.seeText("aside button", "Rehearse it").click();
            browser.seeText("ol[aria-label=Moments] button", "held by").click();
            browser.seeText("[aria-label=Why]", "held");
            take(browser, rehearse, "rehearse");
            browser.to(channel);
            browser.seeText("[role=log] li", "Snip. A clean wick");
            take(browser, channel, "channel");
        }
        assertThat(PICTURES.resolve("console.png")).isNotEmptyFile();
    }

    private static void take(Browser browser, String tab, String name) throws IOException {
        browser.to(tab);
        Files.write(PICTURES.resolve(name + ".png"), browser.picture());
    }
}
