package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Origin;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.clip.HandMark;
import org.waxbell.cue.Cue;
import org.waxbell.cue.MarkPull;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.SetMark;
import org.waxbell.directive.SetTarget;
import org.waxbell.event.CueRang;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.event.Tried;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.journal.CueAnswer;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.SwitchPart;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;

/** What a person does to rings and to the slate: tries, plays again, skips, ends, writes. */
class ByHandTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final long T0 = 5_000_000;

    private static Engine engine(Cue... cues) {
        return Samples.engine(new CueBook(Samples.housed(cues)), EngineState.fresh(9));
    }

    private static CueAnswer only(Outcome outcome) {
        assertThat(outcome.decisions()).hasSize(1);
        assertThat(outcome.decisions().get(0).cues()).hasSize(1);
        return outcome.decisions().get(0).cues().get(0);
    }

    private static Tried tried(String text, boolean past) {
        return new Tried("t", "T", past, Samples.line(Samples.INES, text), Actor.HOST);
    }

    @Test
    void aTriedCueAsksItsGatesAndNoOtherCueHearsOfIt() {
        Engine engine = engine(
                Samples.cue("t", List.of("!t"), List.of(new CooldownGate(9_000, 0)), Samples.reply("r", NOW)),
                Samples.cue("other", List.of("!pour"), List.of(), Samples.reply("r", NOW)));
        assertThat(only(engine.accept(T0, tried("!pour", false))).sentence()).isEqualTo("rang T");
        assertThat(only(engine.accept(T0 + 1_000, tried("!pour", false))).sentence())
                .isEqualTo("held T · resting, 8 s to go");
    }

    @Test
    void pastItsGatesItCostsNothingAndNoCooldownCountsIt() {
        Engine engine = engine(Samples.cue(
                "t",
                List.of("!t"),
                List.of(
                        new WhoGate(Set.of(Standing.HOST), 0, List.of(), List.of(), List.of()),
                        new CooldownGate(60_000, 0),
                        new PriceGate(500)),
                Samples.reply("r", NOW)));
        Outcome first = engine.accept(T0, tried("!t", true));
        assertThat(only(first).gates())
                .singleElement()
                .satisfies(gate -> assertThat(gate.reason()).isEqualTo("past its gates, by hand"));
        assertThat(first.directives()).hasAtLeastOneElementOfType(SayInChat.class);
        assertThat(only(engine.accept(T0 + 10, tried("!t", true))).held()).isFalse();
        assertThat(engine.save().memory().all(Books.LETS)).isEmpty();
        assertThat(engine.save().memory().all(Books.PENDING)).isEmpty();
    }

    @Test
    void aCueThatIsGoneIsSaidAndACauseIsNeverWrappedTwice() {
        Engine engine = engine();
        assertThat(engine.accept(T0, tried("!t", true)).decisions())
                .singleElement()
                .satisfies(each -> assertThat(each.sentence()).isEqualTo("there is no such cue any more"));
        Tried twice =
                new Tried("t", "T", false, new CueRang("x", "X", true, Samples.line(Samples.INES, "!t")), Actor.HOST);
        assertThat(new Tried("t", "T", true, twice, Actor.HOST).cause()).isEqualTo(Samples.line(Samples.INES, "!t"));
    }

    @Test
    void whatIsToldOfALampOnlyAfterACueSwitchedItIsWhatItIsPutBackTo() {
        Target bench = new Target(Target.Kind.LAMP, "Bench");
        SwitchPart breathes = new SwitchPart("lamp", NOW, 6_000, bench, "breathe #c8841a", false, Manner.PLAIN);
        for (String told : List.of("#ffe0a8 70", "#c8841a 40")) {
            Engine engine = engine(Samples.cue("t", List.of("!t"), List.of(), breathes));
            engine.accept(T0, Samples.line(Samples.INES, "!t"));
            engine.accept(T0 + 10, Facts.switched(Actor.link("room"), bench, told));
            assertThat(engine.wake(T0 + 7_000).directives().stream()
                            .filter(SetTarget.class::isInstance)
                            .map(each -> ((SetTarget) each).value())
                            .toList())
                    .as("what it does for us tells nothing of before")
                    .isEqualTo(told.startsWith("#ffe0a8") ? List.of(told) : List.of());
        }
    }

    @Test
    void whatPlaysIsEndedOnItsStageAndWhatItSwitchedIsPutBack() {
        SwitchPart away =
                new SwitchPart("away", NOW, 9_000, new Target(Target.Kind.RACK, "bench"), "off", false, Manner.PLAIN);
        Engine engine = engine(Samples.cue("t", List.of("!t"), List.of(), Samples.card("card", NOW, 9_000), away));
        long ring = only(engine.accept(T0, Samples.line(Samples.INES, "!t"))).ring();
        engine.wake(T0 + 500);
        Outcome stopped = engine.stop(T0 + 1_000, ring, Actor.HOST);
        assertThat(stopped.directives()).hasAtLeastOneElementOfType(EndPart.class);
        assertThat(stopped.decisions().get(0).sentence()).isEqualTo("ended T by hand");
        assertThat(engine.save().rings()).isEmpty();
        assertThat(only(engine.accept(T0 + 1_100, Samples.line(Samples.INES, "!t")))
                        .sentence())
                .isEqualTo("rang T");
        assertThat(engine.stop(T0 + 1_200, 99, Actor.HOST).decisions().get(0).sentence())
                .isEqualTo("it is over already");
    }

    @Test
    void whatWaitsGoesBeforeTheOthersWhereThatIsWished() {
        Engine engine = engine(
                Samples.cue("a", List.of("!a"), List.of(), Samples.card("card", NOW, 6_000)),
                Samples.cue("b", List.of("!b"), List.of(), Samples.card("card", NOW, 5_000)),
                Samples.cue("c", List.of("!c"), List.of(), Samples.card("card", NOW, 4_000)));
        long plays = only(engine.accept(T0, Samples.line(Samples.INES, "!a"))).ring();
        long second =
                only(engine.accept(T0 + 10, Samples.line(Samples.INES, "!b"))).ring();
        long third =
                only(engine.accept(T0 + 20, Samples.line(Samples.INES, "!c"))).ring();
        long next = start(engine, second);
        engine.wake(T0 + 500);
        assertThat(engine.hasten(T0 + 600, third, Actor.HOST).decisions().get(0).sentence())
                .isEqualTo("C goes first of what waits, by hand");
        assertThat(start(engine, third)).isEqualTo(next);
        assertThat(start(engine, second)).isEqualTo(next + 4_000);
        assertThat(engine.hasten(T0 + 700, plays, Actor.HOST).decisions().get(0).sentence())
                .isEqualTo("A plays already");
        assertThat(engine.hasten(T0 + 800, 99, Actor.HOST).decisions().get(0).sentence())
                .isEqualTo("it is over already");
    }

    @Test
    void whatWaitsIsSkippedGivesItsCooldownBackAndLetsTheNextMoveUp() {
        Engine engine = engine(
                Samples.cue("a", List.of("!a"), List.of(), Samples.card("card", NOW, 6_000)),
                Samples.cue("t", List.of("!t"), List.of(new CooldownGate(60_000, 0)), Samples.card("card", NOW, 6_000)),
                Samples.cue("c", List.of("!c"), List.of(), Samples.card("card", NOW, 6_000)));
        engine.accept(T0, Samples.line(Samples.INES, "!a"));
        long waits =
                only(engine.accept(T0 + 10, Samples.line(Samples.INES, "!t"))).ring();
        long behind =
                only(engine.accept(T0 + 20, Samples.line(Samples.INES, "!c"))).ring();
        long before = start(engine, behind);
        assertThat(engine.stop(T0 + 30, waits, Actor.HOST).decisions().get(0).sentence())
                .isEqualTo("skipped T by hand");
        assertThat(start(engine, behind)).isEqualTo(before - 6_000);
        assertThat(only(engine.accept(T0 + 40, Samples.line(Samples.INES, "!t")))
                        .sentence())
                .startsWith("rang T");
    }

    private static long start(Engine engine, long ring) {
        return engine.save().rings().stream()
                .filter(each -> each.number() == ring)
                .findFirst()
                .orElseThrow()
                .start();
    }

    @Test
    void whatAPersonWritesOnTheSlateRingsTheCueThatWaitsForItsMark() {
        Cue mark = Samples.pulledBy(
                Samples.cue("m", List.of(), List.of(), Samples.reply("r", NOW)), new MarkPull("pours", 10, true));
        Engine engine = engine(mark);
        Outcome written = engine.accept(T0, Facts.SLATE_WRITTEN.by(Actor.HOST, "pours", "", "12"));
        assertThat(written.decisions()).extracting(each -> each.sentence()).containsExactly("noted", "rang M");
        assertThat(engine.accept(T0 + 1, Facts.SLATE_WRITTEN.by(Actor.HOST, "pours", "practice:wickerby", "3"))
                        .decisions()
                        .get(0)
                        .sentence())
                .isEqualTo("nothing of that name is on the slate");
    }

    @Test
    void whatIsWrittenAtTheConsoleGoesIntoTheChatByTheHelper() {
        Outcome outcome =
                engine().accept(T0, Facts.SAID.by(Actor.HOST, "tower/#bench", "wickerby", "the next one is sage"));
        assertThat(outcome.directives()).singleElement().satisfies(each -> {
            SayInChat say = (SayInChat) each;
            assertThat(say.link()).isEqualTo("tower/#bench");
            assertThat(say.to()).isEqualTo("wickerby");
            assertThat(say.text()).isEqualTo("the next one is sage");
        });
        assertThat(outcome.decisions().get(0).event().sentence())
                .isEqualTo("wrote to wickerby alone: the next one is sage");
        assertThat(engine().accept(T0, Facts.SAID.by(Actor.HOST, "", "", "to all"))
                        .directives())
                .as("what names no chat goes to that of the house")
                .singleElement()
                .satisfies(each -> assertThat(((SayInChat) each).link()).isEqualTo(House.PLAIN.home()));
        assertThat(engine().accept(T0, Facts.SAID.by(Actor.HOST, "practice", "", "   "))
                        .directives())
                .isEmpty();
    }

    @Test
    void whatIsWrittenAtTheConsoleAndDoesNotReachItsChatIsTold() {
        Engine engine = engine();
        SayInChat say = (SayInChat) engine.accept(T0, Facts.SAID.by(Actor.HOST, "tower", "", "the next one is sage"))
                .directives()
                .get(0);
        assertThat(engine.completed(T0 + 10, say.partRun(), Completion.ended()).decisions())
                .isEmpty();
        assertThat(engine.completed(T0 + 20, say.partRun(), Completion.failed("Tower is down"))
                        .decisions())
                .singleElement()
                .satisfies(each -> assertThat(each.event().sentence())
                        .isEqualTo("what was written by hand was not said: Tower is down"));
    }

    @Test
    void aMomentIsMarkedAsItWasBeforeItsWordsWereWritten() {
        Actor sedge = new Actor(Origin.STAFF, "captain_sedge");
        Outcome outcome = engine().accept(T0, new HandMark(T0 - 40_000, " the\nspill ").by(sedge, T0));
        assertThat(outcome.directives()).singleElement().satisfies(each -> {
            SetMark mark = (SetMark) each;
            assertThat(mark.meantFor()).isEqualTo(T0 - 40_000);
            assertThat(mark.words()).isEqualTo("the spill");
            assertThat(mark.by()).isEqualTo("captain_sedge");
        });
        assertThat(outcome.decisions().get(0).event().sentence()).isEqualTo("marked the moment: the spill");
        assertThat(engine().accept(T0, new HandMark(0, "").by(Actor.HOST, T0)).directives())
                .singleElement()
                .satisfies(each -> assertThat(((SetMark) each).meantFor()).isEqualTo(T0));
    }

    @Test
    void aMarkOfAnotherHourOrWithTooManyWordsIsRefusedByPlace() {
        Problems problems = new Problems();
        new HandMark(T0 - 3_600_000, "x".repeat(201)).check(problems, T0);
        assertThat(problems.found()).extracting(Problem::path).containsExactly("words", "at");
        Problems none = new Problems();
        new HandMark(T0 - 60_000, "").check(none, T0);
        assertThat(none.found()).isEmpty();
    }

    @Test
    void aSceneThatIsPressedHereIsToldToTheMixerAndOneThatIsCutThereIsNot() {
        Target programme = new Target(Target.Kind.SCENE, "");
        Engine engine = engine();
        assertThat(engine.accept(T0, Facts.switched(Actor.HOST, programme, "away"))
                        .directives())
                .singleElement()
                .satisfies(each -> assertThat(((SetTarget) each).value()).isEqualTo("away"));
        assertThat(engine.accept(T0 + 1, Facts.switched(Actor.MIXER, programme, "bench"))
                        .directives())
                .isEmpty();
        assertThat(engine.accept(T0 + 2, Facts.switched(Actor.HOST, programme, "bench"))
                        .directives())
                .as("it stands so already")
                .isEmpty();
        Target shutters = new Target(Target.Kind.SHUTTERS, "");
        assertThat(engine.accept(T0 + 3, Facts.switched(Actor.HOST, shutters, "down"))
                        .directives())
                .as("what the engine switches itself is told to nobody")
                .isEmpty();
    }
}
