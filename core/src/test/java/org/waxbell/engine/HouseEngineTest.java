package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.ScenePull;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.Quieten;
import org.waxbell.directive.SayInChat;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.gate.PriceGate;
import org.waxbell.journal.CueAnswer;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.ClipPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.PointsPart;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.score.SwitchPart;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** Single rules of takes, failures, outlets and books that the golden evenings do not single out. */
class HouseEngineTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final long T0 = 5_000_000;

    private static Take take(String id, String when, int weight, Part... parts) {
        return new Take(id, "Take " + id, when, weight, "", new Score(List.of(parts)));
    }

    private static Cue taking(TakeRule rule, Take... takes) {
        return Samples.taking(Samples.cue("t", List.of("!t"), List.of(), Samples.reply("r", NOW)), rule, takes);
    }

    private static Engine engine(Cue... cues) {
        return Samples.engine(new CueBook(Samples.housed(cues)), EngineState.fresh(9));
    }

    private static String takeOf(Outcome outcome) {
        CueAnswer answer = outcome.decisions().get(0).cues().get(0);
        return answer.held() ? answer.sentence() : answer.take();
    }

    private static Outcome say(Engine engine, long at, String text) {
        return engine.accept(T0 + at, Samples.line(Samples.INES, text));
    }

    @Test
    void theFirstTakeWhoseConditionHoldsIsPlayed() {
        Engine engine = engine(taking(
                TakeRule.FIRST,
                take("mods", "'moderator' in viewer.standing", 1, Samples.reply("r", NOW)),
                take("sage", "argument == 'sage'", 1, Samples.reply("r", NOW))));
        assertThat(takeOf(say(engine, 0, "!t sage"))).isEqualTo("Take sage");
        assertThat(takeOf(engine.accept(T0 + 1, Samples.line(Samples.SEDGE, "!t sage"))))
                .isEqualTo("Take mods");
        assertThat(takeOf(say(engine, 2, "!t rose"))).isEqualTo("held T · none of its takes fits");
    }

    @Test
    void takesInTurnGoRoundAndGoOnAfterARestart() {
        Cue cue = taking(
                TakeRule.TURN,
                take("a", "", 1, Samples.reply("r", NOW)),
                take("b", "", 1, Samples.reply("r", NOW)),
                take("c", "", 1, Samples.reply("r", NOW)));
        Engine engine = engine(cue);
        assertThat(List.of(takeOf(say(engine, 0, "!t")), takeOf(say(engine, 1, "!t"))))
                .containsExactly("Take a", "Take b");
        engine = Samples.engine(new CueBook(Samples.housed(cue)), engine.save());
        assertThat(List.of(takeOf(say(engine, 2, "!t")), takeOf(say(engine, 3, "!t"))))
                .containsExactly("Take c", "Take a");
    }

    @Test
    void takesByWeightComeAsOftenAsTheyWeigh() {
        Engine engine = engine(taking(
                TakeRule.WEIGHT,
                take("a", "", 1, Samples.reply("r", NOW)),
                take("b", "", 3, Samples.reply("r", NOW)),
                take("never", "", 0, Samples.reply("r", NOW))));
        Map<String, Integer> counts = new TreeMap<>();
        for (int i = 0; i < 4_000; i++) {
            counts.merge(takeOf(say(engine, i, "!t")), 1, Integer::sum);
        }
        assertThat(counts).containsOnlyKeys("Take a", "Take b");
        assertThat(counts.get("Take b")).isBetween(2_850, 3_150);
    }

    @Test
    void aFailedPartMayStopItsScore() {
        Manner stop = new Manner(Manner.IfFails.STOP, false, false);
        CardPart card =
                new CardPart("card", NOW, 3_000, "main", "corner", "beeswax", "x", "", "", "", "", "", 400, 600, stop);
        Engine engine = engine(Samples.cue(
                "t",
                List.of("!t"),
                List.of(),
                card,
                Samples.pouring("sound"),
                Samples.reply("r", new Anchor.After("card", 0))));
        say(engine, 0, "!t");
        Outcome failed = engine.completed(T0 + 500, "1.card", Completion.failed("no spot"));
        assertThat(failed.directives()).extracting(Directive::partRun).containsExactly("1.sound");
        assertThat(engine.save().rings()).isEmpty();
    }

    @Test
    void theTakeThatReplacesAnotherIsPlayedOnce() {
        Manner other = new Manner(Manner.IfFails.OTHER_TAKE, false, false);
        Take first =
                new Take("a", "A", "", 1, "b", new Score(List.of(new ClipPart("clip", NOW, 30, "x", 9_000, other))));
        Take second = new Take(
                "b", "B", "", 1, "a", new Score(List.of(new ClipPart("clip", NOW, 30, "again", 9_000, other))));
        Engine engine = engine(taking(TakeRule.FIRST, first, second));
        say(engine, 0, "!t");
        assertThat(engine.completed(T0 + 100, "1.clip", Completion.failed("no")).directives())
                .extracting(Directive::partRun)
                .containsExactly("1.clip~");
        engine.completed(T0 + 300, "1.clip~", Completion.failed("no"));
        assertThat(engine.save().rings()).isEmpty();
        assertThat(engine.nextWake()).isEqualTo(Long.MAX_VALUE);
    }

    @Test
    void aCardToTheEndIsTakenAwayWhenAllOthersAreOver() {
        CardPart card = new CardPart(
                "card",
                NOW,
                0,
                "main",
                "corner",
                "beeswax",
                "x",
                "",
                "",
                "",
                "",
                "",
                400,
                600,
                new Manner(Manner.IfFails.GO_ON, false, true));
        Engine engine = engine(Samples.cue(
                "t",
                List.of("!t"),
                List.of(),
                card,
                new ClipPart("clip", NOW, 30, "x", 20_000, Manner.PLAIN),
                Samples.reply("r", new Anchor.After("clip", 1_000))));
        say(engine, 0, "!t");
        engine.completed(T0 + 4_000, "1.clip", Completion.ended(Map.of("address", "a")));
        assertThat(engine.wake(T0 + 9_000).directives())
                .anySatisfy(each -> assertThat(each).isInstanceOfSatisfying(EndPart.class, end -> {
                    assertThat(end.partRun()).isEqualTo("1.card");
                    assertThat(end.meantFor()).isBetween(T0 + 5_000, T0 + 5_060);
                }));
        assertThat(engine.save().rings()).isEmpty();
    }

    private static Engine quiet() {
        Stage stage = Stage.plain(
                "main",
                "Main",
                1280,
                720,
                Samples.MAIN.spots(),
                List.of(
                        new Outlet("bench", "Bench", new BusyRule.Share(3), List.of("tune", "clip"), 20),
                        Outlet.plain("tune", "Tunes", new BusyRule.Share(1)),
                        Outlet.plain("clip", "Clips", new BusyRule.Share(1))));
        return Samples.engine(
                new CueBook(new Wiring(
                        Samples.house(),
                        List.of(Samples.BENCH),
                        List.of(Samples.cue("t", List.of("!t"), List.of(), Samples.pouring("sound"))),
                        List.of(stage),
                        Samples.SHELF)),
                EngineState.fresh(9));
    }

    @Test
    void anOutletMakesOthersQuieterWhileItSounds() {
        Outcome outcome = say(quiet(), 0, "!t");
        assertThat(outcome.directives())
                .filteredOn(Quieten.class::isInstance)
                .extracting(each -> ((Quieten) each).outlet() + " " + ((Quieten) each).percent() + " " + each.partRun())
                .containsExactly("tune 20 1.sound-tune", "clip 20 1.sound-clip");
        long length = ((Quieten) outcome.directives().get(1)).lengthMs();
        assertThat(length).isIn(1_700L, 1_900L, 2_100L);
    }

    @Test
    void aSoundWhoseLengthIsNotKnownEndsWhenThePageSaysSo() {
        Shelf shelf = new Shelf(List.of(new Media("odd.ogg", "Pouring", "odd", "audio/ogg", 0)));
        Cue cue = Samples.cue(
                "t",
                List.of("!t"),
                List.of(),
                Samples.pouring("sound"),
                Samples.reply("r", new Anchor.After("sound", 500)));
        Engine engine = Samples.engine(
                new CueBook(new Wiring(
                        Samples.house(), List.of(Samples.BENCH), List.of(cue), List.of(Samples.MAIN), shelf)),
                EngineState.fresh(9));
        say(engine, 0, "!t");
        assertThat(engine.wake(T0 + 30_000).directives()).isEmpty();
        engine.completed(T0 + 31_000, "1.sound", Completion.ended());
        assertThat(engine.wake(T0 + 40_000).directives())
                .singleElement()
                .isInstanceOfSatisfying(
                        SayInChat.class, say -> assertThat(say.meantFor()).isEqualTo(T0 + 31_500));
    }

    @Test
    void whileNothingIsKeptWhatCostsPointsIsHeldAndWhatGivesThemGivesThem() {
        Engine engine = engine(
                Samples.cue("t", List.of("!t"), List.of(new PriceGate(5)), Samples.reply("r", NOW)),
                Samples.cue(
                        "earn",
                        List.of("!earn"),
                        List.of(Samples.only(Standing.MEMBER)),
                        new PointsPart("p", NOW, 50, Manner.PLAIN)));
        say(engine, 0, "!earn");
        engine.kept(false);
        assertThat(takeOf(say(engine, 1, "!t"))).isEqualTo("held T · points cannot be kept at the moment");
        assertThat(say(engine, 2, "!earn").now(Books.ENTRIES))
                .singleElement()
                .satisfies(each -> assertThat(each.amount()).isEqualTo(50));
        engine.kept(true);
        assertThat(takeOf(say(engine, 3, "!t"))).isEmpty();
        assertThat(engine.save().memory().all(Books.BALANCES)).containsExactly(95L);
    }

    @Test
    void neighboursAreNeverAnsweredSeenOrCounted() {
        Engine engine = engine(Samples.cue("t", List.of("!t"), List.of(), Samples.reply("r", NOW)));
        Outcome outcome = engine.accept(T0, Samples.line(Samples.viewer("Reed_Bell"), "!t"));
        assertThat(outcome.decisions())
                .singleElement()
                .satisfies(each -> assertThat(each.sentence()).isEqualTo("a neighbour: never answered"));
        assertThat(outcome.directives()).isEmpty();
        assertThat(engine.save().memory().all(Books.KNOWN)).isEmpty();
    }

    @Test
    void aReportThatAgreesWithWhatHoldsChangesNothing() {
        Target lamp = new Target(Target.Kind.LAMP, "Bench");
        Engine engine = engine(Samples.cue(
                "t",
                List.of("!t"),
                List.of(),
                new SwitchPart("lamp", NOW, 5_000, lamp, "#ff0000", false, Manner.PLAIN)));
        engine.accept(T0, Facts.switched(Actor.link("mixer"), lamp, "off"));
        say(engine, 1, "!t");
        assertThat(engine.accept(T0 + 2, Facts.switched(Actor.link("mixer"), lamp, "#ff0000"))
                        .directives())
                .isEmpty();
        assertThat(engine.wake(T0 + 9_000).directives())
                .singleElement()
                .asString()
                .contains("value=off");
    }

    @Test
    void anAnswerThatNoLinkAskedForGoesHome() {
        Engine engine = engine(Samples.pulledBy(
                Samples.cue("bell", List.of("!bell"), List.of(), Samples.reply("r", NOW)), new HandPull("Bell", "")));
        assertThat(engine.accept(T0, Facts.HAND.by(Actor.HOST, "bell", "Bell")).directives())
                .singleElement()
                .isInstanceOfSatisfying(
                        SayInChat.class, say -> assertThat(say.link()).isEqualTo("practice"));
    }

    @Test
    void whatWasToBeDoneAtOnceIsNotDoneLateAfterARestart() {
        Manner atOnce = new Manner(Manner.IfFails.GO_ON, true, false);
        Cue[] cues = {
            Samples.cue("t", List.of("!t"), List.of(), Samples.card("card", NOW, 8_000)),
            Samples.cue(
                    "u",
                    List.of("!u"),
                    List.of(),
                    Samples.card("card", NOW, 1_000),
                    new ReplyPart("late", new Anchor.At(2_000), "x", atOnce))
        };
        Engine engine = engine(cues);
        say(engine, 0, "!t");
        say(engine, 100, "!u");
        Engine again = Samples.engine(new CueBook(Samples.housed(cues)), engine.save());
        assertThat(again.resume(T0 + 5_000).directives())
                .extracting(Directive::partRun)
                .containsExactly("1.card");
        assertThat(again.wake(T0 + 20_000).directives())
                .extracting(Directive::partRun)
                .containsExactly("2.card");
    }

    private static SwitchPart scene(String name, boolean stay) {
        return new SwitchPart("scene", NOW, 5_000, new Target(Target.Kind.SCENE, ""), name, stay, Manner.PLAIN);
    }

    private static Cue onScene(String id, String scene, Part part) {
        return Samples.pulledBy(Samples.cue(id, List.of("!x"), List.of(), part), new ScenePull(List.of(scene)));
    }

    @Test
    void aSceneThatACueSwitchesAndPutsBackIsAChangeLikeAnyOther() {
        Target programme = new Target(Target.Kind.SCENE, "");
        Engine engine = engine(
                Samples.cue("t", List.of("!t"), List.of(), scene("Kettle", false)),
                onScene("kettle", "Kettle", Samples.reply("r", NOW)),
                onScene("bench", "Bench", Samples.reply("r", NOW)));
        assertThat(engine.accept(T0, Facts.switched(Actor.link("mixer"), programme, "Bench"))
                        .decisions())
                .as("it is only known now")
                .isEmpty();
        assertThat(say(engine, 1, "!t").decisions())
                .extracting(each -> each.sentence())
                .containsExactly("rang T", "rang Kettle");
        assertThat(engine.accept(T0 + 60, Facts.switched(Actor.link("mixer"), programme, "Kettle"))
                        .decisions())
                .as("told back")
                .isEmpty();
        assertThat(engine.wake(T0 + 6_000).decisions())
                .extracting(each -> each.sentence())
                .containsExactly("rang Bench");
        assertThat(engine.accept(T0 + 7_000, Facts.switched(Actor.MIXER, programme, "Bench"))
                        .decisions()
                        .get(0)
                        .sentence())
                .isEqualTo("noted");
    }

    @Test
    void scenesThatSwitchOneAnotherAreStopped() {
        Engine engine = engine(
                Samples.cue("t", List.of("!t"), List.of(), scene("Kettle", true)),
                onScene("a", "Kettle", scene("Bench", true)),
                onScene("b", "Bench", scene("Kettle", true)));
        List<String> sentences = say(engine, 1, "!t").decisions().stream()
                .map(each -> each.sentence())
                .toList();
        assertThat(sentences).hasSize(Engine.DEEPEST + 2);
        assertThat(sentences.get(Engine.DEEPEST + 1)).startsWith("stopped: ");
    }
}
