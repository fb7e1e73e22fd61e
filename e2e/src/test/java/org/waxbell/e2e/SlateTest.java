package org.waxbell.e2e;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;

/** The slate written by hand, and the page of words for viewers. */
class SlateTest extends OnConsole {
    @Test
    void theSlateIsWrittenByHandAndTheWordsForViewersAreAPage() {
        show("/slate");
        browser.seeText("li h2", "Pours tonight");
        browser.type("li form input", "4");
        browser.seeText("li button", "Set").click();
        browser.await(
                "it stands there",
                any -> app.get("/api/slate").at("/0/text").asString().equals("4"));
        show("/viewers");
        browser.seeText("li code", "!pour");
        browser.type("input[aria-label='Find a word']", "wick");
        browser.await("only one is found", any -> browser.all("main ul li code").size() == 1);
        show("/words");
        browser.seeText("dt code", "!wick");
        browser.see("label[for=anyone]").click();
        browser.await(
                "not for anyone",
                any -> browser.all("dt code").stream()
                        .filter(WebElement::isDisplayed)
                        .noneMatch(each -> each.getText().equals("!wick")));
        browser.type("#find", "pour");
        browser.await(
                "found",
                any -> browser.all("dt code").stream()
                        .filter(WebElement::isDisplayed)
                        .map(WebElement::getText)
                        .toList()
                        .equals(List.of("!pour")));
    }
}
