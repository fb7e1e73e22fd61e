package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** The room in the browser: a lamp that breathes for members, a person's hand, and a crowd that steers the dipping rig in the break. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class RoomTest extends OnConsole {
    private static JsonNode bench() {
        return app.get("/api/practice/room").get(0).get("light");
    }

    private static JsonNode rig() {
        return app.get("/api/practice/rig").get("rig");
    }

    @AfterAll
    static void asItWas() {
        app.cut("bench");
        app.post("/api/practice/rig/anew", Map.of());
        app.post("/api/practice/room/Bench", Map.of("on", true, "colour", "#ffe0a8", "brightness", 70));
    }

    @Test
    @Order(1)
    void theCardOfTheRoomSaysWhatThereIs() {
        show("/links");
        browser.seeText("[data-link=room] [data-phase]", "up for");
        browser.seeText("[data-link=room]", "Bench, Shelf, Window, Kettle, Fan");
        browser.seeText("[data-link=room]", "One cue uses it.");
        browser.see("[data-link=room] a[href='/room']");
    }

    @Test
    @Order(2)
    void aClipOfAMemberOfThreeMonthsLetsTheBenchBreatheAndAnybodyElsesDoesNot() {
        show("/room");
        browser.seeText("[data-device=Bench] [data-stands]", "#ffe0a8 70 %");
        assertThat(app.happen("clip", "juniper_and_ash", Map.of(), Map.of())
                        .get("sentence")
                        .asString())
                .contains("held A clip lights the bench", "members of 3 months");
        assertThat(bench().get("colour").asString()).isEqualTo("#ffe0a8");
        assertThat(app.happen("clip", "tallowmoth", Map.of(), Map.of())
                        .get("sentence")
                        .asString())
                .contains("rang A clip lights the bench");
        browser.seeText("[data-device=Bench] [data-stands]", "#c8841a");
        browser.seeText("[data-device=Bench] [data-stands]", "#ffe0a8 70 %");
    }

    @Test
    @Order(3)
    void whatAPersonSwitchesMeanwhileStays() {
        app.happen("clip", "tallowmoth", Map.of(), Map.of());
        browser.seeText("[data-device=Bench] [data-stands]", "#c8841a");
        browser.see("[data-device=Bench] button[aria-pressed=true]").click();
        browser.seeText("[data-device=Bench] [data-stands]", "off");
        browser.await(
                "the part is over, for a person came before it",
                any -> app.get("/api/journal").toString().contains("changed by hand")
                        || app.get("/api/live").toString().contains("changed by hand"));
        assertThat(bench().get("on").asBoolean()).isFalse();
        browser.see("[data-device=Bench] button[aria-pressed=false]").click();
    }

    @Test
    @Order(4)
    void aLampOfThePartIsChosenAndNotTyped() {
        show("/cues/a-clip-lights-the-bench");
        browser.seeText("button[aria-haspopup=listbox]", "Bench").click();
        browser.seeText("[role=option]", "Window");
        browser.seeText("[role=option]", "Bench").click();
        browser.seeText("button", "breathing");
    }

    @Test
    @Order(5)
    void atTheBenchTheWordsOfTheCrowdDoNothingAndInTheBreakTheySteerTheRig() {
        app.post("/api/practice/rig/anew", Map.of());
        app.cut("bench");
        browser.await(
                "the scene is known",
                any -> app.say("wickerby", "right").get("sentence").asString().startsWith("held Crowd: right"));
        assertThat(rig().get("place").asInt()).isZero();
        app.cut("away");
        browser.await("the crowd may steer", any -> {
            app.say("wickerby", "right");
            return rig().get("place").asInt() == 1;
        });
        assertThat(app.say("lowtide_lou", "dip").get("sentence").asString()).contains("rang Crowd: dip");
        browser.await("down once", any -> rig().get("depth").asInt() == 1);
        long presses = app.get("/api/practice/rig").get("presses").asLong();
        app.say("brine_otter", "dip into it");
        app.say("marshlight_ines", "dip");
        browser.await("in the wax", any -> rig().get("depth").asInt() == 2);
        assertThat(app.get("/api/practice/rig").get("presses").asLong())
                .as("a sentence that begins with a word of theirs presses nothing")
                .isEqualTo(presses + 1);
        show("/rig?by-hand");
        browser.see("svg[data-place='1'][data-depth='2']");
        app.cut("bench");
        app.cut("away");
        browser.see("svg[data-place='1'][data-depth='2']");
        browser.see("body").sendKeys(Keys.ARROW_UP);
        browser.see("svg[data-depth='1']");
    }

    @Test
    @Order(6)
    void whoPressedWhatIsOnTheStageForAMoment() {
        show("/stages/break");
        String here = browser.driver().getWindowHandle();
        browser.driver().switchTo().frame(browser.see("iframe[title='The stage Break as it is']"));
        browser.await(
                "its words stand there",
                any -> browser.driver()
                                .findElements(By.cssSelector(".fixture.crowd .word .what"))
                                .size()
                        == 4);
        browser.await("a name is there", any -> {
            app.say("pip_in_the_reeds", "lift");
            return browser.driver().findElements(By.cssSelector(".fixture.crowd .press .who")).stream()
                    .anyMatch(each -> each.getText().equals("pip_in_the_reeds"));
        });
        browser.await(
                "and goes away by itself",
                any -> browser.driver()
                        .findElements(By.cssSelector(".fixture.crowd .press"))
                        .isEmpty());
        browser.to(here);
    }

    @Test
    @Order(7)
    void byVoteWhatMostWantIsPressed() {
        show("/desks/rig");
        browser.see("button.chip[data-chip=way]").click();
        browser.seeText("[data-field=way] button", "counts at once").click();
        browser.seeText("[role=option]", "is a vote").click();
        browser.seeText("button.chip[data-chip=way]", "is a vote");
        browser.await("it is saved", any -> app.sheet("rig").toString().contains("vote"));
        app.post("/api/practice/rig/anew", Map.of());
        for (String each : List.of("wickerby", "lowtide_lou", "brine_otter")) {
            app.say(each, each.equals("brine_otter") ? "dip" : "right");
        }
        browser.seeText("[data-move=right]", "2");
        browser.await("the vote is over", any -> rig().get("place").asInt() == 1);
        assertThat(rig().get("depth").asInt()).isZero();
        browser.seeText("[data-pressed]", "2 voices");
        browser.seeText("[data-field=way] button", "is a vote").click();
        browser.seeText("[role=option]", "counts at once").click();
        browser.seeText("button.chip[data-chip=way]", "counts at once");
        browser.await("it is saved", any -> app.sheet("rig").toString().contains("atOnce"));
    }

    /** A real receiver and a real sender of Open Sound Control, from Debian's packages, stand for the desk. */
    @Test
    @Order(8)
    void aLightingDeskGetsTheWorthOfAGiftAsANumberAndItsFaderPullsACue() throws Exception {
        int far = Packaged.freePort();
        int near = Packaged.freePort();
        Path told = Files.createTempFile("desk", ".txt");
        Process desk = new ProcessBuilder("/usr/bin/oscdump", "-L", Integer.toString(far))
                .redirectOutput(told.toFile())
                .start();
        try {
            show("/links");
            browser.seeText("button", "A desk by Open Sound Control").click();
            browser.see("[role=dialog] input").sendKeys("Lights");
            browser.see("[role=dialog] [data-field=host] input").sendKeys("127.0.0.1");
            browser.see("[role=dialog] [data-field=port] input")
                    .sendKeys(Keys.chord(Keys.CONTROL, "a"), Integer.toString(far));
            browser.see("[role=dialog] [data-field=hears] input")
                    .sendKeys(Keys.chord(Keys.CONTROL, "a"), Integer.toString(near));
            browser.seeText("[role=dialog] button", "Save and connect").click();
            browser.seeText("[data-link=lights] [data-phase]", "up for");
            Lights.cue(app, "worth", "{'kind':'event','event':'gift','atLeast':{},'exactly':{}}", "{giftWorth}");
            Lights.cue(app, "fader", "{'kind':'osc','address':'/fader/1','mark':'0.5'}", "7");
            app.happen("gift", "wickerby", Map.of("giftWorth", 80), Map.of());
            browser.await("the desk has it", any -> lines(told).contains("/light/3/level i 80"));
            for (String each : List.of("0.2", "0.9")) {
                new ProcessBuilder("/usr/bin/oscsend", "127.0.0.1", Integer.toString(near), "/fader/1", "f", each)
                        .start()
                        .waitFor();
            }
            browser.await("the fader pulled a cue", any -> lines(told).contains("/light/3/level i 7"));
            browser.seeText("[data-link=lights]", "/fader/1 0.9");
            show("/cues/worth");
            browser.seeText("main", "/light/3/level");
            app.deleteCue("worth");
            app.deleteCue("fader");
        } finally {
            desk.destroy();
            app.delete("/api/links/lights");
        }
    }

    private static String lines(Path told) {
        try {
            return Files.readString(told);
        } catch (IOException gone) {
            throw new IllegalStateException(gone);
        }
    }
}
