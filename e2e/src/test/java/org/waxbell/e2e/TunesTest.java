package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** Tunes of an evening: asked for by chat, asked back, refused with a reason, voted away, heard and seen on the stage, logged. */
@ExtendWith(Together.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TunesTest {
    private static final Packaged app = Together.app();
    private static final Browser browser = Together.browser();

    @AfterAll
    static void silence() {
        app.post("/api/desks/tunes/stop", Map.of("about", "tune", "with", Map.of()));
        app.post("/api/desks/tunes/clear", Map.of("about", "tune", "with", Map.of()));
    }

    private static void show() {
        browser.driver().get(app.address() + "/desks/tune");
        browser.seeText("h1", "Tunes for the break");
    }

    private static String answer(String name, String line) {
        return new Answers(app, browser, "tune").to(name, line);
    }

    private static List<String> waiting() {
        return browser.all("[data-asked]").stream()
                .map(each -> each.getAttribute("data-asked"))
                .toList();
    }

    private static void said(String text) {
        browser.seeText("[role=status]", text);
    }

    @Test
    @Order(1)
    void theFallbackListPlaysAndRequestsAreAnswered() {
        show();
        browser.seeText("[data-kept-count]", "16 tunes");
        browser.see("[data-play]").click();
        said("plays.");
        browser.seeText("[data-about]", "from your list");
        assertThat(answer("brine_otter", "!tune the brine lanten"))
                .contains("The Brine Lantern by The Late Ferries is number 1");
        assertThat(answer("tallowmoth", "!tune lantern")).contains("which one? 1 ", "Write its number");
        app.say("tallowmoth", "2");
        browser.await(
                "both wait", any -> waiting().size() == 2 && waiting().get(0).equals("The Brine Lantern"));
        assertThat(answer("wickerby", "!tune https://tunes.example.org/cafe-maree"))
                .contains("Café Marée");
        assertThat(answer("lowtide_lou", "!tune the long ebb")).contains("is longer than 6 min");
        assertThat(answer("lowtide_lou", "!tune harbour reed")).contains("may not be played on air");
        assertThat(answer("brine_otter", "!tune tidesong")).contains("Tidesong");
        assertThat(answer("brine_otter", "!tune slow wax")).contains("2 of yours wait already");
        browser.await("four wait", any -> waiting().size() == 4);
    }

    @Test
    @Order(2)
    void itIsSeenAndHeardOnTheStage() {
        show();
        browser.see("[data-skip]").click();
        browser.seeText("[data-plays]", "The Brine Lantern");
        String desk = browser.driver().getWindowHandle();
        browser.tab(app.get("/api/stages/break/address").get("address").asString());
        browser.seeText(".fixture.tunes .title", "The Brine Lantern");
        browser.seeText(".fixture.tunes .maker", "for brine_otter");
        browser.await("its picture is there", any -> (Boolean)
                browser.driver().executeScript("return document.querySelector('.fixture.tunes img').naturalWidth > 0"));
        new Actions(browser.driver()).moveToLocation(300, 650).click().perform();
        browser.see(".fixture.tunes[data-sounds='practice/the-brine-lantern']");
        browser.await(
                "how far it is grows",
                any -> (Boolean)
                        browser.driver()
                                .executeScript(
                                        "return new DOMMatrix(document.querySelector('.fixture.tunes .wax').style.transform).a > 0.01"));
        assertThat(browser.all(".fixture.tunes .row").stream()
                        .map(WebElement::getText)
                        .toList())
                .hasSize(3);
        browser.driver().close();
        browser.driver().switchTo().window(desk);
    }

    @Test
    @Order(3)
    void theHostMovesKeepsAndTakesBackAndViewersVote() {
        show();
        browser.see("[data-asked='Tidesong']").sendKeys(Keys.chord(Keys.ALT, Keys.ARROW_UP));
        said("Tidesong was moved.");
        browser.await("it stands before", any -> waiting().indexOf("Tidesong") == 1);
        browser.seeText("button", "Take back").click();
        said("as it was");
        browser.await("it stands where it stood", any -> waiting().indexOf("Tidesong") == 2);
        browser.type("[data-find]", "nocturn 17");
        browser.seeText("[data-found='Nocturne 17'] button", "Ask for it").click();
        said("Nocturne 17 by Lamp Room Trio");
        browser.await("it waits", any -> waiting().contains("Nocturne 17"));
        // How many were present before is not this test's: one in a hundred is enough.
        browser.see("button.chip[data-chip=voteShare]").click();
        browser.type("[data-field=voteShare] input", "1");
        browser.seeText("button.chip[data-chip=voteShare]", "1 % of those present");
        browser.seeText("[role=status]", "Saved");
        String plays = browser.see("[data-plays]").getText();
        for (String name : List.of("marshlight_ines", "juniper_and_ash", "pip_in_the_reeds", "captain_sedge")) {
            app.say(name, "!tunevote");
        }
        for (String name : List.of("brine_otter", "tallowmoth", "wickerby", "lowtide_lou")) {
            if (browser.see("[data-plays]").getText().equals(plays)) {
                app.say(name, "!tunevote");
            }
        }
        browser.await(
                "another plays", any -> !browser.see("[data-plays]").getText().equals(plays));
        browser.see("[data-past=voted]");
        browser.see("[data-play]").click();
        said("is paused");
        browser.driver().navigate().refresh();
        browser.seeText("[data-play]", "Go on");
        browser.see("[data-play]").click();
        said("goes on");
    }

    @Test
    @Order(4)
    void aPlaylistSaysWhatItHasBeforeItIsTakenAndTheLogGoesOutWithLicences(@TempDir Path folder) throws Exception {
        show();
        Path list = Files.writeString(
                folder.resolve("odd.m3u"),
                "#EXTM3U\n#EXTINF:126,Kit Saltby - Tidesong\n/music/one.ogg\n#EXTINF:99,Nobody - Nothing Like That\nx.mp3\n"
                        + "https://tunes.example.org/nocturne-7\n");
        browser.driver().findElement(By.cssSelector("[data-playlist]")).sendKeys(list.toString());
        browser.seeText("[data-looked]", "2 tunes of it are known here");
        browser.seeText("[role=dialog] li", "Nobody - Nothing Like That");
        browser.seeText("[role=dialog] button", "Bring them").click();
        said("2 brought to your list.");
        browser.see("[data-kept='Nocturne 7']");
        assertThat(fetched("/api/tunes/tune/list.xspf")).contains("<title>Nocturne 7</title>");
        assertThat(fetched("/api/tunes/tune/log.csv")).contains("voted away").contains("CC-BY-4.0");
        browser.driver()
                .findElement(By.cssSelector("[data-playlist]"))
                .sendKeys(Files.writeString(folder.resolve("empty.m3u8"), "#EXTM3U\n")
                        .toString());
        browser.seeText("[role=alert]", "No tune is listed in it.");
    }

    private static String fetched(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.address() + path)).build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }
}
