package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** An evening of turns in the browser: a queue is made, viewers join by chat, the host leads it, and the list is carried out and on. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TurnsTest extends OnConsole {
    private static final List<String> VIEWERS = List.of(
            "brine_otter",
            "lowtide_lou",
            "marshlight_ines",
            "pip_in_the_reeds",
            "juniper_and_ash",
            "wickerby",
            "tallowmoth");

    @AfterAll
    static void takeAway() {
        app.deleteDesk("carve");
    }

    private static JsonNode board() {
        return app.get("/api/desks/board?about=carve");
    }

    private static List<String> waiting() {
        return board().get("waiting")
                .valueStream()
                .map(each -> each.get("name").asString())
                .toList();
    }

    private static void said(String text) {
        browser.seeText("[role=status]", text);
    }

    private static String answer(String name, String line) {
        return new Answers(app, browser, "carve").to(name, line);
    }

    private static String fetched(String path) throws Exception {
        HttpResponse<byte[]> response = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.address() + path)).build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        return new String(response.body(), StandardCharsets.UTF_8);
    }

    @Test
    @Order(1)
    void aQueueIsMadeWithItsRulesAndOpened() {
        show("/desks");
        browser.seeText("button", "New desk").click();
        browser.seeText("[role=dialog] [role=radio]", "Queue").click();
        browser.type("[role=dialog] input", "Carving");
        browser.all("[role=dialog] input").get(1).sendKeys("carve");
        browser.seeText("[role=dialog] button", "Make it").click();
        browser.seeText("h1", "Carving");
        browser.see("button.chip[data-chip=purpose]").click();
        browser.focused("[data-field=purpose] input");
        browser.type("[data-field=purpose] input", "what you would like poured");
        browser.seeText("button.chip[data-chip=purpose]", "what you would like poured");
        browser.see("[data-field=note] button").click();
        browser.seeText("[data-field=note] [role=option]", "must be written").click();
        browser.type("[data-field=sample] input", "sage, tall");
        browser.seeText("button.chip[data-chip=note]", "a note such as “sage, tall”");
        browser.type("[data-field=most] input", "7");
        browser.seeText("button.chip[data-chip=most]", "At most 7");
        browser.see("[data-open]").click();
        said("Carving is open.");
        browser.seeText("[data-state]", "Open");
        browser.see("iframe[title='The stage Main']");
    }

    @Test
    @Order(2)
    void viewersJoinByChatAndWhoMayNotIsToldWhy() {
        assertThat(answer("brine_otter", "!carve sage, short")).contains("number 1 for what you would like poured");
        assertThat(answer("lowtide_lou", "!carve")).contains("such as: sage, tall");
        browser.await(
                "she has rested and joins",
                any -> app.say("lowtide_lou", "!carve as tall as it gets, lowtide_lou")
                        .get("sentence")
                        .asString()
                        .startsWith("rang"));
        VIEWERS.subList(2, VIEWERS.size()).forEach(each -> answer(each, "!carve as tall as it gets, " + each));
        browser.await("all wait", any -> waiting().equals(VIEWERS));
        assertThat(answer("captain_sedge", "!carve rose")).contains("is full: 7 wait");
        assertThat(answer("tallowmoth", "!carveleave")).contains("you are out of Carving");
        assertThat(answer("wickerby", "!carveplace")).contains("number 6 of 6", "not known yet");
        browser.await(
                "the board shows who waits", any -> browser.all("[data-waits]").size() == 6);
    }

    @Test
    @Order(3)
    void theHostTakesEndsPutsBackMovesAndTakesBack() {
        browser.see("[data-next]").click();
        browser.seeText("[data-up]", "brine_otter");
        browser.seeText("[data-up=brine_otter] button", "done").click();
        browser.seeText("[data-done]", "brine_otter");
        browser.seeText("section[aria-label=Waiting] button", "Draw a member").click();
        browser.seeText("[data-up]", "marshlight_ines");
        browser.see("[data-waits=wickerby]").click();
        browser.seeText("[data-waits=wickerby] button", "Take this one").click();
        browser.see("[data-up=wickerby]");
        browser.seeText("[data-up=wickerby] button", "put off").click();
        browser.seeText("[data-totals]", "1 done, 1 put off");
        browser.seeText("[data-up=marshlight_ines] button", "Put back").click();
        said("marshlight_ines waits again, in front.");
        browser.await("in front", any -> waiting().get(0).equals("marshlight_ines"));
        browser.see("[data-waits=juniper_and_ash]").sendKeys(Keys.chord(Keys.ALT, Keys.ARROW_UP));
        browser.await("moved by a key", any -> waiting().indexOf("juniper_and_ash") == 2);
        browser.see("[data-waits=pip_in_the_reeds]").click();
        browser.seeText("[data-waits=pip_in_the_reeds] button", "Keep out").click();
        browser.seeText("section[aria-label='Kept out']", "pip_in_the_reeds");
        browser.seeText("button", "Take back").click();
        browser.see("[data-waits=pip_in_the_reeds]");
        browser.type("input[aria-label='Find who waits']", "lou");
        browser.await("found", any -> browser.all("[data-waits]").size() == 1);
        browser.see("input[aria-label='Find who waits']").sendKeys(Keys.BACK_SPACE, Keys.BACK_SPACE, Keys.BACK_SPACE);
        browser.await("all are there again", any -> browser.all("[data-waits]").size() == 4);
    }

    @Test
    @Order(4)
    void aCodeIsToldToWhoIsUpAndStandsNowhere() throws Exception {
        browser.see("[data-next]").click();
        browser.see("[data-up=marshlight_ines]");
        browser.seeText("[data-up=marshlight_ines] button", "Send a code").click();
        browser.type("[data-code]", "kettle-4711");
        browser.seeText("[data-up=marshlight_ines] button", "Send").submit();
        said("marshlight_ines was told, nobody else.");
        assertThat(app.get("/api/journal").toString()).doesNotContain("4711");
        assertThat(fetched("/api/wiring/document")).doesNotContain("4711");
        String console = browser.driver().getWindowHandle();
        browser.driver().switchTo().frame(browser.see("iframe[title='The stage Main']"));
        WebElement shown = browser.await(
                "the stage shows who is up",
                any -> browser.driver().findElements(By.cssSelector(".fixture.queue .row.up .name")).stream()
                        .filter(each -> each.getText().equals("marshlight_ines"))
                        .findFirst()
                        .orElse(null));
        WebElement queue = browser.driver().findElement(By.cssSelector(".fixture.queue"));
        assertThat(shown.getRect().getX() + shown.getRect().getWidth())
                .isLessThanOrEqualTo(queue.getRect().getX() + queue.getRect().getWidth());
        browser.to(console);
    }

    @Test
    @Order(5)
    void itIsClosedFromChatCarriedOutAndCarriedOn() throws Exception {
        assertThat(app.say("captain_sedge", "!carveclose").get("sentence").asString())
                .startsWith("rang");
        browser.seeText("[data-state]", "Closed");
        assertThat(answer("tallowmoth", "!carve late")).contains("Carving is closed for now");
        assertThat(fetched("/api/queues/carve/past.csv"))
                .startsWith("number,name,note,joined,up,ended,seconds,outcome\r\n1,\"brine_otter\",\"sage, short\",")
                .contains("\"wickerby\"", "\"put off\"");
        String list = fetched("/api/queues/carve/list.md");
        assertThat(list).startsWith("# Carving\n\n- [ ] marshlight_ines: as tall as it gets, marshlight_ines\n");
        app.post("/api/desks/queue/clear", Map.of("about", "carve", "with", Map.of()));
        browser.seeText("section[aria-label=Waiting]", "Nobody waits.");
        browser.seeText("button", "Carry a list on…").sendKeys(Keys.ENTER);
        browser.see("[data-list]").sendKeys(list + "- [x] old_hand: was there\n- [ ] tallowmoth: sea\n");
        browser.seeText("[role=dialog] button", "Let them join").click();
        said("4 joined. 2 left out.");
        browser.await("they wait again", any -> waiting().contains("tallowmoth"));
    }
}
