package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** An outlet that the mixer has as a track of its own: a page of its own sounds it, and who misses that page is told. */
class OutletTest extends OnConsole {
    private static JsonNode outlet() {
        return app.get("/api/wiring").at("/stages/0/stage/outlets/0");
    }

    private static String trouble() {
        return app.get("/api/links")
                .valueStream()
                .filter(each -> each.get("id").asString().equals("stage/main"))
                .map(each -> each.toString())
                .findFirst()
                .orElse("");
    }

    private static void turn(boolean apart) {
        show("/stages/main");
        browser.seeText("aside[aria-label=Stages] li button", "Bench").click();
        WebElement box = browser.await(
                "the choice",
                any -> browser.all("section[aria-label='Outlet Bench'] label").stream()
                        .filter(each -> each.getText().startsWith("a browser source of its own"))
                        .findFirst()
                        .orElse(null));
        box.click();
        browser.await("it is saved", any -> outlet().get("apart").asBoolean() == apart);
    }

    @Test
    void anOutletOfItsOwnIsSoundedByItsPageAloneAndMissedAloud() {
        String stage =
                browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.await(
                "the stage has joined",
                any -> !app.get("/api/live").get("pages").isEmpty());
        turn(true);
        assertThat(browser.seeText("section[aria-label='Outlet Bench'] button", "Place it in the mixer")
                        .isEnabled())
                .isTrue();
        browser.await("its page is missed", any -> trouble().contains("No page sounds the outlet Bench"));
        String address =
                app.get("/api/stages/main/outlets/bench/address").get("address").asString();
        assertThat(address).contains("/stage?outlet=bench#k=");
        String alone = browser.tab(address);
        browser.await("its page is there", any -> !trouble().contains("No page sounds the outlet Bench"));
        app.say("captain_sedge", "!pour");
        browser.await(
                "its sound is fetched there",
                any -> Boolean.TRUE.equals(
                        browser.driver()
                                .executeScript(
                                        "return performance.getEntriesByType('resource').some((each) => each.name.includes('/media/'))")));
        assertThat(browser.all("#stage .card")).as("it shows nothing").isEmpty();
        browser.driver().close();
        browser.to(stage);
        browser.driver().close();
        assertThat(alone).isNotEqualTo(stage);
        app.post("/api/hush", Map.of());
        turn(false);
    }
}
