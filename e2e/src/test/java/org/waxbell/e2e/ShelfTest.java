package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** A folder of sounds comes onto the shelf with one that is broken; files are found, called otherwise, taken away and put back. */
class ShelfTest extends OnConsole {
    private static final Path SOUNDS = Path.of("../app/src/test/resources/sounds");

    @TempDir
    private Path folder;

    private static void show() {
        show("/shelf");
        browser.driver().executeScript("localStorage.removeItem('waxbell.shelf.folder')");
        browser.driver().navigate().refresh();
        browser.see("ul[aria-label='What lies here']");
    }

    private static void bring(List<Path> files) {
        WebElement input = browser.await(
                "the way in",
                driver -> driver.findElement(By.cssSelector("input[type=file][aria-label='Files for the shelf']")));
        input.sendKeys(String.join(
                "\n",
                files.stream()
                        .map(each -> each.toAbsolutePath().normalize().toString())
                        .toList()));
    }

    private static JsonNode file(String name) {
        return app.get("/api/shelf")
                .valueStream()
                .filter(each -> each.at("/row/name").asString().equals(name))
                .findFirst()
                .orElse(null);
    }

    private static WebElement row(String name) {
        return browser.await(
                "the row of " + name,
                any -> browser.all("ul[aria-label='What lies here'] li").stream()
                        .filter(each -> each.getText().contains(name))
                        .findFirst()
                        .orElse(null));
    }

    private List<Path> twelve() throws IOException {
        List<Path> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(SOUNDS)) {
            all.addAll(files.sorted().toList());
        }
        byte[] good = Files.readAllBytes(SOUNDS.resolve("bell.wav"));
        for (int i = 1; all.size() < 11; i++) {
            all.add(Files.write(folder.resolve("chime-" + i + ".wav"), good));
        }
        all.add(Files.write(
                folder.resolve("cracked.flac"), Arrays.copyOf(Files.readAllBytes(SOUNDS.resolve("bell.flac")), 900)));
        return all;
    }

    @Test
    void twelveSoundsAreBroughtAndOnlyTheBrokenOneIsNot() throws IOException {
        show();
        assertThat(row("moth.json").findElements(By.cssSelector("[data-moving]")))
                .hasSize(1);
        browser.see("[data-moving] svg path");
        bring(twelve());
        browser.seeText(
                "[aria-label='What is brought'] [role=status]", "11 of 12 files are on the shelf, 1 was not taken in.");
        assertThat(browser.see("[aria-label='What is brought'] ul").getText())
                .startsWith("cracked.flac: ")
                .contains("not taken in");
        for (String name : List.of("bell.mp3", "bell.ogg", "bell.opus", "bell.flac", "chime-1.wav")) {
            JsonNode file = file(name);
            assertThat(file.at("/row/folder").asString()).isEqualTo("Sounds");
            assertThat(file.at("/row/lengthMs").asLong()).isBetween(1_400L, 1_600L);
            assertThat(file.at("/row/gain").asInt()).isBetween(300, 600);
        }
        assertThat(row("bell.ogg").findElements(By.tagName("path"))).isNotEmpty();
        row("bell.ogg")
                .findElement(By.cssSelector("button[aria-label='Hear bell.ogg']"))
                .click();
        browser.see("button[aria-label='Stop bell.ogg']").click();
        for (String name : List.of("bell.mp3", "bell.ogg", "bell.opus", "bell.flac")) {
            assertThat(browser.driver()
                            .executeAsyncScript(
                                    "const done = arguments[1]; fetch(arguments[0]).then((each) => each.arrayBuffer()).then((bytes) => new OfflineAudioContext(1, 48000, 48000).decodeAudioData(bytes)).then((sound) => done(sound.duration), (broken) => done(String(broken)))",
                                    file(name).get("address").asString()))
                    .as("the browser plays " + name)
                    .isInstanceOf(Number.class);
        }
        browser.type("input[aria-label='Find a file by name, tag or use']", "chime");
        browser.await(
                "only they are found",
                any -> browser.all("ul[aria-label='What lies here'] li").size() == 5);
    }

    @Test
    void twelveRingsInARowNeverSoundTheSameTwiceRunning() {
        List<String> heard = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            JsonNode rang = app.post(
                    "/api/cues/pour-the-taper/try", Map.of("event", app.sample("pour-the-taper"), "past", true));
            app.get("/api/rings/" + rang.at("/answers/0/ring").asLong())
                    .get("parts")
                    .valueStream()
                    .filter(part -> part.get("id").asString().equals("pouring"))
                    .forEach(part -> heard.add(part.get("label").asString()));
        }
        app.post("/api/hush", Map.of());
        assertThat(heard).hasSize(12);
        assertThat(Set.copyOf(heard)).hasSizeGreaterThan(1);
        for (int i = 1; i < heard.size(); i++) {
            assertThat(heard.get(i)).isNotEqualTo(heard.get(i - 1));
        }
    }

    @Test
    void whatUsesAFileFollowsItsNameAndIsAskedBeforeItIsTakenAway() {
        show();
        row("taper.svg").findElement(By.cssSelector("button:last-of-type")).click();
        WebElement name = browser.see("aside[aria-label='The file'] input");
        name.sendKeys(Keys.chord(Keys.CONTROL, "a"), "tall taper" + Keys.ENTER);
        browser.await(
                "what shows it follows its name",
                any -> app.get("/api/wiring").toString().contains("\"picture\":\"tall taper.svg\""));
        assertThat(app.get("/api/wiring").toString()).doesNotContain("\"picture\":\"taper.svg\"");
        browser.seeText("aside[aria-label='The file'] button", "Take it away").click();
        browser.seeText("[role=dialog]", "Pour the taper");
        browser.seeText("[role=dialog] button", "Take it away all the same").click();
        browser.await("it is gone", any -> file("tall taper.svg") == null);
        browser.seeText("[role=status] button", "Undo").click();
        browser.await("it is back", any -> file("tall taper.svg") != null);
        row("tall taper.svg").findElement(By.cssSelector("button:last-of-type")).click();
        browser.see("aside[aria-label='The file'] input").sendKeys(Keys.chord(Keys.CONTROL, "a"), "taper" + Keys.ENTER);
        browser.await("it is called as before", any -> file("taper.svg") != null);
    }
}
