package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A stranger begins with an empty folder and has an open show: every step by what the strip says and the ways that it gives. */
@ExtendWith(Together.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstEveningTest {
    @TempDir
    static Path data;

    private static Packaged app;
    private static Browser browser;
    private static String console;

    @BeforeAll
    static void start() {
        app = Packaged.empty(data);
        browser = Together.browser();
        console = browser.tab(app.address() + "/");
    }

    @AfterAll
    static void stop() {
        browser.leave(console);
        app.close();
    }

    private static void done(String step) {
        browser.see("[data-step=" + step + "][data-done=true]");
    }

    @Test
    @Order(1)
    void aLineInThePracticeChannelIsAChat() {
        browser.seeText("[data-next]", "Link your chat");
        assertThat(browser.seeText("main", "No cue yet").getText()).doesNotContain("!pour");
        String channel = browser.tab(app.address() + "/channel");
        browser.type("input[placeholder='Write a line']", "good evening" + Keys.ENTER);
        browser.seeText("[role=log]", "good evening");
        browser.driver().close();
        browser.to(console);
        done("chat");
        assertThat(browser.driver().getWindowHandles()).doesNotContain(channel);
    }

    @Test
    @Order(2)
    void theStageIsPlacedInThePracticeMixer() {
        browser.seeText("[data-next] a", "Place the stage").click();
        browser.seeText("button", "Place it in").click();
        String mixer = browser.tab(app.address() + "/mixer");
        browser.await(
                "the stage is shown",
                any -> app.get("/api/first").get("steps").get(1).get("done").asBoolean());
        browser.driver().close();
        browser.to(console);
        done("stage");
        assertThat(browser.driver().getWindowHandles()).doesNotContain(mixer);
    }

    @Test
    @Order(3)
    void threePiecesComeByOnePressEachAndAreTried() {
        browser.seeText("[data-next] a", "Ready-made").click();
        for (String piece : List.of("answer-a-word", "thanks-for-following", "ring-a-bell")) {
            browser.see("[data-piece=" + piece + "]").click();
            browser.see("[data-chosen=" + piece + "] iframe");
            browser.see("[data-bring]").click();
            browser.see("[data-try-it]").click();
        }
        done("pieces");
        done("try");
        assertThat(app.get("/api/wiring").get("cues").size()).isEqualTo(3);
    }

    @Test
    @Order(4)
    void anEveningIsRehearsedAndTheShowOpens() {
        browser.seeText("[data-next] a", "Rehearse").click();
        browser.seeText("button", "Rehearse it").click();
        done("rehearse");
        browser.see("header [id^=headlessui-menu-button]").click();
        browser.seeText("[role=menuitem]", "Open the show").click();
        browser.seeText("[data-first]", "All of it is done");
        browser.seeText("[data-first] button", "Done").click();
        browser.await(
                "it is put away",
                any -> browser.driver()
                        .findElements(By.cssSelector("[data-first]"))
                        .isEmpty());
    }

    @Test
    @Order(5)
    void helpSaysWhatAPlaceIsForAndTheGuideIsFoundByAWord() {
        browser.driver().get(app.address() + "/stages");
        browser.see("main");
        browser.see("button[aria-label='Help: ?']").click();
        browser.seeText("[data-help]", "picture that viewers see");
        browser.see("[data-to-guide]").click();
        browser.seeText("article h1", "Stages");
        browser.type("input[aria-label='Find in all of it']", "lantern adds");
        browser.seeText("nav[aria-label=Headings] a", "Desks: clocks");
    }

    @Test
    @Order(6)
    void aBackUpIsLookedIntoAndOneCueOfItBroughtBack() {
        browser.driver().get(app.address() + "/links");
        browser.type("section[aria-label=Back-ups] input[type=password]", "three tall tapers");
        browser.see("[data-back-up]").click();
        browser.seeText("[role=status]", "The whole house is backed up.");
        app.put(
                "/api/cues",
                Map.of(
                        "what",
                        "taking it away",
                        "save",
                        List.of(),
                        "delete",
                        List.of(Map.of("id", "ring-a-bell", "version", 1))));
        assertThat(app.get("/api/wiring").get("cues").size()).isEqualTo(2);
        browser.see("[data-look^=house-]").click();
        browser.seeText("[role=dialog]", "sealed by its passphrase");
        browser.seeText("[role=dialog] label", "Ring the bell").click();
        browser.see("[data-bring-back]").click();
        browser.seeText("[data-look]", "Ring the bell");
        browser.see("[data-bring-it]").click();
        browser.seeText("[role=status]", "is here");
        assertThat(app.get("/api/wiring").get("cues").size()).isEqualTo(3);
    }
}
