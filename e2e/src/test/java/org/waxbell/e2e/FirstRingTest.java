package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** The story of the first ring, with console, channel and mixer in three tabs. */
@ExtendWith(Together.class)
class FirstRingTest {
    private static final String STAGE_IN_BENCH = "[data-scene=bench] iframe";
    private static Browser browser;
    private static Packaged app;
    private static String console;
    private static String channel;
    private static String mixer;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        mixer = browser.tab(app.address() + "/mixer");
        browser.see(STAGE_IN_BENCH);
        browser.see("h1").click();
        channel = browser.tab(app.address() + "/channel");
        console = browser.tab(app.address() + "/");
        browser.see("#part-card");
        browser.await(
                "both sources of the mixer have joined",
                any -> app.get("/api/live").get("pages").size() == 2);
    }

    /** Each test begins in silence and with no cooldown left, whatever ran before it. */
    @BeforeEach
    void quiet() {
        app.post("/api/hush", "");
        browser.await(
                "the cooldown is over",
                any -> app.get("/api/journal")
                        .valueStream()
                        .filter(each -> each.at("/answers/0/ring").asLong(0) > 0
                                && each.at("/answers/0/cueId").asString().equals("pour-the-taper"))
                        .allMatch(each -> app.get("/api/live").get("now").asDouble()
                                        - each.get("at").asLong()
                                > 14_000));
    }

    private static void writeInChannel(String text) {
        browser.to(channel);
        browser.type("input[aria-label='Your line']", text);
        browser.see("form button.button-dark").click();
    }

    private static void onStage() {
        browser.to(mixer);
        browser.driver().switchTo().frame(browser.see(STAGE_IN_BENCH));
    }

    @Test
    void aViewerPoursAndEverybodySeesWhy() throws IOException {
        Color before = plate();
        writeInChannel("!pour a tall one");
        onStage();
        WebElement title = browser.see(".card .title");
        assertThat(title.getText()).isEqualTo("marshlight_ines");
        assertThat(browser.see(".card .line").getText()).isEqualTo("pours a tall taper");
        browser.await(
                "the card has come in",
                any -> title.findElement(By.xpath("ancestor::article"))
                        .getCssValue("opacity")
                        .equals("1"));
        browser.driver().switchTo().defaultContent();
        assertThat(plate())
                .as("the plate can be seen in the picture")
                .isNotEqualTo(before)
                .isEqualTo(new Color(0xFF, 0xF4, 0xDE));
        writeInChannel("!pour once more");
        browser.to(console);
        browser.seeText("ol[aria-label='What was decided'] li", "held Pour the taper · resting");
        browser.see(".held[aria-label*='Pour the taper · resting']");
        assertThat(browser.seeText(".bar", "Pour the taper · marshlight_ines").getDomAttribute("title"))
                .contains("pours a tall taper");
        onStage();
        browser.gone(".card");
        browser.to(channel);
        browser.seeText("[role=log] li", "Thank you, marshlight_ines. That taper hangs on your peg now.");
        assertThat(plate()).as("nothing is left on screen").isEqualTo(before);
        assertThat(app.get("/api/live").at("/pages/0/sounds").asBoolean())
                .as("the mixer's page was clicked, so it may sound")
                .isTrue();
        assertThat(app.get("/api/live")
                        .get("rings")
                        .valueStream()
                        .filter(ring -> ring.get("viewer").asString().equals("marshlight_ines"))
                        .findFirst()
                        .orElseThrow()
                        .at("/parts/1/state")
                        .asString())
                .as("no page failed to sound")
                .isEqualTo("ended");
    }

    /** The colour of the picture where the plate of a card on Lower third stands. */
    private static Color plate() throws IOException {
        browser.to(mixer);
        WebElement programme = browser.see("section[aria-label=Programme]");
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(browser.picture()));
        double scale = programme.getSize().getWidth() / 1280.0;
        return new Color(picture.getRGB((int) (programme.getLocation().getX() + 180 * scale), (int)
                (programme.getLocation().getY() + 572 * scale)));
    }

    @Test
    void aReloadInMidCardNeitherLosesNorRepeatsIt() {
        app.say("wickerby", "!pour");
        onStage();
        String partRun = browser.see(".card").getDomAttribute("data-part-run");
        browser.driver().switchTo().defaultContent();
        browser.driver().navigate().refresh();
        onStage();
        assertThat(browser.see(".card").getDomAttribute("data-part-run")).isEqualTo(partRun);
        assertThat(browser.all(".card")).hasSize(1);
        browser.gone(".card");
        assertThat(app.get("/api/live")
                        .at("/rings")
                        .valueStream()
                        .filter(ring -> ring.get("cueId").asString().equals("pour-the-taper"))
                        .reduce((one, other) -> other)
                        .orElseThrow()
                        .at("/parts/0/state")
                        .asString())
                .isEqualTo("ended");
        browser.driver().switchTo().defaultContent();
    }

    @Test
    void hushByButtonEndsTheCardAtOnce() {
        app.say("wickerby", "!pour");
        onStage();
        browser.see(".card");
        browser.to(console);
        browser.see("button.hush").click();
        browser.seeText("ol[aria-label='What was decided'] li", "Hush · ended 1");
        onStage();
        browser.gone(".card");
        assertThat(app.get("/api/live").get("rings"))
                .isNotEmpty()
                .noneMatch(ring -> ring.get("state").asString().equals("playing"));
        browser.driver().switchTo().defaultContent();
    }

    @Test
    void hushByEscHeldEndsTheCard() {
        app.say("wickerby", "!pour");
        browser.to(console);
        browser.seeText(".bar.now", "Pour the taper");
        new Actions(browser.driver()).keyDown(Keys.ESCAPE).perform();
        browser.seeText(".bar.cut", "Pour the taper");
        new Actions(browser.driver()).keyUp(Keys.ESCAPE).perform();
        onStage();
        browser.gone(".card");
        browser.driver().switchTo().defaultContent();
    }

    @Test
    void aNewNameMayTypeFromTheChannelAndMarkupStaysText() {
        browser.to(channel);
        browser.see("button[data-who]").click();
        browser.seeText("[role=option]", "a new name").click();
        browser.type("input[aria-label='New name']", "<img src=x onerror=alert(1)>");
        writeInChannel("!pour");
        onStage();
        assertThat(browser.see(".card .title").getText()).isEqualTo("<img src=x onerror=alert(1)>");
        assertThat(browser.all(".card .words img")).isEmpty();
        browser.driver().switchTo().defaultContent();
        browser.to(console);
        browser.seeText("ol[aria-label='What was decided'] li", "<img src=x");
        assertThat(browser.all("img[src=x]")).isEmpty();
        browser.to(channel);
        browser.see("button[data-who]").click();
        browser.seeText("[role=option]", "marshlight_ines").click();
    }

    @Test
    void aSceneIsSwitchedAndTheStageStandsInBoth() {
        browser.to(mixer);
        browser.seeText("button", "Kettle camera").click();
        browser.see("[data-scene=kettle] iframe");
        assertThat(app.get("/api/practice/mixer").get("current").asString()).isEqualTo("kettle");
        app.say("wickerby", "!pour");
        browser.driver().switchTo().frame(browser.see("[data-scene=kettle] iframe"));
        assertThat(browser.see(".card .title").getText()).isEqualTo("wickerby");
        browser.driver().switchTo().defaultContent();
        browser.seeText("button", "Bench camera").click();
        browser.see(STAGE_IN_BENCH);
    }
}
