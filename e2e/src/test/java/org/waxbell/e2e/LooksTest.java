package org.waxbell.e2e;

import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;

/** Files are brought, and looks are made and used. */
class LooksTest extends OnConsole {
    @Test
    void aPictureIsBroughtARefusedOneSaysWhyAndALookIsMadeAndUsed() throws Exception {
        show("/cues/trim-the-wick");
        browser.see("#part-card").click();
        WebElement file =
                browser.driver().findElement(By.cssSelector("input[type=file][aria-label='Bring a file for Picture']"));
        file.sendKeys(Path.of("pom.xml").toAbsolutePath().toString());
        browser.seeText("aside", "This file was not taken in");
        file = browser.driver().findElement(By.cssSelector("input[type=file][aria-label='Bring a file for Picture']"));
        file.sendKeys(Path.of("../docs/screenshots/channel.png").toRealPath().toString());
        browser.await(
                "it is on the card",
                any -> app.get("/api/wiring").get("cues").toString().contains("\"picture\":\"channel.png\""));
        app.post("/api/undo", Map.of());
        show("/looks");
        browser.seeText("ul[aria-label=Looks] button", "Pewter").click();
        browser.see("[aria-label='Copy this look']").click();
        browser.await(
                "there is a fourth", any -> app.get("/api/wiring").get("looks").size() == 4);
        browser.await(
                "the copy is open",
                any -> "Pewter, copied".equals(browser.see("aside input").getDomProperty("value")));
        browser.type("aside input[aria-label='Colour of the large line']", "#3a3532");
        browser.seeText("aside", "would not stand out from the plate");
        browser.type("aside input[aria-label='Colour of the large line']", "#ffe3a1");
        browser.await(
                "it is saved",
                any -> app.get("/api/wiring")
                        .get("looks")
                        .get(3)
                        .get("ink")
                        .asString()
                        .equals("#ffe3a1"));
        browser.see("[aria-label='Delete this look']").click();
        browser.await("three again", any -> app.get("/api/wiring").get("looks").size() == 3);
    }
}
