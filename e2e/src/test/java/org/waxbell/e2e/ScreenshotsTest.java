package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Takes the pictures of the docs anew, from the demo evening: {@code ./waxbell screenshots}. */
class ScreenshotsTest {
    private static final Path PICTURES = Path.of("../docs/screenshots");

    @TempDir
    Path data;

    @Test
    void pictures() throws IOException {
        Files.createDirectories(PICTURES);
        // The mixer has a browser of its own: a page behind another paints nothing, and viewers would have seen
        // nothing.
        try (Packaged app = new Packaged(data);
                Browser software = new Browser();
                Browser browser = new Browser()) {
            String mixer = software.tab(app.address() + "/mixer");
            software.see("[data-scene=bench] iframe");
            software.see("h1").click();
            String channel = browser.tab(app.address() + "/channel");
            String links = browser.tab(app.address() + "/links");
            String dusk = browser.tab(app.address() + "/cues/pour-the-taper");
            browser.see("#part-card");
            browser.await(
                    "the mixer's sources have joined",
                    any -> app.get("/api/live").get("pages").size() == 2);
            app.say("lowtide_lou", "Is that beeswax or tallow, Odalys?");
            app.say("captain_sedge", "!bell");
            app.say("pip_in_the_reeds", "!bell");
            app.say("marshlight_ines", "!pour a tall one");
            app.say("brine_otter", "!pour");
            app.say("tallowmoth", "!wick");
            app.say("juniper_and_ash", "!spin");
            app.happen("follow", "juniper_and_ash", Map.of(), Map.of());
            browser.await(
                    "the card stands",
                    any -> app.get("/api/live").get("now").asDouble()
                                    - app.get("/api/journal")
                                            .valueStream()
                                            .reduce((one, other) -> other)
                                            .orElseThrow()
                                            .get("at")
                                            .asLong()
                            > 1_600);
            take(software, mixer, "mixer");
            take(browser, dusk, "console");
            dusk(browser, true);
            take(browser, dusk, "console-dusk");
            dusk(browser, false);
            cues(app, browser, dusk);
            stages(app, browser, dusk);
            take(browser, links, "links");
            voice(app, browser, dusk);
            String rehearse = browser.tab(app.address() + "/rehearse");
            browser.seeText("aside button", "Rehearse it").click();
            browser.seeText("ol[aria-label=Moments] button", "held: ").click();
            browser.seeText("[aria-label=Why]", "held");
            take(browser, rehearse, "rehearse");
            browser.to(channel);
            browser.seeText("[role=log] li", "Snip. A clean wick");
            take(browser, channel, "channel");
            browser.to(dusk);
            live(app, browser, dusk);
        }
        assertThat(PICTURES.resolve("console.png")).isNotEmptyFile();
    }

    private static void voice(Packaged app, Browser browser, String tab) throws IOException {
        browser.to(tab);
        go(browser, app, "/voice", "button.chip");
        app.say("brine_otter", "!say sdfjkhsdfkjh wvbnmq");
        app.say("tallowmoth", "!ask why is the sage one so green tonight");
        app.say("marshlight_ines", "!say good evening all, what a lovely tall taper you have");
        app.say("captain_sedge", "!say the bench is full");
        browser.see("[data-waits]");
        browser.see("[data-waiting]");
        take(browser, tab, "voice");
    }

    private static void lists(Packaged app, Browser browser, String tab) throws IOException {
        app.say("brine_otter", "!task a sage taper; a rose pillar");
        app.say("tallowmoth", "!task three small ones for the window");
        app.say("wickerby", "!task a lantern base");
        app.say("captain_sedge", "!taskdone rose");
        app.say("brine_otter", "!taskseal leaf");
        app.say("tallowmoth", "!taskseal teal");
        go(browser, app, "/desks/task", "[data-task]");
        browser.see("[data-glow]");
        take(browser, tab, "tasks");
        app.post("/api/desks/tunes/start", Map.of("about", "tune", "with", Map.of()));
        app.say("brine_otter", "!tune the brine lanten");
        app.say("tallowmoth", "!tune tidesong");
        app.say("wickerby", "!tune slow wax");
        app.say("captain_sedge", "!tuneskip");
        go(browser, app, "/desks/tune", "[data-asked]");
        browser.seeText("[data-plays]", "The Brine Lantern");
        browser.see("[aria-label='What plays'] svg");
        take(browser, tab, "tunes");
        app.post("/api/desks/tunes/stop", Map.of("about", "tune", "with", Map.of()));
        app.post("/api/desks/tunes/clear", Map.of("about", "tune", "with", Map.of()));
    }

    private static void queue(Packaged app, String act, Map<String, String> with) {
        app.post("/api/desks/queue/" + act, Map.of("about", "bench", "with", with));
    }

    private static void dusk(Browser browser, boolean dusk) {
        browser.driver().executeScript("document.documentElement.dataset.light = arguments[0]", dusk ? "dusk" : "day");
    }

    private static void go(Browser browser, Packaged app, String path, String seen) {
        browser.driver().get(app.address() + path);
        browser.see(seen);
    }

    private static void crowd(Packaged app, Browser browser, String tab) throws IOException {
        app.happen("clip", "tallowmoth", Map.of(), Map.of());
        go(browser, app, "/room", "[data-device=Bench]");
        browser.seeText("[data-device=Bench] [data-stands]", "#c8841a 9");
        take(browser, tab, "room");
        JsonNode rig = app.sheet("rig");
        ObjectNode votes = (ObjectNode) rig.get("desk").deepCopy();
        votes.put("way", "vote").put("everyMs", 20_000);
        app.put("/api/sheets/rig", Map.of("version", rig.get("version").asLong(), "desk", votes));
        app.cut("away");
        browser.await(
                "the crowd may vote",
                any -> app.say("wickerby", "right").get("sentence").asString().contains("rang"));
        for (String each :
                List.of("brine_otter right", "tallowmoth dip", "lowtide_lou right", "marshlight_ines lift")) {
            app.say(each.split(" ")[0], each.split(" ")[1]);
        }
        go(browser, app, "/desks/rig", "[data-move]");
        browser.seeText("[data-move=right]", "3");
        take(browser, tab, "crowd");
        app.cut("bench");
    }

