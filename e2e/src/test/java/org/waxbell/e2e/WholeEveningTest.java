package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/** One evening of hours in some minutes, for its clock is moved: the host in the console, somebody who helps on a page of their own, and a pad. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WholeEveningTest {
    private static final Duration BEGINS = Duration.ofHours(8);
    private static final Duration POURING = BEGINS.plusMinutes(41).plusSeconds(5);

    @TempDir
    static Path data;

    private static MovedClock clock;
    private static Packaged app;
    private static Browser browser;
    private static String network;
    private static String host;
    private static String helper;
    private static String pad;

    @BeforeAll
    static void lastWeek() {
        clock = new MovedClock(data.resolve("clock-of-the-test"));
        network = Network.letIn(data.resolve("house"));
        start();
        browser = new Browser();
        app.post("/api/show", Map.of("open", true));
        app.say("wickerby", "last week");
        app.post("/api/show", Map.of("open", false));
    }

    private static void start() {
        app = new Packaged(data.resolve("house"), clock.environment());
    }

    @AfterAll
    static void close() {
        if (browser != null) {
            browser.close();
        }
        if (app != null) {
            app.close();
        }
    }

    @Test
    @Order(1)
    void theFirstLineAfterQuietHoursOffersToOpenTheShow() {
        goesOnAt(BEGINS);
        host = browser.tab(app.address() + "/live");
        app.say("wickerby", "good evening, is it on?");
        browser.seeText("[data-need='show/open'] button", "Open the show").click();
        browser.gone("[data-need='show/open']");
        browser.seeText("[data-next]", "Begin: Waiting").click();
        browser.onProgramme(app, "away");
        browser.seeText("[data-chapter]", "Waiting");
    }

    @Test
    @Order(2)
    void pouringIsEnteredByThePadAndIsLateAndSaysSo() {
        goesOnAt(BEGINS.plusMinutes(16));
        browser.seeText("[data-chapter]", "Melting");
        goesOnAt(POURING);
        pad = browser.tab(app.address() + "/pad");
        browser.size(420, 800);
        browser.seeText("nav button", "Evening").click();
        browser.see("[data-key='evening/pouring']").click();
        browser.see("[data-key='evening/pouring'][aria-pressed=true]");
        browser.onProgramme(app, "bench");
        browser.to(host);
        browser.seeText("[data-chapter]", "Pouring");
        browser.await(
                "it is late by its minutes, and by what the way here took",
                any -> browser.see("[data-late]").getText().matches("([6-9]|1\\d) min late"));
    }

    /** As a machine does it that finds the right time in the middle of an evening. */
    @Test
    @Order(3)
    void setBackByAnHourItGoesOnAsItWasAndSaysSo() {
        app.post("/api/desks/clock/start", Map.of("about", "wax", "with", Map.of()));
        long ends = wax().get("moment").asLong();
        long ring = app.say("lowtide_lou", "!pour").at("/answers/0/ring").asLong();
        long before = now();
        clock.move(POURING.minusHours(1));
        browser.to(host);
        browser.await("it is said, or stands behind what is more urgent", any -> {
            browser.all("[aria-label='What needs you'] [aria-expanded=false]").forEach(WebElement::click);
            return browser.all("[data-need^='clock/']").stream()
                    .anyMatch(each -> each.getText().contains("was set back by 1 h"));
        });
        assertThat(now()).as("it does not follow").isBetween(before, before + 120_000);
        browser.await(
                "the card goes, which is shown for some seconds",
                any -> app.get("/api/live")
                        .get("rings")
                        .valueStream()
                        .filter(each -> each.get("number").asLong() == ring)
                        .allMatch(each -> each.get("state").asString().equals("ended")));
        assertThat(wax().get("moment").asLong()).as("its end is where it was").isEqualTo(ends);
        clock.move(POURING);
        browser.gone("[data-need^='clock/']");
        goesOnAt(POURING.plusMinutes(50));
        // Nobody writes: what fell due while the machine slept is seen all the same.
        browser.await("the wax is cool", any -> wax().get("phase").asString().equals("over"));
    }

    /** The clock is so far ahead of the true one, and the program has seen it: it looks once a second, and a press may be quicker. */
    private static void goesOnAt(Duration off) {
        clock.move(off);
        browser.await(
                "the program sees it",
                any -> now() - System.currentTimeMillis() > off.minusSeconds(10).toMillis());
    }

    private static long now() {
        return app.get("/api/live").get("now").asLong();
    }

    private static JsonNode wax() {
        return app.get("/api/desks/board?about=wax").get("face");
    }

    @Test
    @Order(4)
    void whoHelpsRunsTheQueueAndWhatWaitsAndMayDoNothingElse() {
        browser.to(host);
        browser.driver().get(app.address() + "/links");
        String address = Network.invite(browser, "captain_sedge");
        assertThat(address).startsWith("http://" + network + ":");
        helper = browser.tab(address);
        Network.comeIn(browser, "nine wet tapers");
        browser.seeText("[data-me]", "captain_sedge");
        app.say("tallowmoth", "!ask why is the sage one so green tonight");
        browser.seeText("[data-need^='voice/'] button", "Say it").click();
        browser.gone("[data-need^='voice/']");
        app.say("marshlight_ines", "!bench a tall one");
        browser.seeText("[data-desk=bench]", "marshlight_ines");
        browser.seeText("[data-desk=bench] button", "Take the next").click();
        Object status = browser.driver()
                .executeAsyncScript("const done = arguments[0]; fetch('/api/house', { method: 'PUT', body: '{}',"
                        + " headers: { 'Content-Type': 'application/json' } }).then((answer) => done(answer.status))");
        assertThat(status).isEqualTo(403L);
        browser.to(host);
        browser.driver().get(app.address() + "/live");
        browser.seeText("[data-line]", "by captain_sedge");
    }

    @Test
    @Order(5)
    void theLightsBreakAndItIsSaidOnceWithWhatToDo() throws IOException {
        InetAddress here = InetAddress.getLoopbackAddress();
        AtomicReference<Socket> linked = new AtomicReference<>();
        int port;
        try (ServerSocket lights = new ServerSocket(0, 5, here)) {
            port = lights.getLocalPort();
            accept(lights, linked);
            app.put(
                    "/api/links/lights",
                    Map.of(
                            "kind",
                            "osc",
                            "name",
                            "Lights",
                            "settings",
                            Map.of("host", "127.0.0.1", "port", port, "way", "tcp", "hears", 0),
                            "secrets",
                            Map.of()));
            Lights.cue(app, "worth", "", "7");
            browser.await("it is linked", any -> phase().equals("up"));
        }
        linked.get().close();
        browser.to(host);
        browser.await("it is said, or stands behind what is more urgent", any -> {
            browser.all("[aria-label='What needs you'] [aria-expanded=false]").forEach(WebElement::click);
            return browser.all("[data-need='link/lights']").size() == 1;
        });
        assertThat(browser.see("[data-need='link/lights']").getText()).contains("Lights is not linked");
        try (ServerSocket lights = new ServerSocket(port, 5, here)) {
            accept(lights, linked);
            browser.gone("[data-need='link/lights']");
            app.delete("/api/links/lights");
        }
    }

    /** Whoever comes is let in, as often as they come. */
    private static void accept(ServerSocket lights, AtomicReference<Socket> linked) {
        Thread listening = new Thread(() -> {
            try {
                while (true) {
                    linked.set(lights.accept());
                }
            } catch (IOException closed) {
                // The test ends it so.
            }
        });
        listening.setDaemon(true);
        listening.start();
    }

    private static String phase() {
        return app.get("/api/links")
                .valueStream()
                .filter(each -> each.get("id").asString().equals("lights"))
                .map(each -> each.at("/state/phase").asString())
                .findFirst()
                .orElse("");
    }

    @Test
    @Order(6)
    void whatPlaysIsStoppedAndPlayedAgainAndOneIsNotForTonight() {
        browser.to(host);
        browser.await("one plays and one waits", any -> {
            gift();
            return !browser.all("[data-waits]").isEmpty();
        });
        // Bars come and go by themselves: whichever is there then is pressed, and where all are gone one more comes.
        pressed("[data-plays] button");
        pressed("[aria-label='On now, and next'] [data-past] button");
        // What waits moves up by itself, so a press may come too late for one: then the next one is pressed.
        browser.await("one that waits is off for tonight", any -> {
            gift();
            browser.all("[data-waits] button[title^='The cue is off']").stream()
                    .findFirst()
                    .ifPresent(WebElement::click);
            return app.get("/api/wiring")
                    .get("cues")
                    .valueStream()
                    .anyMatch(each -> !each.at("/cue/on").asBoolean());
        });
        app.post("/api/hush", Map.of());
    }

    private static void gift() {
        app.happen("gift", "tallowmoth", Map.of("giftWorth", 90, "giftCount", 1), Map.of("giftItem", "Lantern"));
    }

    private static void pressed(String css) {
        browser.await(css + " is pressed", any -> {
            Optional<WebElement> there = browser.all(css).stream().findFirst();
            there.ifPresentOrElse(WebElement::click, WholeEveningTest::gift);
            return there.isPresent();
        });
    }

    @Test
    @Order(7)
    void theBreakComesBackBehindAHardStopAndLeavingItUndoesWhatItSet() {
        browser.to(pad);
        browser.see("[data-key='evening/break']").click();
        browser.onProgramme(app, "away");
        app.killHard();
        start();
        browser.to(host);
        browser.driver().get(app.address() + "/live");
        browser.seeText("[data-chapter]", "Break");
        browser.await("the mixer is there", any -> app.scene().equals("away"));
        browser.driver().get(app.address() + "/desks/evening");
        browser.seeText("[data-sets]", "a rack While working: off");
        browser.driver().get(app.address() + "/live");
        browser.seeText("[data-next]", "Next: Carving").click();
        browser.onProgramme(app, "bench");
        browser.driver().get(app.address() + "/desks/evening");
        browser.seeText("[data-chapter]", "Carving");
        browser.await(
                "what the break had set is undone",
                any -> !browser.see("[data-sets]").getText().contains("While working"));
    }

    @Test
    @Order(8)
    void leftOpenItIsOfferedToCloseAndLookedBackOnBesideLastWeek() {
        for (int i = 0; i < 3; i++) {
            app.say("pip_in_the_reeds", "!scent of rose");
        }
        goesOnAt(BEGINS.plusHours(6));
        browser.to(host);
        browser.driver().get(app.address() + "/live");
        browser.await("it is said, or stands behind what is more urgent", any -> {
            browser.all("[aria-label='What needs you'] [aria-expanded=false]").forEach(WebElement::click);
            return !browser.all("[data-need='show/close']").isEmpty();
        });
        browser.seeText("[data-need='show/close'] button", "Close it").click();
        browser.gone("[data-need='show/close']");
        browser.driver().get(app.address() + "/look-back");
        browser.seeText("[data-figures]", "lines");
        browser.see("figure svg[role=img]");
        browser.seeText("[data-advice]", "!scent");
        new Select(browser.see("[aria-label='Beside which show']")).selectByValue("1");
        browser.see("[data-beside]");
    }
}
