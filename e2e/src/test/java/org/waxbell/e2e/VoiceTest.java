package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The voice in the browser: tried, heard from the console with no mixer and no stage page, read along, hushed, and led by the host. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class VoiceTest extends OnConsole {
    private static final double LOUD = -60;

    @AfterEach
    void quiet() {
        app.post("/api/hush", Map.of());
    }

    private static boolean isHeard() {
        return Boolean.TRUE.equals(
                browser.driver().executeScript("return (window.peaks ?? []).some((each) => each.peak > " + LOUD + ")"));
    }

    private static void listen() {
        browser.driver()
                .executeScript(
                        "window.peaks = []; window.onmessage = (told) => { if (told.data?.peak !== undefined) window.peaks.push({ at: Date.now(), peak: told.data.peak }) }");
    }

    private static JsonNode ring(String label) {
        return app.get("/api/live")
                .get("rings")
                .valueStream()
                .filter(ring -> ring.at("/parts/0/label").asString().contains(label))
                .findFirst()
                .orElse(null);
    }

    @Test
    @Order(1)
    void aTextIsTriedAndHeardInTheConsole() {
        show("/voice");
        browser.type("section[aria-label='Try it'] input[name=text]", "wickerby, see www.example.org for 12 tapers");
        browser.seeText("[data-looked]", "wicker bee, see a link for twelve tapers");
        browser.seeText("section[aria-label='Try it'] button", "Hear it").click();
        browser.await(
                "it was fetched to be heard",
                any -> Boolean.TRUE.equals(
                        browser.driver()
                                .executeScript(
                                        "return performance.getEntriesByType('resource').some((each) => each.name.includes('/media/spoken/'))")));
        browser.type("section[aria-label='Try it'] input[name=text]", "sdfjkhsdfkjh wvbnmq");
        browser.seeText("[data-looked]", "kept out: letters that make no words");
    }

    @Test
    @Order(2)
    void theSentenceIsItsSettings() {
        show("/voice");
        browser.see("button.chip[data-chip=senseless]").click();
        browser.see("[data-field=senseless] button").click();
        browser.seeText("[data-field=senseless] [role=option]", "left out").click();
        browser.await(
                "the sentence says so",
                any -> browser.see("button.chip[data-chip=senseless]").getText().equals("left out"));
        browser.see("[data-field=longest] input").clear();
        browser.type("[data-field=longest] input", "5");
        browser.seeText("[data-field=longest]", "20");
        assertThat(app.get("/api/wiring").at("/house/house/reading/longest").asInt())
                .isEqualTo(200);
        app.post("/api/undo", Map.of());
        browser.await(
                "it is undone",
                any -> app.get("/api/wiring")
                        .at("/house/house/reading/senseless")
                        .asString()
                        .equals("hold"));
    }

    @Test
    @Order(3)
    void withNoMixerItIsHeardFromTheConsoleAndHushSilencesIt() {
        show("/voice");
        listen();
        browser.see("[data-hear-here]").click();
        browser.seeText("label", "Sounds and speech of all stages").click();
        browser.seeText("[data-hear-here]", "Heard on this page");
        listen();
        app.say("marshlight_ines", "!say good evening all, what a lovely tall taper you have there tonight");
        app.say("captain_sedge", "!say the bench is full");
        browser.await("it is heard", any -> isHeard());
        browser.see("[data-speaking] progress");
        browser.see("[data-waiting]");
        app.post("/api/hush", Map.of());
        browser.await(
                "it is silent",
                any -> Boolean.TRUE.equals(
                        browser.driver().executeScript("return window.peaks.at(-1).peak <= " + LOUD)));
        browser.gone("[data-waiting]");
        assertThat(ring("the bench is full").get("state").asString()).isNotIn("waiting", "playing");
        browser.seeText("label", "Sounds and speech of all stages").click();
        browser.seeText("[data-hear-here]", "Not heard here");
    }

    @Test
    @Order(4)
    void whatIsSaidIsReadAlongAlsoAfterAReload() {
        browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.await(
                "the stage has joined",
                any -> !app.get("/api/live").get("pages").isEmpty());
        app.say("tallowmoth", "!say the sage one is the very best of all that were ever poured in this marsh");
        browser.seeText("#stage .caption", "the sage one is the very best");
        assertThat(browser.all("#stage .caption .word")).hasSizeGreaterThan(10);
        browser.driver().navigate().refresh();
        browser.seeText("#stage .caption", "the sage one is the very best");
        browser.gone("#stage .caption");
        browser.driver().close();
    }

    @Test
    @Order(5)
    void theHostLetsAQuestionThroughSeesWhatWasKeptOutAndBlocks() {
        show("/voice");
        app.say("wickerby", "!ask why is the sage one so green");
        app.say("brine_otter", "!say sdfjkhsdfkjh wvbnmq");
        WebElement waits = browser.seeText("[data-waits]", "why is the sage one so green");
        waits.findElements(By.tagName("button")).stream()
                .filter(each -> each.getText().contains("Let it be said"))
                .findFirst()
                .orElseThrow()
                .click();
        browser.await("it is said", any -> ring("wickerby asks: why is the sage one so green") != null);
        browser.gone("[data-waits]");
        WebElement kept = browser.seeText("[data-kept]", "sdfjkhsdfkjh");
        assertThat(kept.getText()).contains("letters that make no words");
        kept.findElement(By.tagName("button")).click();
        browser.seeText("[data-blocked]", "brine_otter");
        assertThat(app.say("brine_otter", "!say hello").get("sentence").asString())
                .contains("nothing is said for brine_otter");
        browser.seeText("[data-blocked] button", "Let them again").click();
        browser.gone("[data-blocked]");
    }

    @Test
    @Order(6)
    void onePersonSoundsDeeper() {
        show("/voice");
        browser.type("section[aria-label=People] input[list]", "juniper_and_ash");
        WebElement pitch = browser.all("section[aria-label=People] label").stream()
                .filter(each -> each.getText().startsWith("Pitch"))
                .findFirst()
                .orElseThrow()
                .findElement(By.tagName("input"));
        pitch.clear();
        pitch.sendKeys("70\t");
        browser.seeText("section[aria-label=People] button", "Give them this voice")
                .click();
        browser.seeText("[data-own]", "pitch 70 %");
        browser.seeText("[data-own] button", "Take it away").click();
        browser.gone("[data-own]");
    }

    @Test
    @Order(7)
    void aStagePageMakesTheSmootherVoices() {
        browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.await(
                "the stage has joined",
                any -> !app.get("/api/live").get("pages").isEmpty());
        browser.await("the page made it", any -> {
            JsonNode heard = app.post(
                    "/api/voice/hear", Map.of("text", "good evening all", "voice", "page:slt", "speed", 0, "pitch", 0));
            assertThat(heard.get("lengthMs").asLong()).isBetween(600L, 3_000L);
            return Boolean.TRUE.equals(
                    browser.driver()
                            .executeScript(
                                    "return performance.getEntriesByType('resource').some((each) => each.name.includes('/media/made/') && each.responseStatus === 204)"));
        });
        browser.driver().close();
    }

    /** Says it past the gates of its cue, so that nothing rests. */
    private static void say(String text) {
        ObjectNode line = (ObjectNode) app.sample("say-it");
        ObjectNode viewer = (ObjectNode) line.get("viewer");
        viewer.put("id", "practice:tallowmoth").put("name", "tallowmoth").put("months", 3);
        viewer.putArray("standings").add("member").add("follower").add("anyone");
        line.put("text", "!say " + text);
        app.post("/api/cues/say-it/try", Map.of("event", line, "past", true));
    }

    @Test
    @Order(8)
    void whatWaitsIsSaidNextWhereThatIsWished() {
        show("/voice");
        say("good evening all, what a lovely tall taper you have there tonight");
        say("the bench is full");
        say("the sage one is best");
        browser.await("two wait", any -> browser.all("[data-waiting]").size() == 2);
        browser.all("[data-waiting]").get(1).findElements(By.tagName("button")).stream()
                .filter(each -> each.getText().contains("Say it next"))
                .findFirst()
                .orElseThrow()
                .click();
        browser.await("it has moved up", any -> {
            List<WebElement> waits = browser.all("[data-waiting]");
            return waits.size() == 2 && waits.get(0).getText().contains("the sage one is best");
        });
    }

    /** A browser that has a voice of its own: it says what it is given, for as long as the test wants. */
    private static final String HAS_A_VOICE = """
            window.SpeechSynthesisUtterance = class { constructor(text) { this.text = text } };
            const speaks = { now: null,
              getVoices: () => [{ name: 'Reed', lang: 'en', localService: true }, { name: 'Far', lang: 'en', localService: false }],
              addEventListener: () => undefined,
              speak: (words) => { speaks.now = words },
              cancel: () => { const was = speaks.now; speaks.now = null; was?.onerror({ error: 'canceled' }) } };
            Object.defineProperty(window, 'speechSynthesis', { value: speaks });
            """;

    private static Object spoken(String script) {
        return browser.driver().executeScript("const now = speechSynthesis.now; " + script);
    }

    @Test
    @Order(9)
    void theBrowsersOwnVoiceSpeaksAndTellsWhenItIsOver() {
        browser.tab("about:blank");
        browser.driver().executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", HAS_A_VOICE));
        browser.driver().get(app.get("/api/stages/main/address").get("address").asString());
        new Actions(browser.driver()).moveToLocation(300, 300).click().perform();
        browser.await(
                "its voice is known, and none that wants a network",
                any -> app.get("/api/voice")
                        .get("voices")
                        .valueStream()
                        .filter(voice -> voice.get("id").asString().startsWith("browser:"))
                        .map(voice -> voice.get("name").asString())
                        .toList()
                        .equals(List.of("Reed")));
        app.post(
                "/api/desks/voice/own",
                Map.of(
                        "about",
                        "voice",
                        "with",
                        Map.of("name", "tallowmoth", "voice", "browser:Reed", "speed", "120", "pitch", "100")));
        say("12 tapers stand here");
        browser.await(
                "it speaks",
                any -> "true 1.2".equals(spoken("return now?.text.includes('says twelve tapers') + ' ' + now?.rate")));
        browser.seeText("#stage .caption", "12 tapers stand here");
        assertThat(ring("12 tapers stand here").get("state").asString()).isEqualTo("playing");
        spoken("now.onend()");
        browser.await(
                "its end is known",
                any -> ring("12 tapers stand here").get("state").asString().equals("ended"));
        say("and a thirteenth");
        browser.await("it speaks again", any -> Boolean.TRUE.equals(spoken("return now?.text.includes('thirteenth')")));
        app.post("/api/hush", Map.of());
        browser.await("it is silent", any -> Boolean.TRUE.equals(spoken("return now === null")));
        app.post("/api/desks/voice/plain", Map.of("about", "voice", "with", Map.of("name", "tallowmoth")));
        browser.driver().close();
    }
}
