package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Two task lists of an evening: written to by chat, shut when chat turns ugly, carried in and out. */
@ExtendWith(Together.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TasksTest {
    private static final Packaged app = Together.app();
    private static final Browser browser = Together.browser();

    @AfterAll
    static void takeAway() {
        app.deleteDesk("polish");
    }

    private static void show(String path) {
        browser.driver().get(app.address() + path);
        browser.see("main");
    }

    private static String answer(String name, String line) {
        return new Answers(app, browser, "polish").to(name, line);
    }

    private static List<String> atDesk() {
        return browser.all("[data-task] bdi.break-words").stream()
                .map(WebElement::getText)
                .toList();
    }

    private static void said(String text) {
        browser.seeText("[role=status]", text);
    }

    @Test
    @Order(1)
    void listsAreMadeWithTheirChatWordsAndTheirPlace() {
        show("/desks");
        browser.seeText("button", "New desk").click();
        browser.seeText("[role=dialog] [role=radio]", "Task lists").click();
        browser.type("[role=dialog] input", "Polishing");
        browser.all("[role=dialog] input").get(1).sendKeys("polish");
        browser.seeText("[role=dialog] button", "Make it").click();
        browser.seeText("h1", "Polishing");
        browser.see("button.chip[data-chip=lists]").click();
        browser.type("[data-field=lists] li:first-child input", "Pieces to polish");
        browser.seeText("button.chip[data-chip=lists]", "Pieces to polish for anyone");
        browser.see("[data-field=whenDone] button").click();
        browser.seeText("[data-field=whenDone] [role=option]", "is sealed and goes last")
                .click();
        browser.seeText("button.chip[data-chip=whenDone]", "is sealed and goes last");
        browser.type("[data-field=each] input", "0");
        browser.seeText("button.chip[data-chip=each]", "any number");
        browser.see("[data-list='Pieces to polish']");
    }

    @Test
    @Order(2)
    void viewersWriteAndElevenMoveByThemselvesOnTheStage() {
        assertThat(answer("brine_otter", "!polish one; two; three; four; five; <b>six</b>"))
                .contains("number 1, 2, 3, 4, 5, 6 on Pieces to polish");
        assertThat(answer("tallowmoth", "!polish seven; eight; nine; ten; eleven"))
                .contains("7, 8, 9, 10, 11");
        browser.await("the board shows them", any -> atDesk().size() == 11);
        assertThat(atDesk()).contains("<b>six</b>");
        assertThat(answer("wickerby", "!polishdone nothing")).contains("nothing on Pieces to polish is called that");
        String desk = browser.driver().getWindowHandle();
        browser.tab(app.get("/api/stages/main/address").get("address").asString());
        browser.seeText(".fixture.tasks .title", "Pieces to polish");
        browser.await(
                "it moves by itself",
                any -> (Boolean)
                        browser.driver()
                                .executeScript(
                                        "const roll = document.querySelector('.fixture.tasks .roll');"
                                                + "return roll.children.length === 2 && new DOMMatrix(getComputedStyle(roll).transform).m42 < -4"));
        assertThat(answer("brine_otter", "!polishdone 2")).contains("done: two. That is 1 of 11");
        browser.see(".fixture.tasks .seal.stamp");
        browser.await("it goes last", any -> {
            List<WebElement> rows = browser.all(".fixture.tasks .list:first-child .row .what");
            return rows.size() == 11 && rows.get(10).getText().equals("two");
        });
        answer("tallowmoth", "!polishseal leaf");
        browser.see(".fixture.tasks .name + .seal");
        browser.driver().close();
        browser.driver().switchTo().window(desk);
    }

    @Test
    @Order(3)
    void theHostTicksMovesWordsOtherwiseAndTakesBackByKeys() {
        show("/desks/polish");
        browser.see("[data-task='1']").sendKeys(" ");
        said("Done: one. That is 2 of 11.");
        browser.see("[data-task='3']").sendKeys(Keys.chord(Keys.ALT, Keys.ARROW_UP));
        said("three was moved.");
        browser.await("it stands before", any -> atDesk().indexOf("three") == 1);
        browser.see("[data-task='4']").sendKeys(Keys.ENTER);
        browser.type("[data-wording]", "four, and shiny\n");
        browser.await("it reads so", any -> atDesk().contains("four, and shiny"));
        browser.see("[data-task='5']").sendKeys(Keys.DELETE);
        said("Off Pieces to polish: five.");
        browser.seeText("button", "Take back").click();
        said("Polishing is as it was.");
        browser.await("it is back", any -> atDesk().size() == 11);
    }

    @Test
    @Order(4)
    void listsAreSwitchedAndShutAndNothingIsLostOverAReload() {
        show("/desks/polish");
        browser.see("[data-list='My own list']").click();
        browser.type("[data-adding]", "trim the wicks; sweep the bench\n");
        said("number 1, 2 on My own list");
        browser.see("[data-show]").click();
        said("My own list is shown.");
        assertThat(answer("wickerby", "!polish for me")).contains("My own list is for the host");
        assertThat(app.say("captain_sedge", "!polishshut").get("sentence").asString())
                .startsWith("rang");
        browser.seeText("[data-shut]", "Open it to viewers").click();
        said("Polishing is open again.");
        browser.driver().navigate().refresh();
        browser.see("[data-list='Pieces to polish']").click();
        browser.await("all is there", any -> atDesk().size() == 11);
        browser.see("[data-show]").click();
        said("Pieces to polish is shown.");
        browser.see("select[aria-label='Whom to keep out'] option:nth-child(2)").click();
        browser.seeText("[aria-label='Kept out'] button", "Keep out").click();
        said("writes nothing more to Polishing");
        browser.seeText("[aria-label='Kept out'] button", "Let in again").click();
        said("may write again");
    }

    @Test
    @Order(5)
    void aRewardOfTheDemoSetsASealBesideItsName() {
        app.happen(
                "reward", "wickerby", Map.of(), Map.of("rewardName", "A seal beside my name", "rewardInput", "moon"));
        show("/desks/task");
        browser.seeText("[data-glow]", "wickerby");
        browser.see("[data-glow] svg[aria-label=moon]");
    }

    @Test
    @Order(6)
    void aCheckListComesInAndGoesOutTheSame() throws Exception {
        show("/desks/polish");
        browser.seeText("button", "Empty the list").click();
        said("Pieces to polish is empty now: 11 taken away.");
        browser.seeText("button", "Bring a list").click();
        browser.driver()
                .executeScript(
                        "const area = document.querySelector('[data-bring]'); area.value = arguments[0]; area.dispatchEvent(new Event('input'))",
                        "- [ ] a sage taper\n  - [x] its wick\n- [ ] <i>bells</i>");
        browser.seeText("[role=dialog] button", "Bring it").click();
        said("3 brought to Pieces to polish. 1 stood below others");
        String address = browser.seeText("a", "As a check list").getAttribute("href");
        HttpResponse<String> out = HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
        assertThat(out.body())
                .isEqualTo("# Pieces to polish\n\n- [ ] a sage taper\n- [x] its wick\n- [ ] <i>bells</i>\n");
        assertThat(out.headers().firstValue("content-disposition").orElse("")).contains("everybody.md");
    }
}
