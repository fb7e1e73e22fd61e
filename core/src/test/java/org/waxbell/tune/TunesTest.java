package org.waxbell.tune;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.desk.OnDesk.viewer;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.catalogue.Tune;
import org.waxbell.check.Problems;
import org.waxbell.desk.Answer;
import org.waxbell.desk.GoldenDesk;
import org.waxbell.desk.OnDesk;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;
import org.waxbell.state.Memory;

class TunesTest {
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer MOTH = viewer("tallowmoth", 3);
    private final OnTunes on = new OnTunes(Map.of());

    @Test
    void whatIsMisspelledIsSureAndQueuedWithPlaceAndTime() {
        on.ask("start");
        assertThat(on.say(OTTER, "!tune the brine lanten"))
                .contains("The Brine Lantern by The Late Ferries is number 1, in less than a minute");
        assertThat(on.plays()).isEqualTo("The Brine Lantern");
        assertThat(on.say(MOTH, "!tune https://tunes.example.org/tidesong/"))
                .contains("Tidesong by Kit Saltby is number 1");
        assertThat(on.waiting()).containsExactly("Tidesong");
        assertThat(on.say(OTTER, "!tunenow"))
                .contains("Now: The Brine Lantern", "asked for by brine_otter", "Next: Tidesong", "1 waits");
    }

