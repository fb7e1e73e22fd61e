package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** A clip in the browser: kept by a word, seen at its address, cut, given a poster, shown on the stage, traced to its line; its chapters. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ClipsTest extends OnConsole {
    /** Draws the film at a moment and gives the lightness of a place: where the card stood, and where nothing did. */
    private static final String LOOK = """
            const [at, done] = [arguments[0], arguments[arguments.length - 1]]
            const film = document.querySelector('video')
            film.onseeked = () => {
              const canvas = Object.assign(document.createElement('canvas'), { width: 768, height: 432 })
              const on = canvas.getContext('2d')
              on.drawImage(film, 0, 0)
              const light = (x, y) => on.getImageData(x, y, 1, 1).data[0]
              done([light(200, 345), light(400, 200)])
            }
            film.currentTime = at
            """;

    @BeforeAll
    static void air() {
        app.stream(true);
        browser.await("it is on air", any -> app.get("/api/clips").get("filmed").size() == 1);
    }

    @AfterAll
    static void offAir() {
        app.stream(false);
    }

    private static JsonNode clip() {
        return app.get("/api/clips").at("/clips/0");
    }

    private static long lengthMs() {
        return clip().get("ends").asLong() - clip().get("begins").asLong();
    }

    private static void openClip() {
        show("/shelf");
        browser.seeText("aside[aria-label=Folders] button", "Clips of the show").click();
        browser.see("ul[aria-label='What lies here'] li button:last-of-type").click();
        browser.see("[data-clip]");
    }

    @Test
    @Order(1)
    void aWordKeepsWhatStoodThereAndItsAddressPlays() {
        app.say("wickerby", "!pour");
        browser.await(
                "the card has been",
                any -> app.get("/api/live")
                        .get("rings")
                        .valueStream()
                        .anyMatch(ring -> ring.get("cueId").asString().equals("pour-the-taper")
                                && ring.get("state").asString().equals("ended")));
        app.say("marshlight_ines", "!keep");
        browser.await("it is kept", any -> app.get("/api/clips").get("clips").size() == 1);
        browser.tab(clip().get("address").asString());
        browser.seeText("h1", "marshlight_ines at the bench");
        browser.await(
                "it plays",
                any -> Boolean.TRUE.equals(browser.driver()
                        .executeScript(
                                "const film = document.querySelector('video'); return film.readyState > 0"
                                        + " && Math.abs(film.duration * 1000 - arguments[0]) < 200",
                                lengthMs())));
        long card = 0;
        boolean dark = false;
        for (double at = 0.2; at < lengthMs() / 1_000.0; at += 0.5) {
            var light = (java.util.List<?>) browser.driver().executeAsyncScript(LOOK, at);
            long there = ((Number) light.get(0)).longValue() - ((Number) light.get(1)).longValue();
            card = Math.max(card, there);
            dark |= there < 60;
        }
        assertThat(card).as("the card is seen").isGreaterThan(90);
        assertThat(dark).as("and is not there all the time").isTrue();
        browser.driver().close();
    }

    @Test
    @Order(2)
    void itIsCutByKeysAndByNumbersAndLeadsToItsLine() {
        openClip();
        long before = lengthMs();
        WebElement begins = browser.see("[role=slider][aria-label='Where it begins']");
        begins.sendKeys(Keys.PAGE_UP, Keys.ARROW_RIGHT);
        assertThat(begins.getAttribute("aria-valuenow")).isEqualTo("1.1");
        browser.seeText("[data-clip] button", "Keep only that").click();
        browser.await("it is shorter", any -> lengthMs() == before - 1_100);
        browser.await(
                "the film is another",
                any -> Boolean.TRUE.equals(browser.driver()
                        .executeScript(
                                "const film = document.querySelector('aside video'); return film?.readyState > 0"
                                        + " && Math.abs(film.duration * 1000 - arguments[0]) < 50",
                                lengthMs())));
        browser.driver().executeScript("document.querySelector('aside video').currentTime = 1.5");
        browser.await("it has moved", any -> {
            browser.seeText("[data-clip] button", "This picture stands for it").click();
            return clip().get("poster").asLong() == 1_500;
        });
        browser.seeText("[data-clip] button", "What led to it").click();
        browser.seeText("[role=dialog], aside, section", "!keep");
        browser.driver().navigate().refresh();
        openClip();
        assertThat(browser.see("aside video").getAttribute("src")).endsWith("#t=1.5");
    }

    @Test
    @Order(3)
    void itPlaysOnTheStageByAnOrdinaryCue() {
        browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.await(
                "the stage has joined",
                any -> !app.get("/api/live").get("pages").isEmpty());
        String stage = browser.driver().getWindowHandle();
        openClip();
        browser.seeText("[data-clip] button", "Play it on the stage").click();
        browser.seeText("aside[aria-label='The file'] a", "Show marshlight_ines at the bench");
        browser.to(stage);
        browser.await(
                "it is seen there",
                any -> Boolean.TRUE.equals(
                        browser.driver()
                                .executeScript(
                                        "const film = document.querySelector('#stage video'); return film?.currentTime > 0.3")));
        app.post("/api/hush", Map.of());
        browser.driver().close();
        show("/shelf");
        browser.see("button[aria-label^=Undo]").click();
        browser.await(
                "the cue is undone",
                any -> app.get("/api/wiring")
                        .get("cues")
                        .valueStream()
                        .noneMatch(
                                each -> each.at("/cue/name").asString().equals("Show marshlight_ines at the bench")));
    }

    @Test
    @Order(4)
    void marksAndClipsAreTakenAlongAsChapters() {
        app.say("captain_sedge", "!mark the tall one leans");
        openClip();
        browser.seeText("section[aria-label=Files] button", "Chapters").click();
        browser.seeText("[data-filmed]", "2 chapters");
        String address = browser.seeText("[data-filmed] a", "WebVTT").getAttribute("href");
        Object chapters = browser.driver()
                .executeAsyncScript(
                        "const done = arguments[1]; fetch(arguments[0]).then((each) => each.text()).then(done)",
                        address);
        assertThat(chapters.toString()).startsWith("WEBVTT").contains("the tall one leans (captain_sedge)");
    }
}
