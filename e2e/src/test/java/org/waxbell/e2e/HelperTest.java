package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

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
        network = Network.letIn(data);
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
        String address = Network.invite(browser, "captain_sedge");
        assertThat(address).startsWith("http://" + network + ":");
        helper = browser.tab(address);
        Network.comeIn(browser, "nine wet tapers");
        browser.seeText("[data-me]", "captain_sedge");
        browser.see("[data-desk=bench]");
        assertThat(browser.all("[data-hush]")).as("not given").isEmpty();
        assertThat(browser.all("[data-desk=bench] a"))
                .as("what leads to the host's own")
                .noneMatch(org.openqa.selenium.WebElement::isDisplayed);
        browser.driver().get(address);
        Network.comeIn(browser, "another one altogether");
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
