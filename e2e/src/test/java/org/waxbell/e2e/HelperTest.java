package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** Three at once: the host in the console, a helper on a page of their own by the network, and a control pad. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class HelperTest {
    @TempDir
    static Path data;

    private static Packaged app;
    private static Browser browser;
    private static String host;
    private static String helper;
    private static String pad;
    private static String network;

    @BeforeAll
    static void reachable() {
        try (Packaged first = new Packaged(data)) {
            JsonNode here = first.get("/api/reach").get("here");
            assumeThat(here).as("this machine has an address of its own").isNotEmpty();
            network = here.get(0).asString();
            first.put(
                    "/api/reach",
                    Map.of(
                            "listen",
                            "0.0.0.0",
                            "names",
                            List.of(network),
                            "password",
                            "three tall tapers",
                            "secure",
                            false));
        }
        app = new Packaged(data);
        browser = new Browser();
        host = browser.tab(app.address() + "/links");
    }

    @AfterAll
    static void close() {
        if (browser != null) {
            browser.close();
        }
        if (app != null) {
            app.close();
        }
    }

    @Test
    @Order(1)
    void theHostInvitesSomebodyWhoComesInOnce() {
        browser.see("[data-invite]:enabled").click();
        browser.type("[aria-label='Who helps'] form input:not([type])", "captain_sedge");
        browser.seeText("[aria-label='Who helps'] form button", "Invite them").click();
        String address = browser.see("[data-invitation] .font-mono").getText();
        assertThat(address).startsWith("http://" + network + ":");
        helper = browser.tab(address);
        browser.type("input[type=password]", "nine wet tapers");
        browser.see("input[type=password]").sendKeys(Keys.ENTER);
        browser.seeText("[data-me]", "captain_sedge");
        browser.see("[data-desk=bench]");
        assertThat(browser.all("[data-hush]")).as("not given").isEmpty();
        assertThat(browser.all("[data-desk=bench] a"))
                .as("what leads to the host's own")
                .noneMatch(org.openqa.selenium.WebElement::isDisplayed);
        browser.driver().get(address);
        browser.type("input[type=password]", "another one altogether");
        browser.see("input[type=password]").sendKeys(Keys.ENTER);
        browser.seeText("[role=alert]", "This invitation counts no longer");
        browser.driver().get("http://" + network + address.replaceAll(".*(:\\d+)/.*", "$1") + "/helper");
        browser.seeText("[data-me]", "captain_sedge");
    }

    @Test
    @Order(2)
    void whatWaitsIsLetThroughByTheHelperAndTheHostSeesByWhom() {
        app.post("/api/show", Map.of("open", true));
        browser.to(helper);
        app.say("tallowmoth", "!ask why is the sage one so green tonight");
        browser.seeText("[data-need^='voice/'] button", "Leave it out").click();
        browser.gone("[data-need^='voice/']");
        browser.seeText("[data-desk=bench] button", "Open it").click();
        browser.to(host);
        browser.driver().get(app.address() + "/live");
        browser.seeText("[data-line]", "Open it · At the bench · by captain_sedge");
    }

    @Test
    @Order(3)
    void theServerRefusesTheHelperASettingAndThePadEntersAChapter() {
        browser.to(helper);
        Object status = browser.driver()
                .executeAsyncScript("const done = arguments[0]; fetch('/api/house', { method: 'PUT', body: '{}',"
                        + " headers: { 'Content-Type': 'application/json' } }).then((answer) => done(answer.status))");
        assertThat(status).isEqualTo(403L);
        pad = browser.tab(app.address() + "/pad");
        browser.size(420, 800);
        browser.seeText("nav button", "Evening").click();
        browser.see("[data-key='evening/pouring']").click();
        browser.see("[data-key='evening/pouring'][aria-pressed=true]");
        browser.await(
                "its scene is lit",
                any -> !browser.all("[data-key='scene/bench'][aria-pressed=true]")
                        .isEmpty());
        browser.to(host);
        browser.seeText("[data-chapter]", "Pouring");
    }

    @Test
    @Order(4)
    void whatIsTakenIsTakenWhileTheyAreIn() {
        browser.to(host);
        browser.driver().get(app.address() + "/links");
        browser.seeText("[data-helper=captain_sedge]", "is in");
        browser.see("[aria-label='Take captain_sedge away']").click();
        browser.gone("[data-helper=captain_sedge]");
        browser.to(helper);
        browser.seeText("[role=alert]", "Sign in");
    }
}
