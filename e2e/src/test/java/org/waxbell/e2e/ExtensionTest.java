package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** An extension is brought in, its permissions read and agreed to, its settings changed, its game played; broken by hand it says line and event. */
@ExtendWith(Together.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ExtensionTest {
    private static final String WEIGH = "guess-the-weight";
    private static Packaged app;
    private static Browser browser;
    private static String console;

    @BeforeAll
    static void start() {
        app = Together.app();
        browser = Together.browser();
        console = browser.tab(app.address() + "/desks");
    }

    @AfterAll
    static void stop() {
        browser.leave(console);
    }

    private static void act(String name, String text) {
        browser.type("[data-said]", text);
        browser.see("[data-act=" + name + "]").click();
    }

    @Test
    @Order(1)
    void itIsBroughtInReadAndAgreedTo() {
        browser.see("[data-bring-extension]").click();
        browser.seeText("[data-ours=" + WEIGH + "]", "gives points and takes them")
                .findElement(By.cssSelector("button"))
                .click();
        browser.seeText("h1", "Guess the weight");
        browser.seeText("[data-may]", "waits until you have agreed");
        browser.seeText("[data-ask=points]", "not agreed to");
        browser.see("[data-agree]").click();
        browser.seeText("[data-may] h2", "It runs");
        browser.seeText("[data-ask=points]", "you agreed");
    }

    @Test
    @Order(2)
    void itsSettingsAreItsOwnForm() {
        browser.seeText("summary", "All of it as a form").click();
        browser.type("[data-setting=unit] input", "ounces");
        browser.await(
                "it is kept",
                any -> app.sheet(WEIGH).at("/desk/settings/unit").asString("").equals("ounces"));
        browser.type("[data-setting=lightest] input", "0");
        browser.seeText("[data-setting=lightest]", "is a whole number from 1 to 100000");
        browser.type("[data-setting=lightest] input", "5");
        browser.await(
                "it is kept",
                any -> app.sheet(WEIGH)
                        .at("/desk/settings/lightest")
                        .asString("")
                        .equals("5"));
    }

    @Test
    @Order(3)
    void itsGameIsPlayed() {
        act("begin", "412");
        browser.await(
                "a round is kept",
                any -> app.get("/api/desks/board?about=" + WEIGH).get("kept").asInt() > 0);
        app.say("brine_otter", "!guess 400");
        browser.await(
                "the guess is kept",
                any -> app.get("/api/desks/board?about=" + WEIGH).get("kept").asInt() > 60);
        act("finish", "");
        browser.await(
                "it is told",
                any -> app.get("/api/journal")
                        .toString()
                        .contains("It weighs 412 ounces. brine_otter was nearest with 400."));
    }

    @Test
    @Order(4)
    void aTryDoesNothing() {
        browser.see("[data-try]").click();
        browser.seeText("[data-tried]", "forget: key round");
    }

    @Test
    @Order(5)
    void brokenByHandItSaysLineAndEventAndMendedItGoesOn() {
        browser.seeText("summary", "Its code").click();
        String good = browser.see("textarea[aria-label=Code]").getDomProperty("value");
        browser.type("textarea[aria-label=Code]", "function asked( {");
        browser.seeText("[data-fault]", "main.js line 1");
        browser.type("textarea[aria-label=Code]", "function asked() { wax() }");
        browser.gone("[data-fault]");
        browser.see("textarea[aria-label=Code]").sendKeys(Keys.chord(Keys.CONTROL, "s"));
        browser.await(
                "it is saved",
                any -> app.sheet(WEIGH).at("/desk/code").asString().contains("wax()"));
        act("begin", "");
        browser.seeText("[aria-label='Its log']", "main.js line 1: ReferenceError: \"wax\" is not defined.");
        browser.seeText("[aria-label='Its log']", "on asked begin");
        app.say("brine_otter", "the evening goes on");
        Path main = app.data().resolve("extensions").resolve(WEIGH).resolve("main.js");
        browser.await("it stands in its folder", any -> read(main).contains("wax()"));
        write(main, good);
        browser.seeText("[aria-label='Its log']", "taken anew from its folder");
        act("begin", "77");
        act("finish", "");
        browser.await("it is told", any -> app.get("/api/journal").toString().contains("It weighs 77 ounces."));
    }

    @Test
    @Order(6)
    void takenAwayItLeavesNothing() {
        browser.see("button[aria-label='Delete Guess the weight']").click();
        browser.seeText("[role=dialog] button", "Delete all of it").click();
        browser.await(
                "it is gone",
                any -> app.get("/api/wiring")
                        .get("desks")
                        .valueStream()
                        .noneMatch(each -> each.at("/desk/id").asString().equals(WEIGH)));
        browser.await(
                "its folder too",
                any -> !Files.exists(app.data().resolve("extensions").resolve(WEIGH)));
        assertThat(app.get("/api/wiring").toString()).doesNotContain(WEIGH);
    }

    private static String read(Path file) {
        try {
            return Files.exists(file) ? Files.readString(file) : "";
        } catch (IOException broken) {
            return "";
        }
    }

    private static void write(Path file, String text) {
        try {
            Files.writeString(file, text);
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }
}
