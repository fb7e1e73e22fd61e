package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** A wheel's chat words made by one button, and a desk asked by a part of a cue. */
class DesksTest extends OnConsole {
    private static boolean hasCue(String id) {
        return app.get("/api/wiring")
                .get("cueOrder")
                .valueStream()
                .anyMatch(each -> each.asString().equals(id));
    }

    private static void makeWords() {
        show("/stages");
        browser.see("#place-dyes").click();
        browser.seeText("aside button", "Make chat words").click();
        browser.seeText("[role=status]", "in the rack Wheel of dyes");
    }

    @Test
    void aWheelsChatWordsAreMadeUndoneAndMadeAgainAndRing() {
        makeWords();
        assertThat(hasCue("dyes")).isTrue();
        browser.seeText("[role=status] button", "Undo").click();
        browser.await("they are gone again", any -> !hasCue("dyes"));
        makeWords();
        show("/cues/dyes");
        browser.await(
                "the cue is open",
                any -> browser.see("h1 input").getDomProperty("value").equals("Spin Wheel of dyes"));
        assertThat(app.say("tallowmoth", "!dyes").get("sentence").asString()).contains("rang Spin Wheel of dyes");
        browser.see("button[aria-label^='Undo']").click();
        browser.await("they are taken back whole", any -> !hasCue("dyes"));
    }

    @Test
    void aPartAsksADeskAndAWrongNumberIsRefusedBesideItsField() {
        show("/cues/what-is-on-the-bench");
        browser.see("button[aria-label='Add Ask a desk']").click();
        browser.see("#part-ask");
        browser.seeText("aside button", "Draw from it");
        browser.type("aside input[aria-label='How many times']", "40");
        browser.seeText("aside [role=alert]", "How many times is a whole number from 1 to 10.");
        browser.type("aside input[aria-label='How many times']", "2");
        browser.seeText("[role=status]", "Saved");
        browser.driver().navigate().refresh();
        browser.see("#part-ask").click();
        browser.seeText("aside p", "{askOutcome} in one word (drawn)");
        assertThat(app.say("tallowmoth", "!tonight").get("sentence").asString()).contains("rang What is on the bench");
        browser.await(
                "the wheel was drawn from",
                any -> app.get("/api/desks/board?about=main/dyes").at("/last").asInt(-1) >= 0);
        new Actions(browser.driver()).sendKeys(Keys.DELETE).perform();
        browser.gone("#part-ask");
        browser.seeText("[role=status]", "Saved");
    }
}
