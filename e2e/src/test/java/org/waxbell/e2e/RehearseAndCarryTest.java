package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** An evening is rehearsed, read and compared; the wiring is carried out and in; a condition is tried while it is written. */
@ExtendWith(Together.class)
class RehearseAndCarryTest {
    @TempDir
    static Path folder;

    private static Browser browser;
    private static Packaged app;
    private static String console;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        console = browser.tab(app.address() + "/rehearse");
    }

    private static void show(String path) {
        browser.to(console);
        browser.driver().get(app.address() + path);
    }

    /** A file input that the page hides behind a button. */
    private static void give(String label, Path file) {
        browser.await(
                        label,
                        driver -> driver.findElement(By.cssSelector("input[type=file][aria-label='" + label + "']")))
                .sendKeys(file.toAbsolutePath().toString());
    }

    private static void choose(String label, String option) {
        browser.await(
                        "the choice " + option,
                        driver -> driver.findElements(By.cssSelector("aside label")).stream()
                                .filter(each -> each.getText().startsWith(label))
                                .findFirst()
                                .flatMap(each -> each.findElements(By.tagName("option")).stream()
                                        .filter(one -> one.getText().contains(option))
                                        .findFirst())
                                .orElse(null))
                .click();
    }

    private static JsonNode pour() {
        return app.get("/api/wiring")
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/id").asString().equals("pour-the-taper"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theSampleEveningIsRehearsedComparedAndAskedWhy() {
        JsonNode before = pour();
        ObjectNode edited = ((ObjectNode) before.get("cue").deepCopy()).put("on", false);
        app.put("/api/cues/pour-the-taper", Map.of("version", before.get("version"), "cue", edited));
        show("/rehearse");
        browser.seeText("button[role=radio]", "Saltmarsh Candle Hour").click();
        choose("beside", "before “edit of Pour the taper”");
        browser.seeText("aside button", "Rehearse it").click();
        browser.seeText("[role=status]", "469 steps:");
        WebElement first = browser.see("tbody tr");
        assertThat(first.getText()).startsWith("Pour the taper").contains("→ 0");
        assertThat(browser.all("canvas")).hasSize(2);
        first.findElement(By.tagName("button")).click();
        browser.seeText("ol[aria-label=Moments] button", "held: switched off").click();
        browser.seeText("[aria-label=Why]", "held Pour the taper · switched off");
        new Actions(browser.driver())
                .moveToElement(browser.see("canvas"), 0, 0)
                .click()
                .sendKeys("+")
                .perform();
        browser.await(
                "it is looked at closer",
                any -> !browser.all("span.font-mono").stream()
                        .map(WebElement::getText)
                        .toList()
                        .contains("00:00:00 – 01:00:00"));
        show("/cues/what-is-on-the-bench");
        browser.see(".chip");
        app.post("/api/undo", null);
    }

    @Test
    void anEveningIsMadeUpKeptAndALogIsBroughtOrRefused() throws IOException {
        show("/rehearse");
        browser.seeText("button[role=radio]", "Made up").click();
        browser.type("input[aria-label='Name of the script']", "Quiet Tuesday" + Keys.ENTER);
        browser.seeText("button[role=radio][aria-checked=true]", "Quiet Tuesday");
        give(
                "A script: JSON Lines, or a log of an IRC channel",
                Files.writeString(folder.resolve("marsh.log"), "[20:00:01] <wickerby> !tonight\n"));
        browser.seeText("button[role=radio][aria-checked=true]", "marsh");
        browser.seeText("aside button", "Rehearse it").click();
        browser.seeText("[role=status]", "1 step: 1 ring");
        give(
                "A script: JSON Lines, or a log of an IRC channel",
                Files.write(folder.resolve("old.log"), new byte[] {'<', 'a', '>', ' ', (byte) 0xE9, '\n'}));
        browser.seeText("aside [role=alert]", "not in UTF-8");
        browser.driver().navigate().refresh();
        browser.seeText("button[role=radio]", "Quiet Tuesday");
    }

    @Test
    void aWiringIsBroughtAfterSayingWhatItWouldDoAndTakenBackInOneStep() throws IOException {
        ObjectNode document = (ObjectNode) app.get("/api/wiring/document");
        ((ObjectNode) document.at("/cues/1")).put("name", "Ring for me");
        show("/cues/pour-the-taper");
        browser.see("button[aria-label='The whole wiring']").click();
        browser.seeText("[role=menuitem]", "Bring a wiring").click();
        ObjectNode wrong = document.deepCopy();
        ((ObjectNode) wrong.at("/cues/2")).put("urgency", "panic");
        give("A wiring, as JSON", Files.writeString(folder.resolve("wrong.json"), wrong.toString()));
        browser.seeText("[role=dialog] [role=alert]", "cues[2].urgency");
        give("A wiring, as JSON", Files.writeString(folder.resolve("good.json"), document.toString()));
        browser.seeText("dl[aria-label='What it would do']", "Ring for me");
        browser.seeText("[role=dialog] button", "Bring it").click();
        browser.seeText("aside a", "Ring for me");
        browser.see("button[aria-label='The whole wiring']").click();
        browser.seeText("[role=menuitem]", "Changes").click();
        browser.seeText("ol[aria-label='Changes, newest first'] button", "import into the wiring")
                .click();
        browser.seeText("[role=dialog] p", "Ring the bench bell");
        new Actions(browser.driver()).sendKeys(Keys.ESCAPE).perform();
        app.post("/api/undo", null);
        browser.seeText("aside a", "Ring the bench bell");
    }

    @Test
    void aConditionIsTriedWhileItIsWritten() {
        app.say("captain_sedge", "!pool");
        show("/cues/dye-the-pool");
        browser.seeText("button.chip.bare", "+ only if").click();
        browser.seeText("[role=menuitem]", "a condition holds").click();
        browser.seeText("section button", "As text").click();
        browser.type("section textarea", "'moderator' in viewer.standing");
        browser.seeText("section [role=status]", "For the sample it is false.");
        browser.seeText("section ol li", "captain_sedge");
        browser.type("section textarea", "viewer.months >");
        browser.seeText("section [role=alert]", "At line 1");
        browser.seeText("section button", "Take this away").click();
        browser.gone("button.chip[aria-label^='Condition']");
    }

    @Test
    void aCrowdIsLetLooseOnTheChannelAndCalledBack() {
        show("/channel");
        browser.seeText("button", "A crowd").click();
        browser.type("label:nth-of-type(2) input[inputmode=decimal]", "600");
        browser.seeText("button", "Let it loose").click();
        browser.seeText("[role=log] li", "reed_");
        browser.seeText("button", "Call it back").click();
        browser.seeText("button", "Let it loose");
        assertThat(app.get("/api/practice/crowd").at("/wanted/perMinute").asInt())
                .isEqualTo(600);
    }

    /** Whatever came of it, no crowd writes into the tests that follow. */
    @AfterEach
    void quiet() {
        app.put("/api/practice/crowd", Map.of("on", false, "size", 60, "perMinute", 600, "seed", 7));
        app.post("/api/hush", Map.of());
    }

    @Test
    void aPackIsLookedAtAskedAboutBroughtAndTakenOutAgain() throws Exception {
        Path pack = folder.resolve("bench.waxpack.zip");
        String file = "/api/packs/file?name=Bench%20hour&version=1&item=cue/pour-the-taper";
        HttpRequest asked =
                HttpRequest.newBuilder(URI.create(app.address() + file)).build();
        HttpClient.newHttpClient().send(asked, HttpResponse.BodyHandlers.ofFile(pack));
        JsonNode there = pour();
        ObjectNode other = (ObjectNode) there.get("cue").deepCopy();
        other.put("description", "Another hand has been at it");
        app.put(
                "/api/cues/pour-the-taper",
                Map.of("version", there.get("version").asLong(), "cue", other));
        show("/packs");
        give("A pack, as a ZIP file", pack);
        WebElement both = browser.see("[data-clash='cue/pour-the-taper'] input[value='beside']");
        both.click();
        browser.seeText("[data-word='!pour']", "already belongs to");
        browser.type("[data-word='!pour'] input", "!pour-again");
        browser.see("[data-word='!pour'] button").click();
        browser.seeText("[data-word='!pour']", "becomes");
        for (WebElement taken : browser.all("[data-word]:not([data-word='!pour'])")) {
            taken.findElements(By.tagName("button")).get(1).click();
        }
        browser.see("[data-bring-it]:enabled").click();
        browser.see("[data-here='bench-hour']");
        show("/cues/pour-the-taper-2");
        browser.seeText("body", "Pour the taper (brought)");
        show("/packs");
        browser.see("[data-here='bench-hour'] button").click();
        browser.see("[data-out]").click();
        browser.gone("[data-here='bench-hour']");
        assertThat(app.get("/api/wiring").get("cues").toString()).doesNotContain("pour-the-taper-2");
        JsonNode now = pour();
        app.put("/api/cues/pour-the-taper", Map.of("version", now.get("version").asLong(), "cue", there.get("cue")));
    }
}
