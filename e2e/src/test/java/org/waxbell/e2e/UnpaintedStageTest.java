package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A stage whose source is hidden in the broadcasting software for an evening. */
@ExtendWith(Together.class)
class UnpaintedStageTest {
    private static Browser browser;
    private static Packaged app;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
    }

    /** How many nodes the page holds that is driven now, once all that nobody holds is gone. */
    private static long nodes() {
        browser.driver().executeCdpCommand("HeapProfiler.collectGarbage", Map.of());
        return ((Number) browser.driver()
                        .executeCdpCommand("Memory.getDOMCounters", Map.of())
                        .get("nodes"))
                .longValue();
    }

    private static Object inHidden(String script) {
        return browser.driver()
                .executeScript("const page = document.querySelector('iframe').contentDocument; " + script);
    }

    @Test
    void aPageThatIsNotPaintedKeepsNothingOfWhatCameAndWent() {
        String before = browser.driver().getWindowHandle();
        browser.tab(app.address() + "/api/kinds");
        browser.driver()
                .executeScript(
                        """
                const frame = document.createElement('iframe')
                frame.style.display = 'none'
                frame.src = '/stage' + new URL(arguments[0]).hash
                document.body.append(frame)""", app.get("/api/stages/main/address").get("address").asString());
        app.post("/api/hush", Map.of());
        browser.await(
                "the stage has its chat",
                any -> Boolean.TRUE.equals(inHidden("return !!page.querySelector('[data-fixture=chat] ol')")));
        for (int i = 0; i < 20; i++) {
            app.say("tallowmoth", "warming up " + i);
        }
        String last = "return page.querySelector('[data-fixture=chat] li:last-child')?.textContent ?? ''";
        browser.await("all is warm", any -> inHidden(last).toString().contains("warming up 19"));
        assertThat(inHidden("return page.defaultView.frameElement.checkVisibility()"))
                .isEqualTo(false);
        long few = nodes();
        for (int i = 0; i < 400; i++) {
            app.say("tallowmoth", "a line that comes and goes " + i);
            if (i % 20 == 0) {
                app.post("/api/cues/tilly-flares/try", Map.of("event", app.sample("tilly-flares"), "past", true));
            }
        }
        browser.await("all was told", any -> inHidden(last).toString().contains("goes 399"));
        browser.await(
                "what is over is gone",
                any -> Boolean.TRUE.equals(inHidden("return !page.querySelector('#stage > .part')")));
        assertThat(nodes() - few).as("400 lines and 20 rings came and went").isLessThan(400);
        browser.driver().close();
        browser.to(before);
    }
}
