package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.directive.Caption;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.SetTarget;
import org.waxbell.directive.Speak;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;
import org.waxbell.event.Tried;
import org.waxbell.event.Viewer;
import org.waxbell.gate.GateAnswer;
import org.waxbell.gate.ReadingGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.Score;
import org.waxbell.score.VoicePart;
import org.waxbell.stage.Stage;
import org.waxbell.voice.Reading;
import org.waxbell.voice.Utterance;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.Wiring;

/** What viewers write is looked at, said one after another in the voice that it should have, and never by whom it may not be. */
class SpeakingTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final Viewer INES = Samples.viewer("marshlight_ines");
    private static final Viewer OTTER = Samples.viewer("brine_otter");
    private Engine engine;

    private static VoicePart voice(String words, boolean earFirst, String caption) {
        return new VoicePart(
                "voice",
                NOW,
                words,
                "",
                0,
                0,
                100,
                "main",
                "voice",
                12_000,
                earFirst,
                caption,
                "corner",
                "beeswax",
                Manner.PLAIN);
    }

    private static Wiring wiring(Cue... cues) {
        Wiring housed = Samples.housed(cues);
        Stage main = housed.stages().get(0);
        Stage sounding = Stage.plain(
                main.id(),
                main.name(),
                main.width(),
                main.height(),
                main.spots(),
                List.of(new Outlet("voice", "Voice", new BusyRule.Wait(5, 60_000), List.of(), 100, false, "mic", 30)));
        return new Wiring(housed.house(), housed.racks(), housed.cues(), List.of(sounding), housed.shelf());
    }

    @BeforeEach
    void start() {
        Cue say = Samples.saying(
                Samples.cue(
                        "say",
                        List.of("!say"),
                        List.of(),
                        voice("{viewer} says {argument}", false, "words"),
                        Samples.says("after", new Anchor.After("voice", 100), "said it")),
                new HeldAnswer(ReadingGate.NAME, "{viewer}: {reason}"));
        Cue ask = Samples.cue("ask", List.of("!ask"), List.of(), voice("{viewer} asks {argument}", true, ""));
        Wiring wiring = wiring(say, ask);
        assertThat(CueCheck.check(wiring, say, Calendars.NONE)).isEmpty();
        engine = Samples.engine(new CueBook(wiring), EngineState.fresh(5));
    }

    private Outcome write(long at, Viewer who, String text) {
        return engine.accept(at, Samples.line(who, text));
    }

    private Outcome act(long at, String name, String... with) {
        Map<String, String> fields = new TreeMap<>();
        for (int i = 0; i < with.length; i += 2) {
            fields.put(with[i], with[i + 1]);
        }
        return engine.accept(at, Facts.ASKED.by(Actor.HOST, Reading.DESK, Reading.DESK, name, fields, name));
    }

    private static List<Speak> spoken(Outcome... outcomes) {
        return Arrays.stream(outcomes)
                .flatMap(each -> each.directives().stream())
                .filter(Speak.class::isInstance)
                .map(Speak.class::cast)
                .toList();
    }

    private static GateAnswer last(Outcome outcome) {
        List<GateAnswer> gates = outcome.decisions().get(0).cues().get(0).gates();
        return gates.get(gates.size() - 1);
    }

    @Test
    void whatIsWrittenIsSaidAndCanBeRead() {
        Speak speak = spoken(write(1_000, INES, "!say good evening all, see https://example.org"))
                .get(0);
        assertThat(speak.what())
                .isEqualTo(new Utterance("marshlight_ines says good evening all, see a link", "", 100, 100));
        Caption caption = speak.caption().orElseThrow();
        assertThat(caption.byWord()).isTrue();
        assertThat(caption.words()).extracting(Caption.Word::text).containsSequence("see", "a", "link");
        assertThat(caption.words()).extracting(Caption.Word::share).isSorted().startsWith(0.0);
    }

    @Test
    void senselessLettersAreKeptOutAndAnswered() {
        Outcome outcome = write(1_000, OTTER, "!say sdfjkhsdfkjh wvbnmq");
        assertThat(last(outcome).reason()).startsWith("kept out: letters that make no words");
        assertThat(last(outcome).numbers()).containsKey("strangeTenths");
        assertThat(outcome.directives())
                .filteredOn(SayInChat.class::isInstance)
                .extracting(each -> ((SayInChat) each).text())
                .singleElement()
                .asString()
                .startsWith("brine_otter: kept out: ");
        assertThat(spoken(outcome)).isEmpty();
    }

    @Test
    void theNextWaitsUntilTheFirstWasHeardToItsEnd() {
        Speak first = spoken(write(1_000, INES, "!say one")).get(0);
        assertThat(spoken(write(1_100, OTTER, "!say two"))).isEmpty();
        engine.completed(1_300, first.partRun(), Completion.measured(3_000));
        long end = first.meantFor() + 3_000;
        assertThat(spoken(engine.wake(end - 200))).isEmpty();
        Outcome then = engine.wake(end);
        assertThat(spoken(then)).extracting(each -> each.what().text()).containsExactly("brine_otter says two");
        assertThat(spoken(then).get(0).meantFor()).isBetween(end, end + 100);
        assertThat(engine.wake(end + 150).directives())
                .filteredOn(SayInChat.class::isInstance)
                .hasSize(1);
    }

    @Test
    void whatCannotBeMadeFailsWithItsReasonAndTheNextIsHeard() {
        Speak first = spoken(write(1_000, INES, "!say one")).get(0);
        write(1_100, OTTER, "!say two");
        Outcome failed = engine.completed(1_300, first.partRun(), Completion.failed("the program is gone"));
        assertThat(spoken(failed, engine.wake(1_400))).hasSize(1);
    }

    @Test
    void whoIsBlockedIsNotSpokenForUntilTheyAreLetAgain() {
        act(500, Reading.BLOCK, "name", "@Brine_Otter");
        assertThat(last(write(1_000, OTTER, "!say hello")).reason()).isEqualTo("nothing is said for brine_otter");
        assertThat(spoken(write(1_100, INES, "!say hello"))).hasSize(1);
        act(1_200, Reading.UNBLOCK, "name", "brine_otter");
        assertThat(last(write(20_000, OTTER, "!say hello")).passed()).isTrue();
    }

    @Test
    void aPersonHasAVoiceOfTheirOwn() {
        act(500, Reading.OWN, "name", "brine_otter", "voice", "deep", "speed", "90", "pitch", "70");
        assertThat(spoken(write(1_000, OTTER, "!say hello")))
                .extracting(Speak::what)
                .containsExactly(new Utterance("brine_otter says hello", "deep", 90, 70));
    }

    @Test
    void whatTheHostHearsFirstWaitsAndIsLetThroughByHand() {
        Outcome asked = write(1_000, OTTER, "!ask why is it green");
        assertThat(last(asked).reason()).isEqualTo("waits for you: you hear it first");
        assertThat(last(asked).numbers()).containsEntry(ReadingGate.WAITS, 1L);
        assertThat(spoken(asked)).isEmpty();
        Outcome let = engine.accept(
                2_000, new Tried("ask", "Ask", true, Samples.line(OTTER, "!ask why is it green"), Actor.HOST));
        assertThat(spoken(let))
                .extracting(each -> each.what().text())
                .containsExactly("brine_otter asks why is it green");
    }

    @Test
    void whilePausedEverythingWaits() {
        act(500, Reading.PAUSE);
        assertThat(last(write(1_000, INES, "!say one")).reason()).isEqualTo("waits for you: the voice is paused");
        act(1_500, Reading.RESUME);
        assertThat(spoken(write(20_000, INES, "!say one"))).hasSize(1);
    }

    @Test
    void hushEndsItAndDropsWhatWaits() {
        write(1_000, INES, "!say one");
        write(1_100, OTTER, "!say two");
        Outcome hushed = engine.hush(1_500, Actor.HOST);
        assertThat(hushed.directives()).hasAtLeastOneElementOfType(HushAll.class);
        assertThat(spoken(hushed, engine.wake(60_000))).isEmpty();
    }

    private static List<String> levels(Outcome... outcomes) {
        return Arrays.stream(outcomes)
                .flatMap(each -> each.directives().stream())
                .filter(SetTarget.class::isInstance)
                .map(each -> ((SetTarget) each).target().name() + " " + ((SetTarget) each).value())
                .toList();
    }

    @Test
    void aSourceOfTheMixerIsSofterMeanwhileAndPutBackAfter() {
        engine.accept(500, Facts.SWITCHED.by(Actor.MIXER, new Target(Target.Kind.LEVEL, "mic"), "80"));
        Outcome begun = write(1_000, INES, "!say one");
        assertThat(levels(begun)).containsExactly("mic 30");
        Speak speak = spoken(begun).get(0);
        engine.completed(1_200, speak.partRun(), Completion.measured(2_000));
        assertThat(levels(engine.wake(speak.meantFor() + 1_900))).isEmpty();
        assertThat(levels(engine.wake(speak.meantFor() + 2_000))).containsExactly("mic 80");
        write(30_000, INES, "!say two");
        assertThat(levels(engine.hush(30_500, Actor.HOST))).containsExactly("mic 80");
    }

    @Test
    void giftsAreThankedWithTheRightPluralAndOneSaysSomethingElse() {
        Take lantern = new Take(
                "lantern",
                "Lantern",
                "gift.item == \"Lantern\"",
                1,
                "",
                new Score(List.of(voice("A lantern from {viewer}, how bright it is", false, ""))));
        Take other = Take.only(new Score(List.of(
                voice("{viewer} sent {giftCount, plural, one {a {giftItem}} other {# of {giftItem}}}", false, ""))));
        Cue thanks = Samples.taking(
                Samples.pulledBy(
                        Samples.cue("thanks", List.of(), List.of()),
                        new EventPull("gift", Map.of("giftWorth", 50L), Map.of())),
                TakeRule.FIRST,
                lantern,
                other);
        Wiring wiring = wiring(thanks);
        assertThat(CueCheck.check(wiring, thanks, Calendars.NONE)).isEmpty();
        engine = Samples.engine(new CueBook(wiring), EngineState.fresh(5));
        assertThat(spoken(gift(1_000, "Honeycomb", 50, 3)))
                .extracting(each -> each.what().text())
                .containsExactly("brine_otter sent 3 of Honeycomb");
        engine.hush(1_500, Actor.HOST);
        assertThat(spoken(gift(2_000, "Lantern", 80, 1)))
                .extracting(each -> each.what().text())
                .containsExactly("A lantern from brine_otter, how bright it is");
        engine.hush(2_500, Actor.HOST);
        assertThat(spoken(gift(3_000, "Honeycomb", 49, 1))).isEmpty();
    }

    private Outcome gift(long at, String item, long worth, long count) {
        return engine.accept(at, Facts.GIFT.from("practice", OTTER, item, worth, count));
    }

    @Test
    void whatAViewerHadWrittenOnTheSlateIsLookedAtWhenItIsSaid() {
        Cue wish = Samples.cue("wish", List.of("!wish"), List.of(), voice("{viewer} wants {slateWish}", false, ""));
        engine = Samples.engine(new CueBook(wiring(wish)), EngineState.fresh(5));
        engine.accept(500, Facts.SLATE_WRITTEN.by(Actor.HOST, "wish", INES.id(), "see www.example.org"));
        engine.accept(600, Facts.SLATE_WRITTEN.by(Actor.HOST, "wish", OTTER.id(), "sdfjkhsdfkjh wvbnmq"));
        assertThat(spoken(write(1_000, INES, "!wish")))
                .extracting(each -> each.what().text())
                .containsExactly("marshlight_ines wants see a link");
        engine.hush(1_500, Actor.HOST);
        assertThat(spoken(write(2_000, OTTER, "!wish"), engine.wake(2_500))).isEmpty();
    }
}
