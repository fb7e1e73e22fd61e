package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** People in the browser: found, noted, given an entrance and points; a poll and a prize draw; and shutters against a flood. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PeopleTest extends OnConsole {
    private static final List<String> CROWD =
            List.of("wickerby", "marshlight_ines", "brine_otter", "tallowmoth", "pip_in_the_reeds", "lowtide_lou");

    @BeforeAll
    static void anEvening() {
        app.post("/api/show", Map.of("open", true));
        CROWD.forEach(each -> app.say(each, "good evening to all"));
    }

    @AfterAll
    static void asItWas() {
        floodAt(0);
        app.post("/api/shutters", Map.of("down", false));
        app.post("/api/desks/poll/cancel", Map.of("about", "vote", "with", Map.of()));
        app.post("/api/show", Map.of("open", false));
    }

    private static void floodAt(int lines) {
        JsonNode kept = app.get("/api/wiring").get("house");
        ((ObjectNode) kept.at("/house/shutters")).put("floodLines", lines);
        app.put("/api/house", kept);
    }

    private static void desk(String kind, String about, String act, Map<String, String> with) {
        app.post("/api/desks/" + kind + "/" + act, Map.of("about", about, "with", with));
    }

    @Test
    @Order(1)
    void somebodyIsFoundNotedPutIntoACircleAndGivenAnEntranceInThreeClicks() {
        show("/people");
        browser.type("input[aria-label='Find by name']", "juniper");
        // A row that is pressed while the list grows shorter is not the row any more.
        browser.await("only who is meant", any -> browser.all("[data-person]").size() == 1);
        browser.see("[data-person='practice:juniper_and_ash']").click();
        browser.seeText("[aria-label=Person] [data-facts]", "Last here");
        browser.type("[aria-label=Person] textarea", "likes heather");
        browser.seeText("[aria-label=Person] button", "Keep it").click();
        browser.seeText("[aria-label=Changes]", "noted: likes heather");
        browser.seeText("[data-person='practice:juniper_and_ash']", "likes heather");

        browser.seeText("[aria-label=Circles] button[aria-pressed=true]", "Dippers")
                .click();
        browser.seeText("[aria-label=Circles] button[aria-pressed=false]", "Dippers");
        app.post("/api/undo", Map.of());
        browser.seeText("[aria-label=Person] button", "Give them an entrance").click();
        browser.seeText("[aria-label=Entrance] button", "Make it").click();
        browser.see("[data-entrance]").click();
        browser.seeText("main", "juniper_and_ash");
        JsonNode rang = app.say("juniper_and_ash", "hello there");
        assertThat(rang.get("sentence").asString()).contains("rang");
        String cue = browser.driver().getCurrentUrl().replaceAll(".*/cues/", "");
        app.deleteCue(cue);
    }

    @Test
    @Order(2)
    void aViewerGivesAnotherAndAModeratorCorrectsOneAndTheLedgerAddsUp() {
        desk("points", "drips", "grant", Map.of("name", "brine_otter", "amount", "60", "why", "a start"));
        assertThat(app.say("brine_otter", "!dripsgive tallowmoth 10")
                        .get("sentence")
                        .asString())
                .contains("rang");
        app.say("brine_otter", "!dripsgive tallowmoth 100");
        show("/people/practice:tallowmoth");
        browser.seeText("[data-entry]", "given by brine_otter");
        browser.type("[aria-label='Give or take'] input[placeholder]", "-3");
        browser.type("[aria-label='Give or take'] input[maxlength='80']", "a slip");
        browser.seeText("[aria-label='Give or take'] button", "Do it").click();
        browser.seeText("[data-entry]", "a slip, by the host");
        show("/people/ledger");
        browser.seeText("[data-sums]", "which is what all of them own");
        browser.seeText("[data-entry]", "given to tallowmoth");
    }

    @Test
    @Order(3)
    void aListIsFilteredByRowsAndSortedByAColumn() {
        show("/people");
        browser.seeText("button", "Only who").click();
        browser.seeText("[data-only] button", "Row").click();
        browser.type("[data-only] label input", "60");
        browser.await("only who has points", any -> browser.all("[data-person]").size() == 1);
        browser.seeText("[data-person]", "brine_otter");
        browser.see("[aria-label='Everyone again']").click();
        browser.await("everyone again", any -> browser.all("[data-person]").size() > 3);
        browser.seeText("button[aria-pressed]", "drips").click();
        browser.await(
                "the richest first",
                any -> browser.all("[data-person]").get(0).getText().contains("brine_otter"));
    }

    @Test
    @Order(3)
    void aConditionIsTypedKeptAndChosenAgain() {
        show("/people");
        browser.seeText("button", "Only who").click();
        browser.seeText("[data-only] button", "As text").click();
        browser.type("[data-only] textarea", "name.startsWith('brine') && wealth > 3");
        browser.seeText("[data-only] [role=alert]", "wealth");
        browser.type("[data-only] textarea", "name.startsWith('brine') || !(lines >= 0)");
        browser.await("only one", any -> browser.all("[data-person]").size() == 1);
        browser.type("[aria-label='Keep it as']", "Otters");
        browser.seeText("[data-only] button", "Keep it").click();
        browser.seeText("[data-only] button", "Do not keep Otters");
        show("/people");
        browser.see("[aria-label='Kept filters']").sendKeys("Otters");
        browser.await("only one again", any -> browser.all("[data-person]").size() == 1);
        app.post("/api/undo", Map.of());
    }

    @Test
    @Order(3)
    void twoAccountsAreJoinedAndSomebodyIsForgotten() {
        app.say("reed_bunting", "here I am");
        app.say("bunting_two", "and here");
        show("/people/practice:reed_bunting");
        browser.seeText("[aria-label=Accounts] button", "another account").click();
        browser.type("[aria-label='Name of the other account']", "bunting_two");
        browser.seeText("[aria-label=Accounts] button", "Find").click();
        browser.seeText("[data-alike] button", "The same person").click();
        browser.seeText("[data-account]", "bunting_two");
        app.say("bunting_two", "still me");
        app.say("bunting_two", "and again");
        show("/people/practice:reed_bunting");
        browser.await(
                "what the account writes the person writes",
                any -> browser.see("[data-facts]").getText().contains("Lines\n3"));
        browser.seeText("[data-account] button", "Part").click();
        browser.gone("[data-account]");
        browser.type("[aria-label='Read aloud'] input", "reed bunting" + Keys.TAB);
        browser.seeText("[aria-label=Changes]", "is said reed bunting");
        browser.seeText("[aria-label=Person] button", "Forget them").click();
        browser.type("[role=dialog] input", "reed_bunting");
        browser.seeText("[role=dialog] button", "Forget them").click();
        browser.gone("[aria-label=Person]");
        browser.gone("[data-person='practice:reed_bunting']");
        app.post("/api/people/practice:bunting_two/forget", Map.of("name", "bunting_two"));
    }

    @Test
    @Order(4)
    void aCircleOfThoseWhoGaveMostKeepsItself() {
        show("/people/circles");
        app.happen("gift", "lowtide_lou", Map.of("giftWorth", 90, "giftCount", 1), Map.of("giftItem", "Lantern"));
        app.happen("gift", "wickerby", Map.of("giftWorth", 40, "giftCount", 1), Map.of("giftItem", "Honeycomb"));
        show("/people/circles");
        browser.await(
                "who gave most",
                any -> browser.see("[data-circle=givers] [data-now]").getText().startsWith("lowtide_lou 90"));
        browser.see("[data-circle=givers] [aria-label='How many']")
                .sendKeys(Keys.chord(Keys.CONTROL, "a"), "1", Keys.TAB);
        browser.await(
                "only the first",
                any -> browser.all("[data-circle=givers] [data-now] li").size() == 1);
        app.post("/api/undo", Map.of());
    }

    @Test
    @Order(5)
    void aPollRunsAsBarsOnTheStageAndSaysWhatCameOfIt() {
        show("/desks/vote");
        browser.type("[aria-label=Ask] input[maxlength='120']", "Tall or round?");
        browser.type("[aria-label=Ask] input[maxlength='300']", "tall | round");
        browser.seeText("[aria-label=Ask] button", "Ask").click();
        browser.seeText("[aria-label='The poll'] h2", "Tall or round?");
        app.say("wickerby", "1");
        app.say("brine_otter", "round");
        app.say("tallowmoth", "!vote tall");
        browser.seeText("[data-answer=tall]", "2");
        String stage = app.get("/api/stages/main/address").get("address").asString();
        String here = browser.driver().getWindowHandle();
        browser.tab(stage);
        browser.seeText(".fixture.poll .question", "Tall or round?");
        browser.await("two bars", any -> browser.all(".fixture.poll .row").size() == 2);
        browser.driver().close();
        browser.to(here);
        browser.seeText("[aria-label='The poll'] button", "Close it now").click();
        browser.seeText("[data-state]", "tall with 2 of 3 votes");
        desk("points", "drips", "grant", Map.of("name", "marshlight_ines", "amount", "100", "why", "for rewards"));
        show("/channel");
        browser.seeText("body", "tall with 2 of 3 votes");
    }

    @Test
    @Order(6)
    void aPrizeIsDrawnAgainWhereNobodySpeaksUpAndCanBeCheckedByAnybody() {
        show("/desks/draw");
        browser.seeText("[aria-label='The draw'] button", "Let people enter").click();
        browser.see("[data-seal]");
        CROWD.forEach(each -> app.say(each, "!draw"));
        browser.await("six are in", any -> browser.all("[data-entrant]").size() == CROWD.size());
        browser.seeText("[aria-label='The draw'] button", "Close it and draw").click();
        browser.seeText("[data-drawn]", "has time to speak up");
        browser.seeText("[aria-label='The draw'] button", "Draw again").click();
        browser.await("drawn twice", any -> browser.all("[data-drawn]").size() == 2);
        browser.seeText("[data-drawn]", "did not speak up");
        String winner =
                app.get("/api/desks/board?about=draw").at("/face/draws/1/name").asString();
        app.say(winner, "here I am");
        browser.seeText("[data-drawn]", "has it");
        browser.see("[data-seed]");
        browser.see("a[href$='/draw.csv']");
    }

    @Test
    @Order(7)
    void aRewardIsMadeHereRedeemedAcceptedOnceAndGivenBackOnce() {
        show("/desks/reward");
        browser.seeText("summary", "All of it as a form").click();
        browser.seeText("[data-field=rewards] button", "A reward").click();
        browser.see("[data-edit='New reward']");
        browser.await("it is saved", any -> app.sheet("reward").toString().contains("New reward"));
        desk("points", "drips", "grant", Map.of("name", "wickerby", "amount", "400", "why", "for rewards"));
        desk("points", "drips", "grant", Map.of("name", "lowtide_lou", "amount", "400", "why", "for rewards"));
        app.say("wickerby", "!reward name a taper Old Smoke");
        app.say("lowtide_lou", "!reward name a taper <b>Sprig</b>");
        browser.seeText("[data-waits]", "Old Smoke");
        browser.await("both wait", any -> browser.all("[data-waits]").size() == 2);
        browser.seeText("[data-waits] button", "Accept it").click();
        browser.await("one waits", any -> browser.all("[data-waits]").size() == 1);
        browser.seeText("[data-waits]", "<b>Sprig</b>");
        browser.seeText("[data-waits] button", "Give it back").click();
        browser.gone("[data-waits]");
        browser.seeText("[data-past]", "given back");
        show("/people/practice:lowtide_lou");
        browser.seeText("[data-entry]", "Name a taper, given back");
        desk("points", "drips", "grant", Map.of("name", "marshlight_ines", "amount", "100", "why", "for rewards"));
        show("/channel");
        browser.seeText("button", "Rewards").click();
        browser.see("[data-desk=reward][data-reward='Ring the bell'] button").click();
        browser.seeText("[role=status]", "Ring the bell");
        show("/desks/reward");
        browser.seeText("[data-past]", "Ring the bell");
        app.post("/api/undo", Map.of());
    }

    @Test
    @Order(8)
    void theOddsOfAGameAreReadItIsPlayedAndBounded() {
        show("/desks/wheels");
        browser.seeText("h2", "Of a stake, 97.0 % comes back on average");
        browser.seeText("[data-odd]", "three times candle");
        app.say("wickerby", "!wheels 20");
        browser.seeText("[data-play]", "wickerby");
        app.say("brine_otter", "!wheels 5000");
        assertThat(browser.all("[data-play]")).hasSize(1);
    }

    @Test
    @Order(9)
    void aFloodOfStrangersBringsTheShuttersDownAndOnePressLiftsThem() {
        floodAt(40);
        show("/people");
        IntStream.range(0, 60).forEach(i -> app.say("moth_" + i, "!kiln"));
        browser.seeText("[data-shutters]", "40 lines of strangers in 10 s");
        assertThat(app.say("moth_1", "!kiln").get("sentence").asString()).contains("shutters are down");
        assertThat(app.say("wickerby", "!drips").get("sentence").asString()).contains("rang");
        browser.seeText("[data-shutters] button", "Lift them").click();
        browser.gone("[data-shutters]");
        assertThat(app.say("moth_1", "good evening").get("sentence").asString()).doesNotContain("shutters");
    }
}