    private static void cues(Packaged app, Browser browser, String tab) throws IOException {
        go(browser, app, "/cues/pour-the-taper", "#part-card");
        crowd(app, browser, tab);
        lists(app, browser, tab);
        queue(app, "open", Map.of());
        app.say("wickerby", "!bench rose, for the window");
        app.say("marshlight_ines", "!bench tall, like the one before");
        app.say("brine_otter", "!bench short and blue");
        app.say("juniper_and_ash", "!bench sage, two wicks");
        app.say("captain_sedge", "!bench whatever is left in the pot");
        for (String outcome : List.of("poured", "burnt")) {
            queue(app, "next", Map.of());
            queue(app, "done", Map.of("outcome", outcome));
        }
        queue(app, "next", Map.of());
        go(browser, app, "/desks/bench", "[data-waits]");
        browser.see("[data-up]");
        take(browser, tab, "desks");
        queue(app, "close", Map.of());
        people(app, browser, tab);
    }

    private static void live(Packaged app, Browser browser, String tab) throws IOException {
        app.post("/api/show", Map.of("open", true));
        for (String chapter : List.of("Waiting", "Melting", "Pouring")) {
            app.post("/api/desks/order/enter", Map.of("about", "evening", "with", Map.of("chapter", chapter)));
        }
        go(browser, app, "/live", "[aria-label='My buttons'] button");
        for (String each : List.of("lowtide_lou", "pip_in_the_reeds", "tallowmoth")) {
            app.say(each, "!scent");
        }
        app.say("wickerby", "does beeswax smoke less than tallow?");
        app.post(
                "/api/desks/points/grant",
                Map.of(
                        "about",
                        "drips",
                        "with",
                        Map.of("name", "practice:lowtide_lou", "amount", "200", "why", "a poem")));
        app.say("lowtide_lou", "!reward name a taper Old Smoke");
        app.happen("gift", "brine_otter", Map.of("giftWorth", 80, "giftCount", 1), Map.of("giftItem", "Honeycomb"));
        browser.see("[data-plays]");
        browser.see("[data-need]");
        take(browser, tab, "live");
        go(browser, app, "/look-back", "[data-advice]");
        browser.see("[data-moment]");
        take(browser, tab, "look-back");
        app.post("/api/desks/order/end", Map.of("about", "evening", "with", Map.of()));
        app.post("/api/show", Map.of("open", false));
    }

    private static void people(Packaged app, Browser browser, String tab) throws IOException {
        app.post("/api/desks/prize/open", Map.of("about", "draw", "with", Map.of()));
        for (String each : List.of("wickerby", "marshlight_ines", "brine_otter", "tallowmoth", "juniper_and_ash")) {
            app.say(each, "!draw");
        }
        app.post("/api/desks/prize/close", Map.of("about", "draw", "with", Map.of()));
        go(browser, app, "/desks/draw", "[data-drawn]");
        browser.see("[data-seed]");
        take(browser, tab, "draw");
        app.post(
                "/api/desks/points/all",
                Map.of("about", "drips", "with", Map.of("amount", "40", "why", "a kiln well fired", "circle", "")));
        app.say("brine_otter", "!dripsgive tallowmoth 10");
        app.put("/api/people/practice:tallowmoth/note", Map.of("note", "asks for three small ones, for the window"));
        go(browser, app, "/people/practice:tallowmoth", "[data-entry]");
        browser.seeText("[data-person]", "asks for three small ones");
        take(browser, tab, "people");
    }

    private static void stages(Packaged app, Browser browser, String tab) throws IOException {
        go(browser, app, "/stages", "#place-dyes");
        app.happen("gift", "brine_otter", Map.of("giftWorth", 1, "giftCount", 7), Map.of("giftItem", "Sprig"));
        browser.see("#place-dyes").click();
        browser.see("[aria-label='Words of segment 1']");
        browser.await(
                "the bar fills",
                any -> Boolean.TRUE.equals(
                        browser.driver()
                                .executeScript(
                                        "return [...document.querySelectorAll('iframe')].some((each) => each.contentDocument.querySelector('.count')?.textContent.startsWith('7'))")));
        take(browser, tab, "stages");
        go(browser, app, "/ready/a-poll", "[data-chosen] iframe");
        browser.await(
                "pieces are drawn",
                any -> Boolean.TRUE.equals(
                        browser.driver()
                                .executeScript(
                                        "return [...document.querySelectorAll('[data-piece] iframe')].slice(0, 3)"
                                                + ".every((each) => each.contentDocument.querySelector('.card'))"
                                                + " && !!document.querySelector('[data-chosen] iframe').contentDocument.querySelector('.poll')")));
        take(browser, tab, "ready");
        go(browser, app, "/shelf", "ul[aria-label='What lies here']");
        browser.seeText("ul[aria-label='What lies here'] li button", "pour-2.wav")
                .click();
        browser.see("aside[aria-label='The file'] svg path");
        take(browser, tab, "shelf");
    }

    private static void take(Browser browser, String tab, String name) throws IOException {
        browser.to(tab);
        Files.write(PICTURES.resolve(name + ".png"), browser.picture());
    }
}
