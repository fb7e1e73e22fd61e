package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.stage.Stage;
import org.waxbell.voice.Reading;

/** The whole wiring as one document: merged, patched, and held to what its cues stand on. */
class WiringDocumentTest {
    private static final Cue POUR = Samples.pour();
    private static final Cue WAVE =
            Samples.cue("wave", List.of("!wave"), List.of(), Samples.reply("r", new Anchor.At(0)));
    private static final Wiring THERE = Samples.housed(POUR, WAVE);

    private static Wiring with(Stage stage) {
        return new Wiring(THERE.house(), THERE.racks(), THERE.cues(), List.of(stage), THERE.shelf());
    }

    private static List<String> faults(Stage stage) {
        Problems problems = new Problems();
        stage.check(problems, THERE.house().inWords(), THERE.shelf(), List.of(), List.of());
        return problems.found().stream().map(Problem::path).toList();
    }

    @Test
    void aDocumentIsTheSameWiringAgain() {
        assertThat(WiringDocument.of(THERE).on(THERE.shelf())).isEqualTo(THERE);
    }

    @Test
    void mergingReplacesByIdAddsBehindAndLeavesWhatTheHouseSays() {
        Cue other = Samples.cue("wave", List.of("!hello"), List.of(), Samples.reply("r", new Anchor.At(0)));
        Cue more = Samples.cue("dip", List.of("!dip"), List.of(), Samples.reply("r", new Anchor.At(0)));
        House house = new House(
                House.FORMAT,
                "?",
                "elsewhere",
                "dot",
                "dots",
                true,
                List.of(Circle.named("dippers", "Theirs", List.of()), Circle.named("choir", "Choir", List.of())),
                List.of("reed_bell", "owl_bell"),
                List.of(),
                List.of(),
                Reading.USUAL,
                org.waxbell.wiring.ShutterRule.BY_HAND,
                List.of());
        WiringDocument merged = new WiringDocument(
                        2,
                        house,
                        List.of(new Rack(1, "side", "Side", true)),
                        List.of(),
                        List.of(),
                        List.of(other, more),
                        List.of())
                .mergedInto(WiringDocument.of(THERE));
        assertThat(merged.cues()).containsExactly(POUR, other, more);
        assertThat(merged.racks()).extracting(Rack::id).containsExactly("bench", "side");
        assertThat(merged.stages()).isEqualTo(THERE.stages());
        assertThat(merged.house().prefix()).isEqualTo("!");
        assertThat(merged.house().circles()).extracting(Circle::name).containsExactly("Dippers", "Choir");
        assertThat(merged.house().neighbours()).containsExactly("reed_bell", "owl_bell");
        assertThat(merged.house().slate()).isEqualTo(THERE.house().slate());
    }

    @Test
    void aPatchDoesJustWhatTheEditDid() {
        Cue other = Samples.cue("wave", List.of("!hello"), List.of(), Samples.reply("r", new Anchor.At(0)));
        Wiring next = new WiringPatch(
                        Optional.of(House.PLAIN),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(other),
                        List.of("cue/pour-the-taper", "rack/none"))
                .applyTo(THERE);
        assertThat(next.cues()).containsExactly(other);
        assertThat(next.house()).isEqualTo(House.PLAIN);
        assertThat(next.stages()).isEqualTo(THERE.stages());
        assertThat(new WiringPatch(Optional.empty(), List.of(), List.of(), List.of(), List.of(), List.of())
                        .applyTo(THERE))
                .isEqualTo(THERE);
    }

    @Test
    void anEditOfWhatCuesStandOnIsHeldToThem() {
        Stage bare = Stage.plain(
                "main", "Main", 1280, 720, List.of(Samples.MAIN.spots().get(1)), Samples.MAIN.outlets());
        assertThat(WiringCheck.broken(THERE, with(bare), Calendars.NONE))
                .extracting(Problem::path)
                .containsExactly("cues[0].takes[0].score.parts[0].spot");
        assertThat(WiringCheck.broken(with(bare), with(bare), Calendars.NONE))
                .as("what was wrong before does not hold up an edit")
                .isEmpty();
        assertThat(WiringCheck.broken(THERE, THERE, Calendars.NONE)).isEmpty();
        Cue wrong = Samples.cue("wrong", List.of("!pour"), List.of(), Samples.reply("r", new Anchor.At(0)));
        Wiring whole = new Wiring(
                new House(
                        9,
                        "!",
                        "practice",
                        "drip",
                        "drips",
                        true,
                        List.of(),
                        List.of(),
                        THERE.house().slate(),
                        List.of(),
                        Reading.USUAL,
                        org.waxbell.wiring.ShutterRule.BY_HAND,
                        List.of()),
                List.of(Samples.BENCH, new Rack(1, "A b", "", true)),
                List.of(POUR, WAVE, wrong),
                List.of(Samples.MAIN),
                THERE.shelf());
        assertThat(WiringCheck.whole(THERE, whole, Calendars.NONE))
                .extracting(Problem::path)
                .containsExactly(
                        "house.formatVersion",
                        "racks[1].id",
                        "racks[1].name",
                        "cues[2].pulls[0].words[0]",
                        "cues[0].pulls[0].words[0]");
    }

    @Test
    void aStageIsCheckedPlaceByPlace() {
        assertThat(faults(Samples.MAIN)).isEmpty();
        Spot spot = Spot.plain("Lower", " ", 0, 0, 0, 10, new BusyRule.Wait(500, -1));
        Outlet outlet = new Outlet("bench", "Bench", new BusyRule.Share(0), List.of("bench", "none"), 101);
        Outlet twice = Outlet.plain("bench", "Bench", new BusyRule.GiveWay());
        assertThat(faults(new Stage(1, "main", "Main", 5, 720, "", List.of(spot), List.of(outlet, twice), List.of())))
                .containsExactly(
                        "formatVersion",
                        "width",
                        "spots[0].id",
                        "spots[0].name",
                        "spots[0].busy.mostWaiting",
                        "spots[0].busy.longestWaitMs",
                        "spots[0].frame.width",
                        "outlets[0].busy.together",
                        "outlets[0].quietTo",
                        "outlets[0].quietens[0]",
                        "outlets[0].quietens[1]",
                        "outlets[1].id");
    }

    @Test
    void idsThatStandThereTwiceAreNamed() {
        Problems problems = new Problems();
        new WiringDocument(
                        2,
                        House.PLAIN,
                        List.of(Samples.BENCH, Samples.BENCH),
                        List.of(),
                        List.of(),
                        List.of(POUR, WAVE, POUR),
                        List.of())
                .checkIds(problems);
        assertThat(problems.found()).extracting(Problem::path).containsExactly("racks[1].id", "cues[2].id");
    }
}
