package org.waxbell.score;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.booking.Frame;
import org.waxbell.check.Problem;
import org.waxbell.cue.Cue;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowCard;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.fixture.WheelFixture.Segment;
import org.waxbell.look.Look;
import org.waxbell.look.Motion;
import org.waxbell.port.Calendars;
import org.waxbell.shelf.Levelling;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.WordBook;

/** What parts show on a stage beside plain cards: what they tell, how long they last, what is wrong with them. */
class ShownPartsTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final Shelf SHELF = new Shelf(List.of(
            new Media("taper.svg", "Pictures", "f00d", "image/svg+xml", 0),
            new Media("dip.webm", "Videos", "d1b", "video/webm", 4_000),
            new Media("open.webm", "Videos", "0b", "video/webm", 0),
            new Media("soft.webm", "Videos", "50f7", "video/webm", 4_000, 600, 1)));
    private static final WheelFixture WHEEL = new WheelFixture(
            "dyes",
            "Dyes",
            new Frame(0, 0, 200, 200, 1, false),
            List.of(new Segment("Sage", "#6b7a2f", 1), new Segment("Sea", "#3d5c7c", 1)),
            false,
            false);

    private static Wiring wiring(House house, Part... parts) {
        Stage stage = new Stage(
                Stage.FORMAT,
                "main",
                "Main",
                1280,
                720,
                "",
                Samples.MAIN.spots(),
                Samples.MAIN.outlets(),
                List.of(WHEEL));
        return new Wiring(house, List.of(Samples.BENCH), List.of(cue(parts)), List.of(stage), SHELF);
    }

    private static Cue cue(Part... parts) {
        return Samples.cue("show", List.of("!show"), List.of(), parts);
    }

    private static Engine engine(Part... parts) {
        return Samples.engine(new CueBook(wiring(House.PLAIN, parts)), EngineState.fresh(7));
    }

    private static List<String> faults(Part... parts) {
        return CueCheck.check(wiring(House.PLAIN, parts), cue(parts), Calendars.NONE).stream()
                .map(Problem::path)
                .map(path -> path.replace("takes[0].score.", ""))
                .toList();
    }

    private static ShowThing thing(Outcome outcome) {
        return outcome.directives().stream()
                .filter(ShowThing.class::isInstance)
                .map(ShowThing.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private static Outcome rings(Engine engine, long at) {
        return engine.accept(at, Samples.line(Samples.INES, "!show"));
    }

    private static PicturePart picture(String file, long lengthMs, String entry) {
        return new PicturePart("p", NOW, lengthMs, "main", "corner", file, entry, "", 400, 400, Manner.PLAIN);
    }

    private static VideoPart video(String file, int left, int right) {
        return new VideoPart(
                "v", NOW, "main", "corner", file, 70, left, 0, right, 0, "unroll", "kindle", 300, 300, Manner.PLAIN);
    }

    private static NamesPart names(String names) {
        return new NamesPart("n", NOW, 6_000, "main", "corner", "Thanks, {viewer}", names, "#fffaf0", "", Manner.PLAIN);
    }

    private static BurstPart burst(String shape, int count, List<String> colours) {
        return new BurstPart("b", NOW, 3_000, "main", "corner", shape, count, colours, Manner.PLAIN);
    }

    @Test
    void aPictureIsToldWithItsFileItsSpotAndItsTime() {
        ShowThing told = thing(rings(engine(picture("taper.svg", 5_000, "swing")), 1_000));
        assertThat(told)
                .isEqualTo(new ShowThing(
                        "1.p", 1_060, 5_000, "main", "corner", "f00d", new Shown.Picture("swing", "", 400, 400)));
    }

    @Test
    void aVideoIsAsLongAsItsFileAndWhatHangsOnItComesAfter() {
        Engine engine = engine(video("dip.webm", 10, 20), Samples.says("after", new Anchor.After("v", 0), "done"));
        ShowThing told = thing(rings(engine, 1_000));
        assertThat(told.lengthMs()).isEqualTo(4_000);
        assertThat(told.shown()).isEqualTo(new Shown.Video(70, 10, 0, 20, 0, "unroll", "kindle", 300, 300, false));
        assertThat(engine.wake(5_059).directives()).isEmpty();
        assertThat(engine.wake(5_060).directives()).hasSize(1);
    }

    @Test
    void aVideoHasItsLevelOnTheShelfInItsVolume() {
        ShowThing told = thing(rings(engine(video("soft.webm", 0, 0)), 1_000));
        assertThat(((Shown.Video) told.shown()).volume()).as("6 dB above 70").isEqualTo(140);
        assertThat(Levelling.raised(80, -2_000)).isEqualTo(8);
        assertThat(Levelling.raised(80, 0)).isEqualTo(80);
    }

    @Test
    void aVideoOfUnknownLengthIsOverWhenAPageSaysSo() {
        Engine engine = engine(video("open.webm", 0, 0), Samples.says("after", new Anchor.After("v", 0), "done"));
        rings(engine, 1_000);
        assertThat(engine.wake(60_000).directives()).isEmpty();
        assertThat(engine.completed(61_000, "1.v", Completion.ended()).directives())
                .hasSize(1);
    }

    @Test
    void namesArePartedAndTheirValuesFilled() {
        Shown.Names shown =
                (Shown.Names) thing(rings(engine(names("{viewer}, wickerby;brine_otter\n\ntallowmoth , ")), 1_000))
                        .shown();
        assertThat(shown.heading()).isEqualTo("Thanks, marshlight_ines");
        assertThat(shown.names()).containsExactly("marshlight_ines", "wickerby", "brine_otter", "tallowmoth");
    }

    @Test
    void aBurstFliesAnotherWayEachTimeAndTheSameOnEveryPage() {
        Engine engine = engine(burst("drops", 40, List.of("#c8841a")));
        Shown.Burst first = (Shown.Burst) thing(rings(engine, 1_000)).shown();
        Shown.Burst second = (Shown.Burst) thing(rings(engine, 30_000)).shown();
        assertThat(first.seed()).isNotEqualTo(second.seed()).isBetween(0L, (long) Integer.MAX_VALUE);
        assertThat(thing(rings(engine(burst("drops", 40, List.of("#c8841a"))), 1_000))
                        .shown())
                .isEqualTo(first);
    }

    @Test
    void aCardMovesAsItsLookSaysUnlessItSaysOtherwiseAndShowsWhoRang() {
        Look mine = new Look(
                "mine",
                "Mine",
                "#fff4de",
                "#fff4de",
                90,
                "#2a211a",
                "#5a4836",
                "#c8841a",
                Look.Edge.CLEAN,
                4,
                false,
                Look.Face.MONO,
                20,
                14,
                Motion.DRIFT,
                Motion.TIDE,
                Look.SHIPPED.get(0).easing());
        CardPart card = new CardPart(
                "c",
                NOW,
                3_000,
                "main",
                "corner",
                "mine",
                "{viewer}",
                "",
                "",
                "viewer",
                "",
                "kindle",
                400,
                400,
                Manner.PLAIN);
        House house = new House(
                House.FORMAT,
                "!",
                "practice",
                "drip",
                "drips",
                false,
                List.of(),
                List.of(),
                List.of(),
                List.of(mine),
                org.waxbell.voice.Reading.USUAL,
                org.waxbell.wiring.ShutterRule.BY_HAND,
                List.of());
        Engine engine = Samples.engine(new CueBook(wiring(house, card)), EngineState.fresh(7));
        ShowCard told = (ShowCard) rings(engine, 1_000).directives().get(0);
        assertThat(told.look().entry()).isEqualTo(Motion.DRIFT);
        assertThat(told.look().exit()).isEqualTo(Motion.KINDLE);
        assertThat(told.look().face()).isEqualTo(Look.Face.MONO);
        assertThat(told.portrait()).isEqualTo("marshlight_ines");
    }

    @Test
    void aLookThatIsGoneWhileARingWaitsIsReplacedByOneThatShips() {
        Telling telling =
                new Telling("1.c", 0, Settled.fixed(1, Media.NONE), "", "", Map.of(), new WordBook(), Look.SHIPPED);
        assertThat(telling.look("gone").id()).isEqualTo("beeswax");
    }

    @Test
    void aSpinLastsForAllItsTurnsAndItsDrawIsKeptOverARestart() {
        SpinPart spin = new SpinPart("lucky-spin", NOW, "main", "dyes", 3_000, 1_000, 3, Manner.PLAIN);
        Engine engine = engine(spin, Samples.says("r", new Anchor.After("lucky-spin", 0), "{luckyspinResult}"));
        ShowThing told = thing(rings(engine, 1_000));
        assertThat(told.lengthMs()).isEqualTo(12_000);
        Engine again = Samples.engine(engine.book(), engine.save());
        Directive resumed = again.resume(2_000).directives().stream()
                .filter(ShowThing.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(((ShowThing) resumed).shown()).as("nothing is drawn again").isEqualTo(told.shown());
        String result = String.join(", ", ((Shown.Spin) told.shown()).words());
        assertThat(again.wake(13_060).directives())
                .hasSize(1)
                .first()
                .asString()
                .contains(result);
    }

    @Test
    void whatIsWrongIsNamedByItsField() {
        assertThat(faults(picture("taper.svg", 5_000, ""))).isEmpty();
        assertThat(faults(picture("gone.svg", 500, "leap")))
                .containsExactly("parts[0].entry", "parts[0].lengthMs", "parts[0].picture");
        assertThat(faults(video("dip.webm", 50, 45))).containsExactly("parts[0].right");
        assertThat(faults(video("dip.webm", 95, 0))).containsExactly("parts[0].left", "parts[0].right");
        assertThat(faults(names("{nobody}"))).containsExactly("parts[0].names");
        assertThat(faults(burst("stars", 0, List.of())))
                .containsExactly("parts[0].shape", "parts[0].count", "parts[0].colours");
        assertThat(faults(burst("drops", 3, List.of("#c8841a", "red")))).containsExactly("parts[0].colours[1]");
        assertThat(faults(new SpinPart("s", NOW, "main", "none", 10, 10, 11, Manner.PLAIN)))
                .containsExactly("parts[0].spinMs", "parts[0].stayMs", "parts[0].times", "parts[0].wheel");
        assertThat(faults(new PicturePart("p", NOW, 5_000, "side", "corner", "taper.svg", "", "", 0, 0, Manner.PLAIN)))
                .containsExactly("parts[0].stage");
        assertThat(faults(new MovePart("m", NOW, 5_000, "main", "dyes", "sway", Manner.PLAIN)))
                .as("a wheel is no mascot")
                .containsExactly("parts[0].mascot");
    }

    @Test
    void theResultOfASpinIsKnownOnlyToWhatComesAfterIt() {
        SpinPart spin = new SpinPart("spin", NOW, "main", "dyes", 3_000, 1_000, 1, Manner.PLAIN);
        assertThat(faults(spin, Samples.says("r", new Anchor.After("spin", 0), "{spinResult} {spinOdds}")))
                .isEmpty();
        assertThat(faults(spin, Samples.says("r", new Anchor.With("spin", 0), "{spinResult}")))
                .containsExactly("parts[1].words");
    }

    @Test
    void aPlaceOnAWheelIsBookedLikeAnyOther() {
        SpinPart spin = new SpinPart("spin", NOW, "main", "dyes", 3_000, 1_000, 1, Manner.PLAIN);
        Engine engine = engine(spin);
        rings(engine, 1_000);
        Outcome second = rings(engine, 2_000);
        assertThat(second.decisions().get(0).cues().get(0).sentence()).contains("waits");
        assertThat(second.directives()).isEmpty();
        assertThat(Optional.of(thing(engine.wake(5_060))))
                .map(ShowThing::meantFor)
                .hasValue(5_060L);
    }
}
