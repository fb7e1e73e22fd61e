package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** Clocks in the browser: made with their words and place, led by hand, by chat and by events, and shown on the stage. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ClocksTest extends OnConsole {
    private static JsonNode face(String id) {
        return app.get("/api/desks/board?about=" + id).get("face");
    }

    private static boolean isThere(String id) {
        return app.get("/api/wiring")
                .get("desks")
                .valueStream()
                .anyMatch(each -> each.at("/desk/id").asString().equals(id));
    }

    private static void pressed(String button) {
        browser.seeText("button", button).click();
    }

    private static void said(String text) {
        browser.seeText("[role=status]", text);
    }

    @AfterAll
    static void takeAway() {
        app.deleteDesk("tea");
    }

    @Test
    @Order(1)
    void aClockIsMadeInOneStepWithItsWordsAndItsPlace() {
        show("/desks");
        pressed("New desk");
        browser.seeText("[role=dialog] [role=radio]", "Clock").click();
        browser.type("[role=dialog] input", "Tea is ready");
        browser.all("[role=dialog] input").get(1).sendKeys("tea");
        browser.seeText("[role=dialog] button", "Make it").click();
        browser.seeText("h1", "Tea is ready");
        browser.see("button.chip[data-chip=lengthMs]").click();
        browser.focused("[data-field=lengthMs] input");
        browser.type("[data-field=lengthMs] input", "120");
        browser.seeText("button.chip[data-chip=lengthMs]", "2 min");
        browser.seeText("a", "Its chat words");
        browser.see("iframe[title='The stage Main']");
        assertThat(app.get("/api/wiring").at("/stages/0/stage/fixtures"))
                .anySatisfy(each -> assertThat(each.path("clock").asString("")).isEqualTo("tea"));
    }

    @Test
    @Order(2)
    void itRunsIsPausedReloadedAndGoesOnAndChatLeadsItToo() {
        browser.see("[data-start]").click();
        said("Tea is ready runs: 2:00");
        browser.seeText("[data-says]", "runs · until");
        String stage = browser.driver().getWindowHandle();
        WebElement frame = browser.see("iframe[title='The stage Main']");
        browser.driver().switchTo().frame(frame);
        browser.await(
                "the stage shows it",
                any -> browser.driver().findElements(By.cssSelector(".fixture.clock .time")).stream()
                        .anyMatch(each -> each.getText().matches("[12]:\\d\\d")));
        browser.to(stage);
        assertThat(app.say("captain_sedge", "!teaadd 1:30").get("sentence").asString())
                .contains("rang More time for Tea is ready");
        browser.seeText("[data-shows]", "3:");
        browser.see("[data-start]").click();
        said("Tea is ready is paused");
        long stands = face("tea").get("stands").asLong();
        browser.driver().navigate().refresh();
        browser.seeText("[data-says]", "is paused");
        assertThat(face("tea").get("stands").asLong()).isEqualTo(stands);
        browser.see("[data-start]").click();
        said("Tea is ready goes on");
        browser.type("[data-time]", "soon");
        pressed("Take away");
        said("“soon” is no time. Write one such as 90, 1:30, 1h 5m or until 21:00.");
        browser.type("[data-time]", "1m");
        pressed("Take away");
        said("has 1 min less");
        browser.seeText("[data-shows]", "2:");
        pressed("Take back");
        said("is as it was");
        browser.seeText("[data-shows]", "3:");
    }

    @Test
    @Order(3)
    void whatIsWrongIsToldBesideItsFieldAndNothingSavedIsLost() {
        browser.see("button.chip[data-chip=nearMs]").click();
        browser.focused("[data-field=nearMs] input");
        browser.type("[data-field=nearMs] input", "999999");
        browser.seeText("[data-field=nearMs] [role=alert]", "Nearly over is out of range.");
        assertThat(app.get("/api/wiring").get("desks"))
                .anySatisfy(each -> assertThat(each.at("/desk/nearMs").asLong()).isEqualTo(60_000));
        browser.type("[data-field=nearMs] input", "30");
        browser.seeText("button.chip[data-chip=nearMs]", "nearly over 30 s before");
    }

    @Test
    @Order(4)
    void itIsTakenAwayWholeAndComesBackByOneUndo() {
        assertThat(app.say("captain_sedge", "!tea").get("sentence").asString())
                .contains("rang How Tea is ready stands");
        browser.see("button[aria-label='Delete Tea is ready']").click();
        browser.seeText("[role=dialog]", "6 cues ask it or say its values: ");
        browser.seeText("[role=dialog]", "More time for Tea is ready");
        assertThat(isThere("tea")).isTrue();
        browser.seeText("[role=dialog] button", "Delete all of it").click();
        browser.seeText("[role=status]", "Tea is ready is taken away.");
        browser.await("it is gone", any -> !isThere("tea"));
        browser.seeText("[role=status] button", "Undo").click();
        browser.await("it is there again", any -> isThere("tea"));
        assertThat(app.get("/api/wiring").get("cueOrder"))
                .extracting(JsonNode::asString)
                .contains("tea", "tea-add");
        browser.seeText("nav a", "Tea is ready");
    }

    @Test
    @Order(5)
    void aLanternAddsTwoMinutesAndSaysSoAndTheEndRingsACue() {
        show("/desks/wax");
        browser.seeText("h1", "Until the wax is cool");
        app.post("/api/desks/clock/reset", Map.of("about", "wax", "with", Map.of()));
        // A page that has not heard of it yet would pause what does not run.
        browser.seeText("[data-says]", "not started");
        browser.see("[data-start]").click();
        browser.seeText("[data-says]", "runs");
        app.happen("gift", "brine_otter", Map.of("giftWorth", 10, "giftCount", 1), Map.of("giftItem", "Lantern"));
        browser.seeText("[data-in-all]", "2 min");
        browser.await(
                "it is said in chat",
                any -> app.get("/api/live")
                        .get("decisions")
                        .valueStream()
                        .anyMatch(each -> each.get("sentence").asString().contains("rang More time for the wax")));
        browser.type("[data-time]", "1");
        pressed("Set");
        browser.seeText("[data-says]", "is over");
        browser.await(
                "the end rings a cue",
                any -> app.get("/api/live")
                        .get("decisions")
                        .valueStream()
                        .anyMatch(each -> each.get("sentence").asString().contains("rang The wax is cool")));
        pressed("Back to the beginning");
        browser.seeText("[data-says]", "not started");
    }

    @Test
    @Order(6)
    void roundsChangeWithASoundOfTheirOwn() {
        show("/desks/rounds");
        browser.see("[data-start]").click();
        browser.seeText("[data-says]", "work, 1 of 3");
        assertThat(app.say("wickerby", "!stretch").get("sentence").asString()).contains("held A stretch");
        pressed("Next round");
        browser.seeText("[data-says]", "rest, 1 of 3");
        browser.await(
                "a cue rings at the change",
                any -> app.get("/api/live")
                        .get("decisions")
                        .valueStream()
                        .anyMatch(each -> each.get("sentence").asString().contains("rang Work and rest")));
        browser.await(
                "other words are on in the rest",
                any -> app.say("wickerby", "!stretch")
                        .get("sentence")
                        .asString()
                        .contains("rang A stretch"));
        assertThat(app.say("wickerby", "!quiet").get("sentence").asString()).contains("held Quiet, please");
        pressed("Next round");
        browser.await(
                "and others in the work",
                any -> app.say("wickerby", "!quiet").get("sentence").asString().contains("rang Quiet, please"));
        assertThat(app.say("wickerby", "!stretch").get("sentence").asString()).contains("held A stretch");
        pressed("Back to the beginning");
    }
}
