package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import tools.jackson.databind.JsonNode;

/** The order of the evening: chapters are entered by one press, set what they set, and undo it when they are left. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ChaptersTest extends OnConsole {
    @AfterAll
    static void asItWas() {
        if (!board().get("chapter").asString().isEmpty()) {
            app.post("/api/desks/order/end", Map.of("about", "evening", "with", Map.of()));
        }
        app.cut("bench");
    }

    private static JsonNode board() {
        return app.get("/api/desks/board?about=evening");
    }

    @Test
    @Order(1)
    void theTaperOnLiveBeginsTheEveningAndEntersAnyChapter() {
        app.cut("kettle");
        show("/live");
        browser.seeText("[data-chapter]", "Not begun");
        browser.seeText("[data-next]", "Begin: Waiting").click();
        browser.onProgramme(app, "away");
        browser.seeText("[data-chapter]", "Waiting");
        browser.see("[data-span=pouring] button").click();
        browser.onProgramme(app, "bench");
        browser.seeText("[data-chapter]", "Pouring");
        assertThat(app.get("/api/desks").valueStream())
                .anySatisfy(desk -> assertThat(desk.get("brief").asString()).startsWith("Pouring"));
        browser.seeText("[data-next]", "Next: Break").click();
        browser.onProgramme(app, "away");
        browser.seeText("[data-chapter]", "Break");
    }

    @Test
    @Order(2)
    void whatSomebodyCutsAtTheMixerIsTheirsAndTheEndPutsTheRestBack() {
        app.say("captain_sedge", "!pour");
        app.cut("kettle");
        show("/desks/evening");
        browser.seeText("[data-sets]", "a rack While working: off");
        browser.await(
                "the scene is theirs",
                any -> !browser.see("[data-sets]").getText().contains("the scene"));
        browser.see("[data-end]").click();
        browser.seeText("[data-chapter]", "Not begun");
        assertThat(app.scene()).isEqualTo("kettle");
    }

    @Test
    @Order(3)
    void aChapterIsWrittenInTheFormAndWhatIsWrongIsSaidThere() {
        show("/desks/evening");
        browser.seeText("summary", "All of it as a form").click();
        browser.see("[data-chapter=melting] > div > button").click();
        String minutes = "[data-chapter=melting] input[inputmode]";
        browser.type(minutes, "900");
        browser.seeText("[data-chapter=melting]", "The planned time is out of range.");
        assertThat(sheet().at("/chapters/1/plannedMs").asLong())
                .as("what was kept stays")
                .isLessThan(100 * 60_000L);
        browser.type(minutes, "25");
        browser.await("it is kept", any -> sheet().at("/chapters/1/plannedMs").asLong() == 25 * 60_000L);
        browser.seeText("[aria-label='What it is']", "Melting (25 min)");
        browser.type(minutes, "20");
        browser.await(
                "and as it was", any -> sheet().at("/chapters/1/plannedMs").asLong() == 20 * 60_000L);
    }

    private static JsonNode sheet() {
        return app.get("/api/wiring")
                .get("desks")
                .valueStream()
                .map(each -> each.get("desk"))
                .filter(each -> each.get("id").asString().equals("evening"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    @Order(4)
    void thePlanGoesOutAsTextAndForACalendar() {
        show("/desks/evening");
        String address = browser.see("[data-ics]").getAttribute("href");
        assertThat(address).contains("plan.ics?day=");
        assertThat(app.text("/api/orders/evening/plan.ics?day=2026-12-03")
                        .lines()
                        .toList())
                .contains("DTSTART:20261203T203500Z", "SUMMARY:Candle evening: Pouring", "DTEND:20261203T211500Z");
        assertThat(app.text("/api/orders/evening/plan.txt?day=2026-12-03")
                        .lines()
                        .toList())
                .containsAll(List.of("Candle evening, 2026-12-03", "20:35 Pouring, 40 min", "21:15 Break, 10 min"));
    }
}
