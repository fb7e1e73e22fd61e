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

/** Stages composed by a person: placed by mouse, keys and numbers, dressed, tried, shown; and what a stage page then shows. */
@ExtendWith(Together.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class StagesTest {
    private static final String HOSTILE = "<img src=x onerror=alert(1)> \u202eלילה טוב\u202c "
            + "z\u0301\u0302\u0303\u0304".repeat(30) + " 🕯️".repeat(20) + "w".repeat(180);
    private static Browser browser;
    private static Packaged app;
    private static String console;
    private static String shown;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        shown = browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.see("[data-fixture=dyes] svg");
        console = browser.tab(app.address() + "/stages");
        browser.see("#place-dyes");
    }

    @AfterAll
    static void close() {
        for (String tab : List.of(shown, console)) {
            browser.to(tab);
            browser.driver().close();
        }
        browser.to(browser.driver().getWindowHandles().iterator().next());
    }

    private static JsonNode stage() {
        return app.get("/api/wiring").get("stages").get(0).get("stage");
    }

    private static JsonNode place(String id) {
        JsonNode stage = stage();
        return java.util.stream.Stream.concat(
                        stage.get("spots").valueStream(), stage.get("fixtures").valueStream())
                .filter(each -> each.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static void until(String id, String pointer, String value) {
        browser.await(
                id + pointer + " is " + value,
                any -> place(id).at(pointer).asString().equals(value));
    }

    private static void show(String path) {
        browser.to(console);
        browser.driver().get(app.address() + path);
    }

    private static void keys(CharSequence... keys) {
        new Actions(browser.driver()).sendKeys(keys).perform();
    }

    @Test
    @Order(1)
    void aThingIsPlacedByMouseByKeysAndByNumbersAndUndone() {
        show("/stages");
        int x = place("tilly").at("/frame/x").asInt();
        WebElement tilly = browser.see("#place-tilly");
        new Actions(browser.driver()).dragAndDropBy(tilly, -60, -20).perform();
        browser.await(
                "it stands further left", any -> place("tilly").at("/frame/x").asInt() < x - 60);
        browser.see("[aria-label='What is chosen'] h2");
        JsonNode now = place("tilly").get("frame");
        new Actions(browser.driver())
                .dragAndDropBy(browser.see("[data-grip=se]"), 30, 30)
                .perform();
        browser.await(
                "it is larger",
                any -> place("tilly").at("/frame/width").asInt()
                        > now.get("width").asInt());
        assertThat(place("tilly").at("/frame/x")).isEqualTo(now.get("x"));
        int at = place("tilly").at("/frame/x").asInt();
        browser.driver().executeScript("document.querySelector('#place-tilly').focus()");
        new Actions(browser.driver())
                .keyDown(Keys.SHIFT)
                .sendKeys(Keys.ARROW_LEFT)
                .keyUp(Keys.SHIFT)
                .sendKeys(Keys.ARROW_RIGHT)
                .perform();
        until("tilly", "/frame/x", Integer.toString(at - 9));
        browser.type("aside label:nth-of-type(1) input[inputmode]", "200");
        browser.await(
                "by number",
                any -> place("tilly").at("/frame/x").asInt() == 200
                        || place("tilly").at("/frame/x").asInt()
                                == 1_280
                                        - 200
                                        - place("tilly").at("/frame/width").asInt());
        browser.see("[aria-label='Lock']").click();
        until("tilly", "/frame/locked", "true");
        for (int i = 0;
                i < 6 && place("tilly").at("/frame/x").asInt() != x
                        || place("tilly").at("/frame/locked").asBoolean();
                i++) {
            app.post("/api/undo", Map.of());
        }
        assertThat(place("tilly").at("/frame/x").asInt()).isEqualTo(x);
    }

    @Test
    @Order(2)
    void aGoalIsAddedFollowsTheGiftsAndASecondStageIsMadeAndDeleted() {
        show("/stages");
        browser.see("[aria-label='Add to the stage']").click();
        browser.seeText("[role=menuitem]", "Goal").click();
        browser.await(
                "it is saved",
                any -> stage().get("fixtures")
                        .valueStream()
                        .anyMatch(each -> each.get("id").asString().equals("goal")));
        browser.type(
                "aside input[aria-label='Words']", "{slateGiftsTonight, plural, one {# gift} other {# gifts}} of 50");
        until("goal", "/words", "{slateGiftsTonight, plural, one {# gift} other {# gifts}} of 50");
        browser.type("aside input[aria-label='Words']", "{nobody}");
        browser.seeText("aside [role=alert], aside p", "Nothing on the slate is called \"nobody\"");
        browser.seeText("[role=status]", "Not saved");
        assertThat(place("goal").get("words").asString()).contains("gifts");
        browser.type("aside input[aria-label='Words']", "{slateGiftsTonight} gifts");
        until("goal", "/words", "{slateGiftsTonight} gifts");
        app.happen("gift", "brine_otter", Map.of("giftWorth", 1, "giftCount", 4), Map.of("giftItem", "Sprig"));
        browser.to(shown);
        browser.seeText("[data-fixture=goal]", "gifts");
        browser.await(
                "the bar has wax in it",
                any -> Boolean.TRUE.equals(
                        browser.driver()
                                .executeScript(
                                        "return !/scaleX\\(0\\)/.test(document.querySelector('[data-fixture=goal] .wax').style.transform)")));
        browser.to(console);
        browser.see("[aria-label='Remove Goal 2']").click();
        browser.await(
                "it is gone",
                any -> stage().get("fixtures")
                        .valueStream()
                        .noneMatch(each -> each.get("id").asString().equals("goal")));
        browser.to(shown);
        browser.gone("[data-fixture=goal]");
        browser.to(console);
        browser.see("[aria-label='New stage']").click();
        browser.await("it is open", any -> browser.driver().getCurrentUrl().endsWith("/stages/stage"));
        browser.seeText("[role=status]", "Saved");
        browser.seeText("button", "1280 × 720").click();
        browser.seeText("[role=dialog] button", "Upright").click();
        browser.seeText("[role=dialog] button", "Keep distances").click();
        browser.await(
                "it is upright",
                any -> app.get("/api/wiring")
                                .get("stages")
                                .get(2)
                                .at("/stage/height")
                                .asInt()
                        == 1_920);
        assertThat(app.get("/api/wiring")
                        .get("stages")
                        .get(2)
                        .at("/stage/spots/0/frame/y")
                        .asInt())
                .isEqualTo(1_920 - 110 - 50);
        browser.seeText("button", "Delete this stage").click();
        browser.seeText("[role=dialog] button", "Delete it").click();
        browser.await(
                "two stages again", any -> app.get("/api/wiring").get("stages").size() == 2);
    }

    @Test
    @Order(3)
    void theWheelStopsOnWhatWasDrawnTheMascotMovesAndTheResultIsSaid() {
        browser.to(shown);
        JsonNode rang = app.say("lowtide_lou", "!spin");
        assertThat(rang.get("sentence").asString()).contains("rang Spin the dyes");
        long ring = rang.get("answers")
                .valueStream()
                .filter(each -> each.get("cueId").asString().equals("spin-the-dyes"))
                .findFirst()
                .orElseThrow()
                .get("ring")
                .asLong();
        browser.await(
                "the mascot sways",
                any -> "sway".equals(browser.see("[data-fixture=tilly]").getDomAttribute("data-move")));
        String drawn = app.get("/api/rings/" + ring)
                .get("parts")
                .valueStream()
                .filter(each -> each.get("id").asString().equals("spin"))
                .findFirst()
                .orElseThrow()
                .get("label")
                .asString();
        browser.await("the result is shown", any -> {
            String result = browser.see("[data-fixture=dyes] .result").getText();
            return !result.isEmpty()
                    && drawn.contains(result)
                    && Double.parseDouble(browser.see("[data-fixture=dyes] .result-plate")
                                    .getCssValue("opacity"))
                            > 0.9;
        });
        String result = browser.see("[data-fixture=dyes] .result").getText();
        Object atTop = browser.driver().executeScript("""
                const wheel = document.querySelector('[data-fixture=dyes] .turning')
                const matrix = new DOMMatrix(getComputedStyle(wheel).transform)
                const box = document.querySelector('[data-fixture=dyes] svg').getBoundingClientRect()
                const under = document.elementFromPoint(box.x + box.width / 2, box.y + box.height * 0.2)
                return under.closest('g').textContent + under.parentElement.textContent""");
        assertThat(atTop.toString()).contains(result);
        browser.await(
                "it is said",
                any -> app.get("/api/journal").toString().contains("The wheel says")
                        || app.get("/api/live").toString().contains("The wheel says: " + result));
        browser.await(
                "something bursts",
                any -> !browser.all("#stage > .burst canvas").isEmpty());
        browser.await(
                "and goes by itself", any -> browser.all("#stage > .burst").isEmpty());
    }

    @Test
    @Order(4)
    void aPageThatJoinsInTheMiddleShowsTheVideoWhereItIs() {
        app.post("/api/cues/see-it-dipped/try", Map.of("event", app.sample("see-it-dipped"), "past", true));
        String late =
                browser.tab(app.get("/api/stages/main/address").get("address").asString());
        Object at = browser.await(
                "the video plays",
                any -> browser.driver()
                        .executeScript(
                                "const film = document.querySelector('#stage > .video video'); return film && film.currentTime > 0.2 ? film.currentTime : null"));
        assertThat(((Number) at).doubleValue()).isLessThan(4.1);
        app.post("/api/hush", Map.of());
        browser.gone("#stage > .part");
        browser.driver().close();
        browser.to(shown);
        browser.gone("#stage > .part");
    }

    @Test
    @Order(5)
    void wordsOfAnyScriptStayTextAndStayInTheirPlace() {
        browser.to(shown);
        app.say("tallowmoth", HOSTILE);
        browser.seeText("[data-fixture=chat] li", "onerror");
        app.post(
                "/api/cues/tilly-flares/try",
                Map.of(
                        "event",
                        Map.of(
                                "kind",
                                "follow",
                                "from",
                                "practice",
                                "viewer",
                                Map.of(
                                        "id",
                                        "practice:x",
                                        "name",
                                        HOSTILE,
                                        "standings",
                                        List.of("follower"),
                                        "months",
                                        0)),
                        "past",
                        true));
        browser.await("the card stands", any -> browser.all("#stage > .card").size() == 1);
        String beyond = """
                const room = (id) => document.querySelector(id).getBoundingClientRect()
                const out = []
                for (const [host, items] of [['[data-fixture=chat]', '[data-fixture=chat] li'], ['#stage > .card', '#stage > .card .title']]) {
                  const box = room(host)
                  document.querySelectorAll(items).forEach((each) => { const one = each.getBoundingClientRect(); if (one.right > box.right + 1 || one.left < box.left - 1 || one.bottom > box.bottom + 1) out.push(items) })
                }
                return out.length === 0""";
        browser.await(
                "what settled stays in its place",
                any -> Boolean.TRUE.equals(browser.driver().executeScript(beyond)));
        assertThat(browser.driver()
                        .executeScript("return [...document.images].some((each) => each.src.endsWith('/x'))"))
                .isEqualTo(false);
        app.post("/api/hush", Map.of());
    }

    @Test
    @Order(6)
    void aMovingPictureWithNamedMarkersIsAMascotWhoseMovesAreItsMarkers() {
        show("/stages");
        browser.see("#place-tilly").click();
        browser.see("[aria-label='What is chosen'] [aria-haspopup=listbox]").click();
        browser.seeText("[role=option]", "a moving picture").click();
        browser.seeText("aside", "No moving picture is chosen");
        browser.await(
                "its file is asked for",
                any -> browser.all("[aria-label='What is chosen'] [aria-haspopup=listbox]")
                                .size()
                        == 2);
        browser.all("[aria-label='What is chosen'] [aria-haspopup=listbox]")
                .get(1)
                .click();
        browser.seeText("[role=option]", "moth.json").click();
        browser.see("[aria-label='Show the move flutter']");
        browser.seeText("[role=status]", "Not saved");
        assertThat(place("tilly").get("figure").asString())
                .as("cues ask for moves that a moth has not")
                .isEqualTo("taper");
        browser.driver().navigate().refresh();
        browser.see("[aria-label='Add to the stage']").click();
        browser.seeText("[role=menuitem]", "Mascot").click();
        browser.await(
                "it is saved",
                any -> stage().get("fixtures")
                        .valueStream()
                        .anyMatch(each -> each.get("id").asString().equals("mascot")));
        browser.see("[aria-label='What is chosen'] [aria-haspopup=listbox]").click();
        browser.seeText("[role=option]", "a moving picture").click();
        browser.await(
                "its file is asked for",
                any -> browser.all("[aria-label='What is chosen'] [aria-haspopup=listbox]")
                                .size()
                        == 2);
        browser.all("[aria-label='What is chosen'] [aria-haspopup=listbox]")
                .get(1)
                .click();
        browser.seeText("[role=option]", "moth.json").click();
        browser.await(
                "its moves are its markers",
                any -> place("mascot")
                        .get("moves")
                        .valueStream()
                        .map(each -> each.get("name").asString())
                        .toList()
                        .equals(List.of("flutter", "rest")));
        browser.to(shown);
        browser.see("[data-fixture=mascot] svg path");
        browser.to(console);
        browser.see("[aria-label='Remove Mascot 2']").click();
        browser.await(
                "it is gone",
                any -> stage().get("fixtures")
                        .valueStream()
                        .noneMatch(each -> each.get("id").asString().equals("mascot")));
    }

    @Test
    @Order(7)
    void aCueIsTriedInPlaceAndNothingStaysBehind() {
        show("/stages");
        browser.see("[aria-label='Try a cue here'] [aria-haspopup=listbox]").click();
        browser.seeText("[role=option]", "With thanks").click();
        browser.seeText("[aria-label='Try a cue here'] button", "Preview").click();
        browser.await(
                "names stand in the preview",
                any -> Boolean.TRUE.equals(
                        browser.driver()
                                .executeScript(
                                        "return [...document.querySelectorAll('iframe')].some((each) => each.contentDocument.querySelector('.names')?.textContent.includes('marshlight_ines'))")));
        browser.seeText("[aria-label='Try a cue here'] button", "Stop").click();
        browser.await(
                "and are gone",
                any -> Boolean.FALSE.equals(
                        browser.driver()
                                .executeScript(
                                        "return [...document.querySelectorAll('iframe')].some((each) => each.contentDocument.querySelector('.part'))")));
        browser.to(shown);
        assertThat(browser.all("#stage > .part")).as("nothing of it was on air").isEmpty();
    }
}
