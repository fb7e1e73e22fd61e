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
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import tools.jackson.databind.JsonNode;

/** Cues wired by sentence and by score: once by keyboard alone, once by mouse; tried, asked why, and edited by two at once. */
@ExtendWith(Together.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class CueEditingTest {
    private static Browser browser;
    private static Packaged app;
    private static String console;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        console = browser.tab(app.address() + "/cues/ring-the-bench-bell");
        browser.see("#part-card");
    }

    @AfterAll
    static void close() {
        browser.leave(console);
    }

    private static void show(String path) {
        browser.to(console);
        browser.driver().get(app.address() + path);
    }

    private static void keys(CharSequence... keys) {
        new Actions(browser.driver()).sendKeys(keys).perform();
    }

    private static void chord(Keys modifier, CharSequence key) {
        new Actions(browser.driver())
                .keyDown(modifier)
                .sendKeys(key)
                .keyUp(modifier)
                .perform();
    }

    private static JsonNode cue(String id) {
        return app.get("/api/wiring")
                .get("cues")
                .valueStream()
                .map(each -> each.get("cue"))
                .filter(each -> each.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String at(String id, String pointer) {
        return cue(id).at(pointer).asString();
    }

    private static void until(String what, String id, String pointer, String value) {
        browser.await(
                what + ": " + pointer + " is " + value, any -> at(id, pointer).equals(value));
    }

    private static void focus(String css) {
        focus(browser.see(css));
    }

    /** A dialog that closes gives the focus back a moment later, so it is asked for until it stays. */
    private static void focus(WebElement element) {
        browser.await(
                "focus on " + element,
                any -> Boolean.TRUE.equals(browser.driver()
                        .executeAsyncScript(
                                "const [it, done] = arguments; it.focus(); requestAnimationFrame(() => requestAnimationFrame(() => done(document.activeElement === it)))",
                                element)));
    }

    @Test
    @Order(1)
    void aCueIsMadeWiredScoredTriedAndMovedByKeyboardAlone() {
        show("/cues/ring-the-bench-bell");
        browser.see("#part-card");
        keys("n");
        browser.focused("input.font-mono");
        keys("hum", Keys.TAB, "Hmm, {viewer}.", Keys.ENTER);
        browser.seeText("button.chip[data-chip='pull:0']", "!hum");
        String id = "answer-to-hum";
        chord(Keys.CONTROL, "k");
        browser.focused("input[aria-label='Go or do']");
        keys("answer to !h", Keys.ENTER);
        browser.gone("input[aria-label='Go or do']");

        focus(browser.seeText("button.chip.bare", "+ only if"));
        keys(Keys.ENTER);
        browser.see("[role=menu] [role=menuitem]");
        keys("by ch", Keys.ENTER);
        browser.see("button.chip[data-chip='gate:chance']");
        browser.type("section label input[inputmode=decimal]", "100");
        until("chance", id, "/gates/2/percent", "100");
        keys(Keys.ESCAPE);

        focus("[data-add-part]");
        keys("card", Keys.ENTER);
        browser.see("#part-card");
        focus("[data-add-part]");
        keys("sound", Keys.ENTER);
        browser.see("section[aria-label='Score, drawn on time'] #part-card");
        focus("#part-card");
        chord(Keys.SHIFT, Keys.ARROW_RIGHT);
        chord(Keys.SHIFT, Keys.ARROW_RIGHT);
        chord(Keys.CONTROL, Keys.ARROW_RIGHT);
        until("nudged twice", id, "/takes/0/score/parts/1/start/ms", "200");
        until("stretched once", id, "/takes/0/score/parts/1/lengthMs", "5100");
        focus("#part-card");
        chord(Keys.CONTROL, "c");
        chord(Keys.CONTROL, "v");
        until("pasted", id, "/takes/0/score/parts/3/id", "card-2");
        keys(Keys.DELETE);
        browser.await("removed", any -> cue(id).at("/takes/0/score/parts").size() == 3);

        focus("[role=slider][aria-label=Playhead]");
        keys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
        browser.seeText("[data-preview]", "at 0.2 s");
        keys("y");
        focus(browser.seeText("section[aria-label='Try it'] button", "In practice"));
        keys(Keys.ENTER);
        browser.seeText("section[aria-label='Try it'] [role=status]", "In practice: rang Answer to !hum");

        focus("#cue-" + id);
        int before = order().indexOf(id);
        chord(Keys.ALT, Keys.ARROW_UP);
        browser.await("moved up", any -> order().indexOf(id) == before - 1);
        focus("#cue-" + id);
        keys(" ");
        browser.see("[role=toolbar][aria-label='1 chosen']");
        focus("[aria-label='Switch them off']");
        keys(Keys.ENTER);
        until("switched off", id, "/on", "false");
        focus("[aria-label='Delete them']");
        keys(Keys.ENTER);
        browser.await("deleted", any -> !order().contains(id));
        assertThat(app.say("lowtide_lou", "!hum").get("sentence").asString()).startsWith("no cue has this word");
    }

    /** The cues of the rack that is listed first, in their order. */
    private static List<String> order() {
        return app.get("/api/wiring")
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/rack").asString().equals("at-the-bench"))
                .map(each -> each.at("/cue/id").asString())
                .toList();
    }

    @Test
    @Order(2)
    void partsAreMovedStretchedThreadedAndTakenFromTheTrayByMouse() {
        show("/cues/honeycomb-gift");
        WebElement card = browser.see("#part-card");
        new Actions(browser.driver()).dragAndDropBy(card, 90, 0).perform();
        browser.await(
                "the card starts later",
                any -> cue("honeycomb-gift")
                                .at("/takes/0/score/parts/0/start/ms")
                                .asLong()
                        >= 500);
        assertThat(cue("honeycomb-gift").at("/takes/0/score/parts/0/start/ms").asLong() % 100)
                .isZero();
        long length =
                cue("honeycomb-gift").at("/takes/0/score/parts/0/lengthMs").asLong();
        new Actions(browser.driver())
                .dragAndDropBy(browser.see("[data-part=card] [data-edge]"), -80, 0)
                .perform();
        browser.await(
                "the card is shorter",
                any -> cue("honeycomb-gift")
                                .at("/takes/0/score/parts/0/lengthMs")
                                .asLong()
                        < length);
        new Actions(browser.driver())
                .dragAndDrop(browser.see("[data-part=card] [data-knob]"), browser.see("#part-thanks"))
                .perform();
        until("hung on the card", "honeycomb-gift", "/takes/0/score/parts/2/start/part", "card");
        assertThat(at("honeycomb-gift", "/takes/0/score/parts/2/start/kind")).isEqualTo("after");
        browser.see("button[aria-label='Add Write on the slate']").click();
        until("taken from the tray", "honeycomb-gift", "/takes/0/score/parts/3/kind", "slate");
        for (int i = 0; i < 4; i++) {
            browser.seeText("[role=status]", "Saved");
            app.post("/api/undo", Map.of());
        }
        until("undone", "honeycomb-gift", "/takes/0/score/parts/0/start/ms", "0");
    }

    @Test
    @Order(3)
    void theRealStageShowsTheVeryMomentOfThePlayhead() {
        show("/cues/pour-the-taper");
        browser.see("#part-card");
        focus("[role=slider][aria-label=Playhead]");
        keys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
        browser.await(
                "the plan has come",
                any -> Boolean.TRUE.equals(browser.driver().executeScript(MOMENT + "return !!card")));
        Object shown = browser.driver()
                .executeScript(
                        MOMENT
                                + "return [card.textContent, card.getAnimations()[0].currentTime, card.getAnimations()[0].playState]");
        assertThat((List<?>) shown).element(0).asString().contains("wickerby");
        assertThat(((Number) ((List<?>) shown).get(1)).doubleValue()).isBetween(199.0, 201.0);
        assertThat(((List<?>) shown).get(2)).isEqualTo("paused");
        browser.seeText("figcaption button", "As it is now").click();
        browser.await(
                "the live stage is shown again",
                any -> Boolean.FALSE.equals(
                        browser.driver()
                                .executeScript(
                                        "return document.querySelector('figure iframe').contentDocument.getElementById('stage').hasAttribute('data-moment')")));
        browser.driver().executeScript("document.querySelector('figure iframe').contentWindow.stays = true");
        browser.see("#cue-trim-the-wick").click();
        browser.await(
                "another cue is open", any -> browser.driver().getCurrentUrl().endsWith("/cues/trim-the-wick"));
        browser.seeText(".chip", "!wick");
        assertThat(browser.driver().executeScript("return document.querySelector('figure iframe').contentWindow.stays"))
                .isEqualTo(true);
    }

    private static final String MOMENT =
            "const card = document.querySelector('figure iframe').contentDocument.querySelector('[data-of-moment].card');";

    @Test
    @Order(4)
    void aRemarkLeadsToItsChipAndIsMendedByOneClick() {
        show("/cues/pour-the-taper");
        browser.see("button.chip[data-chip='gate:cooldown']").click();
        browser.type("section label input[inputmode=decimal]", "0");
        browser.seeText("section[aria-label='Check-up'] li", "Mend it");
        show("/checkup");
        browser.seeText("section li a", "Pour the taper").click();
        browser.see("section [id^=headlessui-popover-panel]");
        show("/checkup");
        browser.seeText("section li button", "Mend it").click();
        browser.await(
                "it rests again",
                any -> cue("pour-the-taper")
                        .get("gates")
                        .valueStream()
                        .anyMatch(each -> each.get("kind").asString().equals("cooldown")));
        app.post("/api/undo", Map.of());
        app.post("/api/undo", Map.of());
    }

    @Test
    @Order(5)
    void whyIsAskedFromTheRopeAndLeadsToTheChipThatHeld() {
        show("/cues/pour-the-taper");
        app.say("lowtide_lou", "!bell");
        browser.seeText("ol[aria-label='What was decided'] button", "held Ring the bench bell")
                .click();
        browser.seeText("[role=dialog] li", "only for ");
        browser.seeText("[role=dialog] button", "Let this through next time").click();
        browser.see("button.chip[data-chip='gate:who'][aria-expanded=true]");
        browser.seeText("section.sheet", "May ring it");
    }

    @Test
    @Order(6)
    void aRingIsEndedAndPlayedAgainFromTheRopeAndAnEventIsRung() {
        show("/cues/what-may-i-ask");
        browser.see("section[aria-label^='Rope'] button.button, section[aria-label^='Rope'] button[aria-expanded]");
        JsonNode rang = app.post(
                "/api/cues/snuff-the-candles/try", Map.of("event", app.sample("snuff-the-candles"), "past", true));
        assertThat(rang.at("/answers/0/held").asBoolean()).isFalse();
        browser.seeText("section[aria-label^='Rope'] button.bar", "Snuff the candles")
                .click();
        browser.seeText("[role=toolbar] button", "End it").click();
        browser.seeText("[role=status]", "ended Snuff the candles by hand");
        browser.seeText("section[aria-label^='Rope'] button.bar", "Snuff the candles")
                .click();
        browser.seeText("[role=toolbar] button", "Play again").click();
        browser.seeText("ol[aria-label='What was decided'] button", "tried: ");
        app.post("/api/hush", Map.of());
        browser.seeText("section[aria-label^='Rope'] button", "Event").click();
        browser.seeText("section[aria-label^='Rope'] [role=group] button", "Tip")
                .click();
        browser.seeText("section[aria-label^='Rope'] button.button-dark", "Tip").click();
        browser.seeText("ol[aria-label='What was decided'] button", "no cue waits for this");
        browser.see("button[aria-label='Fold the rope']").click();
        browser.gone("ol[aria-label='What was decided']");
        browser.see("button[aria-label='Unfold the rope']").click();
        browser.see("ol[aria-label='What was decided']");
    }

    @Test
    @Order(7)
    void takesAreAddedRuledAndTakenAway() {
        show("/cues/good-evening");
        browser.seeText("button.chip.bare", "+ take").click();
        browser.see("[role=tab][aria-selected=true]");
        until("a second take", "good-evening", "/takes/1/name", "Main, copied");
        browser.see("button.chip[data-chip='takes']").click();
        browser.see("section [aria-haspopup=listbox]").click();
        browser.seeText("[role=option]", "drawn by weight").click();
        until("by weight", "good-evening", "/takeRule", "weight");
        keys(Keys.ESCAPE);
        browser.gone("section [id^=headlessui-popover-panel]");
        browser.see("button[aria-label='Delete this take']").click();
        browser.await("one take again", any -> cue("good-evening").get("takes").size() == 1);
        browser.gone("[role=tab]");
    }

    @Test
    @Order(8)
    void theSecondOfTwoBrowsersIsShownBothTextsAndChooses() {
        show("/cues/what-is-on-the-bench");
        browser.see("#part-answer");
        JsonNode view = app.get("/api/wiring")
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/id").asString().equals("what-is-on-the-bench"))
                .findFirst()
                .orElseThrow();
        String theirs = browser.tab(app.address() + "/cues/what-is-on-the-bench");
        browser.see("#part-answer");
        browser.driver()
                .executeScript(
                        "window.realFetch = fetch; fetch = (a, b) => b && b.method === 'PUT' ? new Promise((go) => (window.letGo = () => go(realFetch(a, b)))) : realFetch(a, b)");
        browser.type("h1 input", "What stands here");
        browser.await(
                "the save is held back",
                any -> Boolean.TRUE.equals(browser.driver().executeScript("return !!window.letGo")));
        browser.to(console);
        browser.type("h1 input", "What is made tonight");
        until("the first is saved", "what-is-on-the-bench", "/name", "What is made tonight");
        browser.to(theirs);
        browser.driver().executeScript("fetch = realFetch; letGo()");
        browser.seeText("table[aria-label='Theirs and mine']", "What is made tonight");
        assertThat(browser.see("table[aria-label='Theirs and mine']").getText()).contains("What stands here");
        browser.seeText("button", "Take theirs").click();
        browser.await(
                "theirs is taken",
                any -> browser.see("h1 input").getDomProperty("value").equals("What is made tonight"));
        browser.driver().close();
        browser.to(console);
        browser.type("h1 input", view.at("/cue/name").asString());
        until(
                "named as before",
                "what-is-on-the-bench",
                "/name",
                view.at("/cue/name").asString());
    }

    @Test
    @Order(9)
    void aConditionIsBuiltFromRowsAndTypedWithItsNamesCompleted() {
        show("/cues/trim-the-wick");
        browser.seeText("button.chip.bare", "+ only if").click();
        browser.seeText("[role=menuitem]", "a condition holds").click();
        browser.seeText("section button", "As text").click();
        browser.type("section textarea", "viewer.mo");
        browser.seeText("#cel-names [role=option]", "viewer.months");
        browser.see("section textarea").sendKeys(Keys.ENTER, " >= x");
        browser.see("section mark");
        browser.see("section textarea").sendKeys(Keys.BACK_SPACE, "6");
        until("the condition", "trim-the-wick", "/gates/2/condition", "viewer.months >= 6");
        browser.seeText("section button", "As rows").click();
        browser.seeText("section button[aria-haspopup=listbox]", "at least");
        browser.seeText("section button", "Take this away").click();
        browser.await("taken away", any -> cue("trim-the-wick").get("gates").size() == 2);
    }
}
