package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Live: the evening on one screen. What came of each line, what plays and waits, scenes, buttons, desks, and what needs the host. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class LiveTest extends OnConsole {
    @BeforeAll
    static void anEvening() {
        app.post("/api/show", Map.of("open", true));
    }

    @AfterAll
    static void asItWas() {
        app.cut("bench");
        app.post("/api/show", Map.of("open", false));
    }

    @Test
    @Order(1)
    void eachLineStandsWithWhatCameOfItAndIsFiltered() {
        show("/live");
        app.say("marshlight_ines", "!pour a tall one");
        app.say("wickerby", "does beeswax smoke less than tallow?");
        app.happen("gift", "brine_otter", Map.of("giftWorth", 5, "giftCount", 1), Map.of("giftItem", "Sprig"));
        browser.seeText("[data-line]", "does beeswax smoke less");
        browser.seeText("[data-line] button", "Pour the taper");
        browser.seeText("button[aria-pressed]", "questions").click();
        browser.await(
                "only what is asked",
                any -> browser.all("[data-line]").stream()
                        .allMatch(each -> each.getText().contains("?")));
        browser.seeText("button[aria-pressed]", "gifts and more").click();
        browser.seeText("[data-line]", "Sprig");
        browser.seeText("button[aria-pressed]", "everything").click();
        browser.seeText("[data-line] button", "Pour the taper").click();
        browser.seeText("[role=dialog]", "Pour the taper");
        browser.see("body").sendKeys(Keys.ESCAPE);
        browser.gone("[role=dialog]");
    }

    @Test
    @Order(2)
    void theHostAnswersInChatAsTheHelper() {
        show("/live");
        app.say("lowtide_lou", "what is next?");
        // The newest line of theirs: whoever answers one further up goes on reading there, and new lines wait below.
        browser.await("their line stands at the end", any -> {
            List<WebElement> theirs = browser.all("[aria-label='Answer lowtide_lou']");
            theirs.get(theirs.size() - 1).click();
            return browser.all("[data-waiting]").isEmpty()
                    && browser.see("[data-answer]").getAttribute("value").equals("@lowtide_lou ");
        });
        browser.see("[data-answer]").sendKeys(Keys.END, "the sage one" + Keys.ENTER);
        browser.seeText("[data-line]", "wrote: @lowtide_lou the sage one");
    }

    @Test
    @Order(3)
    void whatPlaysIsStoppedAndPlayedAgain() {
        show("/live");
        browser.await("a bar is there", any -> {
            app.happen("gift", "tallowmoth", Map.of("giftWorth", 90, "giftCount", 1), Map.of("giftItem", "Lantern"));
            return !browser.all("[data-plays]").isEmpty();
        });
        browser.see("[data-plays] button").click();
        browser.see("[aria-label='On now, and next'] [data-past] button");
    }

    @Test
    @Order(4)
    void aSceneIsPutOnProgrammeByOnePress() {
        show("/live");
        browser.seeText("[aria-label=Scenes] button", "Back soon").click();
        browser.await("the mixer did it", any -> app.scene().equals("away"));
        browser.await(
                "and it is seen",
                any -> browser.see("[aria-label=Scenes] button[aria-pressed=true]")
                        .getText()
                        .equals("Back soon"));
        browser.seeText("[aria-label=Scenes] button", "Bench camera").click();
    }

    @Test
    @Order(5)
    void whatNeedsTheHostIsSaidOnceWithItsActs() {
        app.post(
                "/api/desks/points/grant",
                Map.of("about", "drips", "with", Map.of("name", "lowtide_lou", "amount", "300", "why", "a test")));
        show("/live");
        assertThat(app.say("lowtide_lou", "!reward name a taper Old Smoke")
                        .get("sentence")
                        .asString())
                .contains("rang Redeem");
        browser.await("it is said, or stands behind what is more urgent", any -> {
            browser.all("[aria-label='What needs you'] [aria-expanded=false]").forEach(WebElement::click);
            return !browser.all("[data-need^='reward/']").isEmpty();
        });
        browser.seeText("[data-need^='reward/'] button", "Give it back").click();
        browser.gone("[data-need^='reward/']");
    }

    @Test
    @Order(6)
    void theHostArrangesItAndItStaysSoAfterAReload() {
        show("/live");
        browser.seeText("button", "Arrange").click();
        browser.see("[aria-label='Chat to the right']").click();
        browser.await(
                "chat stands second",
                any -> browser.all("[data-column]")
                        .get(1)
                        .getAttribute("data-column")
                        .equals("chat"));
        String first = browser.all("[data-button]").get(0).getAttribute("data-button");
        browser.see("[data-button='" + first + "'] [aria-label$='to the right']")
                .click();
        browser.seeText("[aria-label='Which desks'] button", "Drips").click();
        browser.see("[data-desk=drips]");
        show("/live");
        browser.see("[data-desk=drips]");
        assertThat(browser.all("[data-column]").get(1).getAttribute("data-column"))
                .isEqualTo("chat");
        assertThat(browser.all("[data-button]").get(1).getAttribute("data-button"))
                .isEqualTo(first);
    }

    @Test
    @Order(7)
    void theEveningIsLookedBackOnDrawnWithWhatIsWorthDoing() {
        for (int i = 0; i < 3; i++) {
            app.say("pip_in_the_reeds", "!scent of rose");
        }
        show("/live");
        browser.see("[data-mark]").click();
        browser.see("[data-mark-words]").sendKeys("the pour that spilled", Keys.ENTER);
        browser.gone("[data-mark-words]");
        show("/look-back");
        browser.seeText("[data-figures]", "lines");
        browser.seeText("[aria-label=Moments] button", "the pour that spilled");
        browser.see("figure svg[role=img]");
        browser.seeText("[data-cue]", "Pour the taper");
        browser.seeText("[data-advice]", "!scent");
        browser.type("[aria-label='Find words']", "rose");
        browser.await(
                "only what has these words",
                any -> !browser.all("[data-moment]").isEmpty()
                        && browser.all("[data-moment]").stream()
                                .allMatch(each -> each.getText().contains("rose")));
        browser.see("[data-moment]").click();
        browser.see("[role=dialog]");
        browser.see("body").sendKeys(Keys.ESCAPE);
        browser.gone("[role=dialog]");
        browser.seeText("[data-advice] a", "Make a cue of it").click();
        browser.await(
                "the new cue has that word",
                any -> browser.driver()
                        .executeScript(
                                "return [...document.querySelectorAll('[role=dialog] input')].some(e => e.value.includes('!scent'))")
                        .equals(true));
        browser.see("body").sendKeys(Keys.ESCAPE);
    }

    @Test
    @Order(8)
    void asADockItIsOneColumnAndNothingIsCutOff() {
        try {
            browser.size(380, 900);
            show("/dock/live");
            browser.see("[data-size=dock]");
            assertThat(browser.driver().executeScript("return document.documentElement.scrollWidth <= innerWidth"))
                    .isEqualTo(true);
            assertThat(browser.all("[aria-label='Rope: what happened, what plays, what comes']"))
                    .isEmpty();
        } finally {
            browser.size(1280, 800);
        }
    }
}
