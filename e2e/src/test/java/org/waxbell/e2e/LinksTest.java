package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a person does on Links, at the practice mixer and on the practice channel. */
@ExtendWith(Together.class)
class LinksTest {
    private static Browser browser;
    private static Packaged app;
    private static String links;
    private static final List<String> OPENED = new ArrayList<>();

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        links = tab("/links");
        browser.see("[data-link=mixer]");
    }

    /** Every open page of stages and meters costs this machine: what this class opened, it closes. */
    @AfterAll
    static void closeTabs() {
        OPENED.forEach(each -> browser.driver().switchTo().window(each).close());
        browser.to(browser.driver().getWindowHandles().iterator().next());
    }

    private static String tab(String path) {
        String opened = browser.tab(app.address() + path);
        OPENED.add(opened);
        return opened;
    }

    private static WebElement card(String id) {
        return browser.see("[data-link='" + id + "']");
    }

    private static void press(WebElement within, String text) {
        within.findElements(By.cssSelector("button")).stream()
                .filter(each -> each.getText().strip().equals(text))
                .findFirst()
                .orElseThrow()
                .click();
    }

    @Test
    void theProgramTellsHowItDoesAndWhatItWouldHandOn() {
        tab("/health");
        browser.await(
                "the engine is told of",
                any -> browser.see("[aria-label='The engine']").getText().contains("since the start"));
        browser.seeText("button", "A file to ask for help with").click();
        browser.seeText("[role=dialog] button", "wiring.json").click();
        browser.await(
                "it is shown",
                any -> browser.see("pre[aria-label='wiring.json']").getText().contains("Pour the taper"));
        assertThat(browser.see("pre[aria-label='wiring.json']").getText()).doesNotContain("juniper_and_ash");
        browser.see("[role=dialog] a[download]");
        browser.driver().switchTo().activeElement().sendKeys(Keys.ESCAPE);
        browser.gone("[role=dialog]");
    }

    @Test
    void theMixerIsTriedPausedAndConnectedAgain() {
        browser.to(links);
        browser.await("the mixer is up", any -> card("mixer").getText().contains("up for"));
        press(card("mixer"), "Test");
        browser.await("it answered", any -> card("mixer").getText().contains("It answered in"));
        card("mixer")
                .findElement(By.cssSelector("[aria-label='More for The mixer']"))
                .click();
        browser.seeText("[role=menuitem]", "Pause it").click();
        browser.await("it rests", any -> card("mixer").getText().contains("paused"));
        card("mixer")
                .findElement(By.cssSelector("[aria-label='More for The mixer']"))
                .click();
        browser.seeText("[role=menuitem]", "Connect it again").click();
        browser.await("it is up again", any -> card("mixer").getText().contains("up for"));
    }

    @Test
    void aChatIsSetUpWithItsMistakesMarkedAndSaysWhyItIsDown() {
        browser.to(links);
        browser.seeText("button", "Chat by IRC").click();
        browser.see("[role=dialog] form");
        browser.type("[role=dialog] form > label input", "Tower");
        browser.seeText("[role=dialog] button", "Save and connect").click();
        browser.await(
                "without a server it waits to be set up",
                any -> card("tower").getText().contains("not set up"));
        press(card("tower"), "Settings");
        WebElement form = browser.see("[role=dialog] form");
        WebElement port = form.findElements(By.cssSelector("label")).stream()
                .filter(each -> each.getText().startsWith("Port"))
                .findFirst()
                .orElseThrow()
                .findElement(By.cssSelector("input"));
        port.clear();
        port.sendKeys("99999");
        browser.seeText("[role=dialog] button", "Save and connect").click();
        browser.seeText("[role=dialog] [role=alert]", "The port");
        app.put("/api/links/tower", Map.of("kind", "irc", "name", "Tower", "settings", nowhere(), "secrets", Map.of()));
        browser.driver().navigate().refresh();
        browser.await(
                "it says what is wrong", any -> card("tower").getText().contains("Nothing answers at 127.0.0.1:"));
        card("tower")
                .findElement(By.cssSelector("[aria-label='More for Tower']"))
                .click();
        browser.seeText("[role=menuitem]", "Delete it").click();
        browser.seeText("[role=dialog] button", "Delete it").click();
        browser.gone("[data-link=tower]");
    }

    private static JsonNode nowhere() {
        ObjectNode settings = (ObjectNode) app.get("/api/link-kinds/irc");
        settings.put("host", "127.0.0.1").put("port", Packaged.freePort()).put("tls", false);
        settings.putArray("channels").add("#bench");
        settings.putObject("helper").put("nick", "saltmarsh_bell").put("login", "");
        return settings;
    }

    @Test
    void whatAPersonDoesAtTheMixerIsSeenOnLinks() {
        String mixer = tab("/mixer");
        browser.seeText("button", "Back soon").click();
        browser.see("[data-scene=away]");
        browser.to(links);
        browser.await("Links says the scene", any -> card("mixer").getText().contains("Back soon"));
        browser.await(
                "and that the stage is not in it",
                any -> card("stage/main").getText().contains("not in the scene on programme"));
        browser.to(mixer);
        browser.seeText("button", "Bench camera").click();
        browser.see("[aria-label='Show Tonight']").click();
        browser.await(
                "the words are shown",
                any -> browser.see("[data-scene=bench] [data-source=tonight]").isDisplayed());
        browser.see("[aria-label='Hide Tonight']").click();
        browser.to(links);
        browser.await(
                "the bench is on programme again",
                any -> card("mixer").getText().contains("Bench camera"));
        assertThat(app.get("/api/practice/mixer").get("current").asString()).isEqualTo("bench");
    }

    @Test
    void aNeighbourIsNamedAndARewardRedeemed() {
        browser.to(links);
        browser.type("input[aria-label='Name of a neighbour']", "thicket_bell");
        browser.see("section[aria-label=Neighbours] form button").click();
        browser.see("[aria-label='Take thicket_bell off']");
        assertThat(app.say("thicket_bell", "!pour").get("sentence").asString())
                .isEqualTo("a neighbour: never answered");
        browser.see("[aria-label='Take thicket_bell off']").click();
        browser.gone("[aria-label='Take thicket_bell off']");
        String channel = tab("/channel");
        browser.to(channel);
        browser.seeText("button", "Rewards").click();
        browser.type("input[placeholder='Which dye?']", "sage");
        browser.seeText("button", "Redeem").click();
        browser.seeText("[role=log] li", "redeemed Choose the dye");
    }
}
