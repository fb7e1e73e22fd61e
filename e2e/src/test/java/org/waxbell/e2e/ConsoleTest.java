package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** Editing in the console, by mouse and by keyboard, and what a screen reader needs on every screen. */
@ExtendWith(Together.class)
class ConsoleTest {
    private static final String AXE = "../web/node_modules/axe-core/axe.min.js";
    private static Browser browser;
    private static Packaged app;
    private static String console;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        console = browser.tab(app.address() + "/cues/trim-the-wick");
        browser.see("#part-card");
    }

    private static void show(String path) {
        browser.to(console);
        browser.driver().get(app.address() + path);
    }

    private static void saved() {
        browser.seeText("[role=status]", "Saved");
    }

    private static String cue(String id, String pointer) {
        return app.get("/api/wiring")
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/id").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .at("/cue" + pointer)
                .asString();
    }

    @Test
    void wordsCooldownStandingTextTimesAndLengthsAreEditedAndHold() {
        show("/cues/trim-the-wick");
        browser.see("button.chip[aria-label^='Chat words']").click();
        browser.type("section label input.font-mono", "!wick !snip");
        browser.await(
                "words are saved",
                any -> cue("trim-the-wick", "/pulls/0/words/1").equals("!snip"));
        new Actions(browser.driver()).sendKeys(Keys.ESCAPE).perform();
        browser.see("button.chip[aria-label^='Cooldown']").click();
        browser.type("section label input[inputmode=decimal]", "3.5");
        browser.await(
                "cooldown is saved",
                any -> cue("trim-the-wick", "/gates/1/forAllMs").equals("3500"));
        new Actions(browser.driver()).sendKeys(Keys.ESCAPE).perform();
        browser.see("#part-card").click();
        browser.type("aside input[aria-label='Large line']", "Bravo {viewer}");
        browser.await(
                "text is saved",
                any -> cue("trim-the-wick", "/takes/0/score/parts/1/title").equals("Bravo {viewer}"));
        browser.seeText("#part-card", "Bravo wickerby");
        saved();
        browser.driver().navigate().refresh();
        assertThat(browser.see("button.chip[aria-label^='Cooldown']").getText()).startsWith("every 3.5 s");
        assertThat(app.say("tallowmoth", "!snip").get("sentence").asString()).startsWith("rang Trim the wick");
    }

    @Test
    void aWrongValueIsRefusedBesideItsFieldAndWhatWasSavedStays() {
        show("/cues/ring-the-bench-bell");
        browser.see("#part-card").click();
        browser.type("aside [data-field=lengthMs] input", "-2");
        browser.seeText("aside [role=alert]", "The time on screen is out of range.");
        browser.seeText("[role=status]", "What was saved before still holds");
        assertThat(cue("ring-the-bench-bell", "/takes/0/score/parts/1/lengthMs"))
                .isEqualTo("4000");
        browser.type("aside [data-field=lengthMs] input", "soon");
        browser.seeText("aside [role=alert]", "This is no number of seconds");
        browser.type("aside [data-field=lengthMs] input", "4");
        saved();
    }

    @Test
    void aTakenWordIsRefusedWithTheNameOfItsOwner() {
        show("/cues/what-is-on-the-bench");
        browser.see("button.chip[aria-label^='Chat words']").click();
        browser.type("section label input.font-mono", "!tonight !bell");
        browser.seeText("[role=alert]", "!bell already belongs to Ring the bench bell.");
        browser.type("section label input.font-mono", "!tonight");
        saved();
    }

    @Test
    void aNewcomerAnswersAWordByKeyboardAloneAndUndoesIt() {
        show("/cues/pour-the-taper");
        browser.see("#part-card");
        new Actions(browser.driver()).sendKeys("n").perform();
        browser.see("[role=dialog] input");
        new Actions(browser.driver())
                .sendKeys("scent", Keys.TAB, "Sage, {viewer}.", Keys.ENTER)
                .perform();
        browser.seeText("button.chip[aria-label^='Chat words']", "!scent");
        assertThat(app.say("lowtide_lou", "!scent").get("sentence").asString()).isEqualTo("rang Answer to !scent");
        browser.await("focus is out of fields", any -> {
            browser.see("h2").click();
            return browser.driver().switchTo().activeElement().getTagName().equals("body");
        });
        new Actions(browser.driver())
                .keyDown(Keys.CONTROL)
                .sendKeys("z")
                .keyUp(Keys.CONTROL)
                .perform();
        browser.seeText("[role=status]", "Undone: new cue Answer to !scent");
        assertThat(app.say("lowtide_lou", "!scent").get("sentence").asString()).startsWith("no cue has this word");
    }

    @Test
    void theConsoleTypesAsAViewerAndLinksTellWhoShowsTheStage() {
        show("/cues/pour-the-taper");
        browser.type("input[aria-label='Line of chat']", "!nothing of ours" + Keys.ENTER);
        browser.seeText("ol[aria-label='What was decided'] li", "no cue has this word");
        show("/links");
        assertThat(browser.see("[data-address]").getText())
                .contains("#k=•")
                .doesNotContainPattern("k=[A-Za-z0-9_-]{22}");
        browser.see("[data-link='stage/main'] [data-address]");
        browser.driver()
                .executeScript(
                        "document.querySelector(\"[data-link='stage/main'] [data-address]\").scrollIntoView({ block: 'center' })");
        browser.seeText("[data-link='stage/main'] button", "Reveal").click();
        browser.await(
                "the address is shown",
                any -> browser.see("[data-address]")
                        .getText()
                        .matches("http://127\\.0\\.0\\.1:\\d+/stage#k=[A-Za-z0-9_-]{32}"));
    }

    @Test
    void everythingOnTheRailIsReachedByTabAndTheFocusShows() {
        show("/cues/pour-the-taper");
        browser.see("#part-card");
        boolean reached = false;
        for (int i = 0; i < 20 && !reached; i++) {
            new Actions(browser.driver()).sendKeys(Keys.TAB).perform();
            assertThat(browser.driver().switchTo().activeElement().getCssValue("outline-style"))
                    .isNotEqualTo("none");
            reached = "hush"
                    .equals(browser.driver()
                            .executeScript("return document.activeElement.classList.contains('hush') ? 'hush' : ''"));
        }
        assertThat(reached).as("Hush is reached by Tab").isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "/rehearse, day",
        "/rehearse, dusk",
        "/cues/pour-the-taper, day",
        "/cues/pour-the-taper, dusk",
        "/cues/keep-that-moment, day",
        "/shelf, day",
        "/shelf, dusk",
        "/desks/bench, day",
        "/desks/bench, dusk",
        "/desks/rig, day",
        "/desks/rig, dusk",
        "/dock/bench, day",
        "/room, day",
        "/noticeboard, day",
        "/desks/wax, day",
        "/desks/wax, dusk",
        "/voice, day",
        "/voice, dusk",
        "/live, day",
        "/live, dusk",
        "/dock/live, day",
        "/pad, day",
        "/pad, dusk",
        "/helper, day",
        "/helper, dusk",
        "/desks/evening, day",
        "/desks/evening, dusk",
        "/look-back, day",
        "/look-back, dusk",
        "/people, day",
        "/people/practice:wickerby, dusk",
        "/people/circles, day",
        "/people/ledger, dusk",
        "/desks/vote, day",
        "/desks/draw, day",
        "/desks/drips, dusk",
        "/desks/reward, day",
        "/desks/wheels, dusk",
        "/slate, day",
        "/slate, dusk",
        "/viewers, day",
        "/viewers, dusk",
        "/health, day",
        "/health, dusk",
        "/checkup, day",
        "/checkup, dusk",
        "/packs, day",
        "/packs, dusk",
        "/ready/a-queue, day",
        "/ready, dusk",
        "/guide, day",
        "/guide/people, dusk",
        "/words, day",
        "/stages, day",
        "/stages, dusk",
        "/looks, day",
        "/looks, dusk",
        "/links, day",
        "/links, dusk",
        "/channel, day",
        "/channel, dusk",
        "/mixer, day",
        "/mixer, dusk"
    })
    void noScreenHasAFaultThatAxeFinds(String path, String light) throws IOException {
        show(path);
        browser.driver().executeScript("localStorage.setItem('waxbell.light', arguments[0])", light);
        browser.driver().navigate().refresh();
        browser.see("h1");
        if (path.equals("/rehearse")) {
            browser.seeText("aside button", "Rehearse it").click();
            browser.see("canvas");
        }
        browser.await(
                light,
                any -> path.equals("/words")
                        || browser.see("html").getDomAttribute("data-light").equals(light));
        assertThat(faults()).isEmpty();
        if (light.equals("day")) {
            // Everything twice as large, on a screen of 1280 by 800.
            browser.size(640, 400);
            try {
                assertThat(faults()).as("at 200 %").isEmpty();
                assertThat(
                                browser.driver()
                                        .executeScript(
                                                "const page = document.documentElement; return page.scrollWidth - page.clientWidth"))
                        .as("how much it is wider than the screen")
                        .isEqualTo(0L);
            } finally {
                browser.size(1280, 800);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "button.chip[data-chip='gate:cooldown']",
        "button.chip[data-chip='pull:0']",
        "button[aria-pressed].button-dark",
        "button[aria-label='Go or do: Ctrl+K']",
        "button[aria-label='Help: ?']",
        "aside .button-dark"
    })
    void nothingThatOpensHasAFaultThatAxeFinds(String opener) throws IOException {
        show("/cues/trim-the-wick");
        browser.see("#part-card");
        browser.see(opener).click();
        assertThat(faults()).isEmpty();
    }

    private static List<?> faults() throws IOException {
        browser.driver().executeScript(Files.readString(Path.of(AXE)));
        Object faults = browser.driver().executeAsyncScript("""
                const done = arguments[arguments.length - 1]
                axe.run({ iframes: false }).then((found) => done(found.violations.map((each) =>
                  each.id + ': ' + each.nodes.map((node) => node.target + ' ' + node.failureSummary).join(' | '))))""");
        return (List<?>) faults;
    }

    @Test
    void theShowIsOpenedFromTheRailAndStaysOpenAfterAReload() {
        show("/cues/welcome-back");
        browser.seeText("section.sheet", "someone writes their first line tonight");
        browser.see("header [id^=headlessui-menu-button]").click();
        browser.seeText("[role=menuitem]", "Open the show");
        browser.see("[role=menuitem]").click();
        browser.seeText("header", "open since");
        assertThat(app.say("juniper_and_ash", "evening").get("sentence").asString())
                .contains("rang Welcome back");
        browser.driver().navigate().refresh();
        browser.seeText("header", ", open since");
        assertThat(app.say("juniper_and_ash", "again").get("sentence").asString())
                .isEqualTo("just talk");
    }

    @Test
    void aKeyOfACueRingsItAndAPersonsCutIsNotUndone() {
        show("/cues/kettle-on");
        browser.seeText("section.sheet", "I press Kettle or Alt+2");
        browser.see("h1");
        new Actions(browser.driver())
                .keyDown(Keys.ALT)
                .sendKeys("2")
                .keyUp(Keys.ALT)
                .perform();
        browser.seeText("[role=status]", "rang Kettle on");
        browser.await(
                "the practice mixer shows the kettle",
                any -> app.get("/api/practice/mixer").get("current").asString().equals("kettle"));
        app.post("/api/hush", Map.of());
        browser.await(
                "Hush put the scene back",
                any -> app.get("/api/practice/mixer").get("current").asString().equals("bench"));
    }

    @Test
    void aPartThatMakesAClipIsAddedByTheMenuAndItsFieldsAreKept() {
        show("/cues/what-is-on-the-bench");
        browser.see("button[aria-label='Add Make a clip']").click();
        browser.see("#part-clip");
        browser.type("aside input[aria-label='Title']", "The bench at {viewer}");
        browser.await(
                "the title is saved",
                any -> cue("what-is-on-the-bench", "/takes/0/score/parts/1/title")
                        .equals("The bench at {viewer}"));
        saved();
        browser.driver().navigate().refresh();
        browser.see("#part-clip").click();
        browser.seeText("aside h3", "Make a clip");
        new Actions(browser.driver()).sendKeys(Keys.DELETE).perform();
        browser.await(
                "the part is gone",
                any -> app.get("/api/wiring")
                        .get("cues")
                        .valueStream()
                        .filter(each -> each.at("/cue/id").asString().equals("what-is-on-the-bench"))
                        .allMatch(each -> each.at("/cue/takes/0/score/parts").size() == 1));
    }
}
