package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;

/** Another broadcaster on the stage page: introduced by a word, and seen in a clip when they arrive with their viewers. */
class ShoutoutsTest extends OnConsole {
    @BeforeEach
    void stage() {
        show("/cues");
        browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.await(
                "the stage has joined",
                any -> !app.get("/api/live").get("pages").isEmpty());
    }

    @AfterEach
    void away() {
        app.post("/api/hush", Map.of());
        browser.gone("#stage .thing");
        browser.driver().close();
    }

    private static void arrives(String name) {
        app.happen("arrival", name, Map.of("arrivalViewers", 14), Map.of());
    }

    private static boolean isLoaded(WebElement picture) {
        return Boolean.TRUE.equals(browser.driver().executeScript("return arguments[0].naturalWidth > 0", picture));
    }

    @Test
    void whoIsNamedIsIntroducedWithPortraitWordsAndWhatTheyLastStreamed() {
        app.say("captain_sedge", "!meet @WICKERBY");
        WebElement card = browser.see("#stage .thing.introduction");
        browser.seeText(".introduction .title", "wickerby");
        assertThat(card.getText()).contains("weaves baskets by the sluice").contains("A creel from green willow");
        browser.await(
                "portrait and art are there",
                any -> browser.all("#stage .introduction img").stream()
                                .filter(ShoutoutsTest::isLoaded)
                                .count()
                        == 2);
        assertThat(
                        browser.driver()
                                .executeScript(
                                        "const at = document.querySelector('.introduction').getBoundingClientRect();"
                                                + "return [...document.querySelectorAll('.introduction .title, .introduction .line')].every((each) => {"
                                                + "const own = each.getBoundingClientRect(); return own.right <= at.right + 1 && own.bottom <= at.bottom + 1 })"))
                .as("everything stands inside")
                .isEqualTo(true);
    }

    @Test
    void whoArrivesIsSeenInAClipAndWhoHasNoneIsIntroduced() {
        arrives("kiln_and_keep");
        browser.await("the clip plays", any -> {
            // A film that was not there in time is there the next time.
            if (!browser.all("#stage .introduction").isEmpty()) {
                app.post("/api/hush", Map.of());
                arrives("kiln_and_keep");
            }
            return Boolean.TRUE.equals(browser.driver()
                    .executeScript("return document.querySelector('#stage .thing.video video')?.currentTime > 0.4"));
        });
        app.post("/api/hush", Map.of());
        browser.gone("#stage .thing.video");
        arrives("hollow_reed");
        browser.seeText("#stage .introduction .title", "hollow_reed");
        app.post("/api/hush", Map.of());
        browser.gone("#stage .introduction");
        arrives("nobody_at_all");
        assertThat(browser.seeText("#stage .introduction", "nobody_at_all").getText())
                .contains("is well worth a visit");
        browser.see("#stage .introduction .face svg");
    }
}
