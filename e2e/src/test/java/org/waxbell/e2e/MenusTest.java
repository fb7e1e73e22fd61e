package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** Whatever opens can be seen whole and taken, wherever on the page it opens. */
@ExtendWith(Together.class)
class MenusTest {
    private static Browser browser;
    private static Packaged app;
    private static String console;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        console = browser.tab(app.address() + "/cues/pour-the-taper");
        browser.see("#part-card").click();
        browser.see("aside [aria-haspopup=listbox]");
    }

    @AfterAll
    static void close() {
        browser.leave(console);
    }

    /** What of an open list lies outside the window, or under something else. */
    private static List<?> hidden(String css) {
        return (List<?>) browser.driver().executeScript("""
                const list = document.querySelector(arguments[0])
                const box = list.getBoundingClientRect()
                const out = []
                if (box.top < 0 || box.left < 0 || box.bottom > innerHeight || box.right > innerWidth) out.push('the list: ' + JSON.stringify(box))
                for (const each of list.querySelectorAll('[role=option], [role=menuitem], button')) {
                  const { left, top, width, height } = each.getBoundingClientRect()
                  const seen = top >= box.top && top + height <= box.bottom
                  if (seen && !list.contains(document.elementFromPoint(left + width / 2, top + height / 2))) out.push(each.textContent)
                  if (!seen && !list.hasAttribute('data-more') && top + height > box.bottom + 8) out.push('not told: ' + each.textContent)
                }
                return out""", css);
    }

    @Test
    void everyListOfThePartInTheRightPanelIsSeenWhole() {
        List<WebElement> lists = browser.all("aside [aria-haspopup=listbox]").stream()
                .filter(WebElement::isDisplayed)
                .toList();
        assertThat(lists).hasSizeGreaterThan(3);
        for (WebElement button : lists) {
            browser.driver().executeScript("arguments[0].scrollIntoView({ block: 'end' })", button);
            button.click();
            browser.see("[role=listbox] [role=option]");
            browser.await(
                    "it is placed", any -> hidden("[role=listbox].over-all").isEmpty());
            new Actions(browser.driver()).sendKeys(Keys.ESCAPE).perform();
            browser.gone("[role=listbox].over-all");
        }
    }

    @Test
    void valuesForWordsAndTheMenusOfTheHeadAreSeenWholeAndFoundByTyping() {
        browser.see("aside [aria-label^='Put a value into']").click();
        browser.see(".over-all input[aria-label='Find a value']");
        browser.await("it is placed", any -> hidden(".over-all").isEmpty());
        int all = browser.all(".over-all button").size();
        browser.type(".over-all input[aria-label='Find a value']", "viewer");
        browser.await("only what fits", any -> browser.all(".over-all button").size() < all);
        browser.seeText(".over-all button", "{viewer}");
        new Actions(browser.driver()).sendKeys(Keys.ESCAPE).perform();
        browser.gone(".over-all");
        browser.see("button[aria-label='More']").click();
        browser.see("[role=menu] [role=menuitem]");
        browser.await("it is placed", any -> hidden("[role=menu]").isEmpty());
        new Actions(browser.driver()).sendKeys(Keys.ESCAPE).perform();
        browser.gone("[role=menu]");
    }

    @Test
    void whyAPartCannotBeHadIsSeenWhereItsTrayIsCutOff() {
        browser.see("[aria-label='Parts to add'] button[aria-disabled=true]").click();
        browser.await("it is seen", any -> Boolean.TRUE.equals(browser.driver().executeScript("""
                const told = document.querySelector("[aria-label='Parts to add'] [role=status]")
                const { left, top, width, height } = told.getBoundingClientRect()
                return told.textContent !== '' && told.contains(document.elementFromPoint(left + width / 2, top + height / 2))""")));
    }
}