    @Test
    void whatIsUnsureIsAskedBackAndAnsweredByANumberAlone() {
        String asked = on.say(OTTER, "!tune lantern");
        assertThat(asked).contains("which one? 1 ", ", 2 ", ", 3 ", "Write its number");
        on.at += 2_000;
        Outcome other = on.engine.accept(on.at, Samples.line(MOTH, "2"));
        assertThat(OnDesk.said(other))
                .as("who was asked nothing chooses nothing")
                .isEmpty();
        String chosen = OnDesk.said(on.engine.accept(on.at, Samples.line(OTTER, "2")));
        assertThat(chosen).startsWith("brine_otter, ").contains("is number 1");
        assertThat(asked).contains("2 " + chosen.substring(13, chosen.indexOf(" is number")));
        assertThat(OnDesk.said(on.engine.accept(on.at, Samples.line(OTTER, "2"))))
                .as("it was answered")
                .isEmpty();
        on.say(MOTH, "!tune lantern");
        on.pass(120);
        assertThat(OnDesk.said(on.engine.accept(on.at, Samples.line(MOTH, "1"))))
                .as("a question is open for a while alone")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "'', write a title or a link",
        "xyzzy plugh, no tune is called anything like that",
        "https://tunes.example.org/nowhere, that link leads to no tune here",
        "http://127.0.0.1:8080/api, that link leads to no tune here",
        "http://[::1]/x, that link leads to no tune here",
        "The Long Ebb, The Long Ebb is longer than 6 min",
        "The Harbour Reed, The Harbour Reed may not be played on air: All rights reserved",
        "<b>, no tune is called anything like that",
        "Nocturne 7, Nocturne 7 by Sallow Street is not wanted here",
        "Slow Wax, Slow Wax by Ines Calder is not wanted here",
    })
    void whatCannotBeIsToldWhy(String words, String answer) {
        OnTunes strict = new OnTunes(Map.of("unwelcome", List.of("nocturne 7", "Ines Calder")));
        assertThat(strict.say(OTTER, "!tune " + words)).contains(answer);
        assertThat(strict.waiting()).isEmpty();
        assertThat(strict.say(OTTER, "!tune " + "wax ".repeat(120))).isNotEmpty();
    }

    @Test
    void limitsAreToldAndTheHostIsBoundByNone() {
        OnTunes small = new OnTunes(Map.of("each", 2, "most", 3, "perHour", 3, "who", Standing.FOLLOWER));
        assertThat(small.say(new Viewer("practice:pip", "pip", Set.of(Standing.ANYONE), 0), "!tune Tidesong"))
                .contains("tunes are for followers");
        small.say(OTTER, "!tune Tidesong");
        small.say(OTTER, "!tune Tide Song");
        assertThat(small.say(OTTER, "!tune Slow Wax")).contains("2 of yours wait already");
        assertThat(small.say(MOTH, "!tune tidesong")).contains("Tidesong is asked for already: number 1");
        small.say(MOTH, "!tune Slow Wax");
        assertThat(small.say(MOTH, "!tune Lantern Street")).contains("3 wait already");
        assertThat(small.ask("ask", "words", "practice/lantern-street"))
                .contains("Lantern Street by Bram Oakhurst is number 4");
        assertThat(small.ask("ask", "words", "The Long Ebb")).contains("number 5");
        small.ask("clear");
        small.say(OTTER, "!tune Tidal Song");
        small.ask("start");
        small.toTheEnd();
        assertThat(small.say(OTTER, "!tune Tidal Song")).contains("was played lately");
    }

    @Test
    void nobodyAsksForMoreThanSoManyInAnHour() {
        OnTunes hourly = new OnTunes(Map.of("perHour", 2, "each", 0, "repeatMs", 0L));
        hourly.ask("start");
        hourly.say(OTTER, "!tune Tidesong");
        hourly.say(OTTER, "!tune Tide Song");
        assertThat(hourly.say(OTTER, "!tune Slow Wax")).contains("you asked for 2 within an hour");
        hourly.toTheEnd();
        hourly.toTheEnd();
        assertThat(hourly.say(OTTER, "!tune Slow Wax")).contains("you asked for 2 within an hour");
        hourly.pass(3_600);
        assertThat(hourly.say(OTTER, "!tune Slow Wax")).contains("is number 1");
    }

    @Test
    void thePriceIsGivenBackWheneverItIsNotPlayed() {
        OnTunes dear = new OnTunes(Map.of("price", 40L));
        assertThat(dear.say(OTTER, "!tune Tidesong")).contains("that costs 40").contains("you have fewer");
        TunesState state =
                dear.state().with(new Request(7, 7, OnTunes.tune("Tidesong"), OTTER.id(), OTTER.name(), dear.at, 40));
        for (String act : List.of("remove", "clear", "ban")) {
            Answer<TunesState> answer = dear.conduct(state, act);
            assertThat(answer.refused()).as(act).isFalse();
            assertThat(answer.points()).as(act).hasSize(1);
            assertThat(answer.points().get(0).amount()).isEqualTo(40);
            TunesState back = dear.conduct(answer.next(), "undo").next();
            assertThat(back.asked().at(0).price())
                    .as("what comes back was paid back")
                    .isZero();
        }
        assertThat(dear.unask(state, OTTER).points().get(0).amount()).isEqualTo(40);
        assertThat(dear.conduct(state, "start").points())
                .as("what plays was paid for")
                .isEmpty();
    }

    @Test
    void theFallbackListCoversAllBeforeAnyComesAgainAndGivesWay() {
        List<String> ids = on.list(7);
        on.ask("start");
        List<String> heard = new ArrayList<>();
        for (int i = 0; i < 28; i++) {
            heard.add(on.state().head().playing().orElseThrow().tune().id());
            on.toTheEnd();
            if (i % 3 == 0) {
                on.restart();
            }
        }
        for (int round = 0; round < 4; round++) {
            assertThat(heard.subList(7 * round, 7 * round + 7)).containsExactlyInAnyOrderElementsOf(ids);
        }
        for (int i = 1; i < heard.size(); i++) {
            assertThat(heard.get(i)).isNotEqualTo(heard.get(i - 1));
        }
        String before = on.plays();
        on.ask("ask", "words", "practice/nocturne-17");
        assertThat(on.plays()).as("it gives way after its tune").isEqualTo(before);
        on.toTheEnd();
        assertThat(on.plays()).isEqualTo("Nocturne 17");
        on.toTheEnd();
        assertThat(on.state().head().playing().orElseThrow().fallback()).isTrue();
        OnTunes atOnce = new OnTunes(Map.of("givesWay", GivesWay.NOW));
        atOnce.list(3);
        atOnce.ask("start");
        atOnce.pass(10);
        atOnce.ask("ask", "words", "practice/nocturne-17");
        assertThat(atOnce.plays()).isEqualTo("Nocturne 17");
        assertThat(atOnce.board().past().get(0).how()).isEqualTo(PastTune.How.GAVE_WAY);
        assertThat(atOnce.board().past().get(0).playedMs()).isEqualTo(10_000);
    }

    @Test
    void votesAreOnePerPersonAmongThosePresent() {
        List<Viewer> here = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            here.add(viewer("viewer_" + i));
        }
        on.ask("ask", "words", "The Long Ebb");
        on.ask("ask", "words", "practice/nocturne-17");
        on.ask("start");
        here.forEach(each -> on.say(each, "good evening"));
        assertThat(on.say(here.get(0), "!tunevote")).contains("noted: 1 of 3 want the next");
        assertThat(on.say(here.get(0), "!tunevote")).contains("you voted already");
        assertThat(on.say(here.get(1), "!tunevote")).contains("2 of 3");
        assertThat(on.say(here.get(2), "!tunevote")).contains("3 of 3: on to the next");
        assertThat(on.plays()).isEqualTo("Nocturne 17");
        assertThat(on.board().past().get(0).how()).isEqualTo(PastTune.How.VOTED);
        assertThat(on.board().votes()).isZero();
        on.say(here.get(3), "!tunevote");
        on.ask("pause");
        on.pass(601);
        on.say(here.get(4), "good evening");
        assertThat(on.say(here.get(4), "!tunevote"))
                .as("one vote of who left, one of one present")
                .contains("1 of 1");
        on.ask("stop");
        assertThat(on.say(here.get(0), "!tunevote")).contains("nothing to vote on");
    }

    @Test
    void whoLeftIsForgottenThoughNoLineLooksAtEverybody() {
        for (int i = 0; i < 300; i++) {
            on.engine.accept(on.at, Samples.line(viewer("early_" + i), "good evening"));
        }
        assertThat(on.state().present().size()).isEqualTo(300);
        on.pass(3 * 3_600);
        for (int i = 0; i < 300; i++) {
            on.engine.accept(on.at, Samples.line(viewer("late_" + i), "good evening"));
            assertThat(on.state().present().get("practice:late_" + i)).isPresent();
        }
        assertThat(on.state().present().size())
                .as("those of now, and few others")
                .isLessThan(300 + 60);
    }

    @Test
    void itIsPausedGoesOnAndStandsWhereItStoodAfterARestart() {
        on.ask("ask", "words", "practice/tidesong");
        on.ask("start");
        on.pass(20);
        assertThat(on.ask("pause")).contains("Tidesong by Kit Saltby is paused");
        assertThat(on.ask("pause")).contains("Nothing plays that could be paused");
        on.pass(1_000);
        on.restart();
        assertThat(on.state().head().playing().orElseThrow().place(on.at)).isEqualTo(20_000);
        assertThat(on.ask("start")).contains("goes on");
        on.pass(10);
        on.restart();
        assertThat(on.state().head().playing().orElseThrow().place(on.at)).isEqualTo(30_000);
        on.pass(500);
        assertThat(on.plays()).isEmpty();
        assertThat(on.board().past().get(0).how()).isEqualTo(PastTune.How.PLAYED);
        assertThat(on.ask("skip")).contains("Nothing plays");
        assertThat(on.ask("volume", "percent", "30")).contains("30 %");
        assertThat(on.face().volume()).isEqualTo(30);
    }

    @Test
    void hushPausesWhatIsHeard() {
        on.ask("ask", "words", "practice/tidesong");
        on.ask("start");
        on.pass(20);
        on.engine.hush(on.at, Actor.HOST);
        assertThat(on.face().now().orElseThrow().paused()).isEqualTo(on.at);
        on.pass(500);
        assertThat(on.ask("start")).contains("Tidesong by Kit Saltby goes on");
        assertThat(on.state().head().playing().orElseThrow().place(on.at)).isEqualTo(20_000);
    }

    @Test
    void oneFollowsTheOtherWithoutAGapAndPagesKnowItBefore() {
        OnTunes fading = new OnTunes(Map.of("crossMs", 2_000L));
        fading.ask("ask", "words", "practice/tidesong");
        fading.ask("ask", "words", "practice/nocturne-17");
        fading.ask("start");
        long began = fading.state().head().playing().orElseThrow().began();
        long begins = began + OnTunes.tune("Tidesong").lengthMs() - 2_000;
        TunesFace.Sounding after = fading.face().after().orElseThrow();
        assertThat(after.tune().title()).isEqualTo("Nocturne 17");
        assertThat(after.began()).isEqualTo(begins);
        fading.at = begins + 700;
        fading.engine.wake(fading.at);
        assertThat(fading.plays()).isEqualTo("Nocturne 17");
        assertThat(fading.state().head().playing().orElseThrow().began()).isEqualTo(begins);
    }

    @Test
    void whatIsNotThereAnyMoreIsPassedOverAndSaidSo() {
        Tune lost = new Tune("shelf/gone", "Gone", "", 60_000, "", "", 0, false);
        TunesState state = on.state()
                .with(new Request(1, 1, lost, OTTER.id(), OTTER.name(), on.at, 25))
                .with(new Request(2, 2, OnTunes.tune("Tidesong"), "", "", on.at, 0));
        Answer<TunesState> answer = on.conduct(state, "start");
        assertThat(answer.next().head().playing().orElseThrow().tune().title()).isEqualTo("Tidesong");
        assertThat(answer.points().get(0).amount()).isEqualTo(25);
        assertThat(answer.told().toString()).contains("lost");
        assertThat(answer.next().past().at(0).how()).isEqualTo(PastTune.How.LOST);
    }

    @Test
    void theHostMovesKeepsDropsAndTakesBack() {
        for (String title : List.of("tidesong", "tide-song", "nocturne-17")) {
            on.ask("ask", "words", "practice/" + title);
        }
        assertThat(on.ask("move", "number", "3", "to", "1")).contains("Nocturne 17 was moved");
        assertThat(on.waiting()).containsExactly("Nocturne 17", "Tidesong", "Tide Song");
        on.ask("undo");
        assertThat(on.waiting()).containsExactly("Tidesong", "Tide Song", "Nocturne 17");
        on.ask("remove", "number", "2");
        on.ask("start");
        on.ask("undo");
        assertThat(on.waiting()).as("what plays stays").containsExactly("Tide Song", "Nocturne 17");
        assertThat(on.ask("keep")).contains("Tidesong is kept on your list");
        assertThat(on.ask("keep")).contains("is on your list already");
        assertThat(on.ask("keep", "tune", "practice/none")).contains("no such tune");
        assertThat(on.ask("drop", "number", "9")).contains("not on your list");
        assertThat(on.ask("drop", "number", "1")).contains("Tidesong is off your list");
        on.ask("undo");
        assertThat(on.board().kept()).hasSize(1);
        assertThat(on.ask("remove", "number", "99")).contains("Number 99 does not wait");
        on.say(OTTER, "!tune Lantern Street");
        assertThat(on.say(Samples.SEDGE, "!tuneban brine_otter")).contains("asks for no more tunes");
        assertThat(on.waiting()).doesNotContain("Lantern Street");
        assertThat(on.say(OTTER, "!tune Lantern Street")).contains("you cannot ask for tunes");
        assertThat(on.say(Samples.SEDGE, "!tuneban nobody")).contains("asked for nothing here");
        assertThat(on.ask("unban", "name", "@Brine_Otter")).contains("may ask again");
        on.say(OTTER, "!tune Lantern Street");
        assertThat(on.say(OTTER, "!tunewhen")).contains("1 Lantern Street by Bram Oakhurst");
        assertThat(on.say(OTTER, "!tuneback")).contains("Lantern Street was taken back");
        assertThat(on.say(OTTER, "!tuneback")).contains("nothing of yours waits");
    }

    @Test
    void theLogHasLicencesAndNoCellIsAFormula() {
        on.ask("ask", "words", "practice/the-brine-lantern");
        on.ask("start");
        on.toTheEnd();
        assertThat(PlayLog.written(on.state()))
                .startsWith("number,began,seconds,title,maker,licence,link,asked by,how\r\n1,")
                .contains(
                        ",108,\"The Brine Lantern\",\"The Late Ferries\",\"CC-BY-4.0\",\"https://tunes.example.org/the-brine-lantern\",\"\",played");
    }

    @Test
    void anEveningOfTunesGoesAsWritten() throws IOException {
        new GoldenDesk(on, () -> "plays " + on.plays() + " wait " + on.waiting()).goesAsWritten("an-evening-of-tunes");
    }

    @RepeatedTest(6)
    void keptAndRestoredAtAnyStepNothingLaterIsOther(RepetitionInfo run) {
        OnTunes one = new OnTunes(Map.of("repeatMs", 0L, "perHour", 0));
        OnTunes other = new OnTunes(Map.of("repeatMs", 0L, "perHour", 0));
        one.list(5);
        other.list(5);
        Random first = new Random(run.getCurrentRepetition());
        Random second = new Random(run.getCurrentRepetition());
        Memory kept = new Memory(one.engine.save().memory());
        for (int i = 0; i < 120; i++) {
            Outcome here = anything(one, first);
            here.changes().forEach(kept::take);
            assertThat(anything(other, second).decisions()).isEqualTo(here.decisions());
            assertThat(new TunesDesk().restored("tune", kept)).isEqualTo(one.state());
            other.restart();
        }
        assertThat(other.state()).isEqualTo(one.state());
    }

    private static Outcome anything(OnTunes on, Random random) {
        on.at += 1_000 + random.nextInt(50_000);
        Viewer viewer = viewer("viewer_" + random.nextInt(6));
        String number = Integer.toString(1 + random.nextInt(20));
        return switch (random.nextInt(12)) {
            case 0, 1, 2 -> on.engine.accept(on.at, Samples.line(viewer, "!tune " + Titles.any(random)));
            case 3 -> on.engine.accept(on.at, Samples.line(viewer, Integer.toString(1 + random.nextInt(4))));
            case 4 -> on.engine.accept(on.at, Samples.line(viewer, "!tunevote"));
            case 5 -> on.engine.accept(on.at, Samples.line(viewer, "!tuneback"));
            case 6 -> on.host(random.nextBoolean() ? "start" : "pause");
            case 7 -> on.host(random.nextInt(4) == 0 ? "stop" : "skip");
            case 8 -> on.host("move", "number", number, "to", Integer.toString(1 + random.nextInt(5)));
            case 9 -> on.host(random.nextBoolean() ? "keep" : "undo");
            case 10 -> on.host(random.nextBoolean() ? "remove" : "drop", "number", number);
            default -> on.engine.wake(on.at);
        };
    }

    private static final class Titles {
        static String any(Random random) {
            List<Tune> all = OnTunes.CATALOGUE.all();
            String title = all.get(random.nextInt(all.size())).title();
            return random.nextInt(4) == 0 ? title.split(" ")[0] : title;
        }
    }

    @Test
    void badDocumentsSayWhatIsWrong() {
        Problems problems = new Problems();
        Records.with(OnTunes.TUNES, Map.of("licences", List.of(), "voteShare", 0, "longestMs", 5L))
                .check(problems);
        assertThat(problems.found().toString()).contains("No licence clears a tune", "voteShare", "longestMs");
        Problems none = new Problems();
        OnTunes.TUNES.check(none);
        assertThat(none.found()).isEmpty();
    }
}
