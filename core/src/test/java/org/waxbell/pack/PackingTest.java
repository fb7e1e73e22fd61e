package org.waxbell.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.act.Asking;
import org.waxbell.booking.Frame;
import org.waxbell.chapter.Chapter;
import org.waxbell.chapter.ChapterEnd;
import org.waxbell.chapter.EveningOrder;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.Rack;
import org.waxbell.event.Standing;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.fixture.WheelFixture.Segment;
import org.waxbell.gate.WhoGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.SlatePart;
import org.waxbell.shelf.Media;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringCheck;
import org.waxbell.wiring.WiringDocument;

/** What is chosen comes with all that hangs on it, and with nothing else. */
class PackingTest {
    private static final Cue POUR = Samples.pour();
    private static final Cue COUNT = Samples.cue(
            "count",
            List.of("!count"),
            List.of(),
            new SlatePart("add", new Anchor.At(0), "pours", SlatePart.Act.ADD, "1", Manner.PLAIN));
    private static final Cue TOLD = Samples.cue(
            "told", List.of("!told"), List.of(), Samples.says("r", new Anchor.At(0), "Your wish is {slateWish}."));
    private static final Cue ASKS = Samples.cue(
            "asks",
            List.of("!asks"),
            List.of(new WhoGate(Set.of(Standing.ANYONE), 0, List.of(), List.of(), List.of("dippers"))),
            Samples.says("r", new Anchor.At(0), "Hello."));
    private static final Cue FOLLOWS = Samples.pulledBy(
            Samples.cue("follows", List.of(), List.of(), Samples.says("r", new Anchor.At(0), "And then.")),
            new CuePull("count", true));
    private static final Wiring WIRING = new Wiring(
            Samples.house(),
            List.of(Samples.BENCH, new Rack(1, "other", "Other", true)),
            List.of(POUR, COUNT, TOLD, ASKS, FOLLOWS),
            List.of(Samples.MAIN),
            Samples.SHELF);

    private static WiringDocument packed(String... cues) {
        return Packing.document(WIRING, chosen(cues));
    }

    private static Set<PackItem> closed(String... cues) {
        return Packing.closed(WIRING, chosen(cues));
    }

    private static Set<PackItem> chosen(String... cues) {
        Set<PackItem> chosen = new TreeSet<>();
        for (String each : cues) {
            chosen.add(new PackItem(PackItem.Sort.CUE, each));
        }
        return chosen;
    }

    private static List<String> ids(Set<PackItem> items) {
        return items.stream().map(each -> each.sort() + " " + each.id()).toList();
    }

    @Test
    void aCueBringsItsRackItsStageAndWhatItPlays() {
        assertThat(ids(closed("pour-the-taper"))).containsExactly("RACK bench", "STAGE main", "CUE pour-the-taper");
        WiringDocument document = packed("pour-the-taper");
        assertThat(document.media())
                .extracting(Media::name)
                .as("any of a folder is all of it")
                .containsExactly("taper.svg", "pour-1.wav", "pour-2.wav", "pour-3.wav");
    }

    @Test
    void aStageThatComesAlongIsAsMuchOfItAsIsUsed() {
        Stage stage = packed("pour-the-taper").stages().get(0);
        assertThat(stage.spots()).extracting(each -> each.id()).containsExactly("lower-third");
        assertThat(stage.outlets()).extracting(each -> each.id()).containsExactly("bench");
        Set<PackItem> whole = Set.of(new PackItem(PackItem.Sort.STAGE, "main"));
        assertThat(Packing.document(WIRING, whole).stages()).containsExactly(Samples.MAIN);
    }

    @Test
    void valuesInWordsAndPartsCirclesAndOtherCuesComeAlong() {
        assertThat(ids(closed("count"))).containsExactly("RACK bench", "CUE count", "SLATE pours");
        assertThat(ids(closed("told"))).containsExactly("RACK bench", "CUE told", "SLATE wish");
        assertThat(ids(closed("asks"))).containsExactly("RACK bench", "CUE asks", "CIRCLE dippers");
        assertThat(ids(closed("follows"))).containsExactly("RACK bench", "CUE count", "CUE follows", "SLATE pours");
    }

    @Test
    void whoIsInACircleStaysAtHome() {
        WiringDocument document = packed("asks");
        assertThat(document.house().circles()).hasSize(1);
        assertThat(document.house().circles().get(0).people()).isEmpty();
        assertThat(document.house().neighbours()).isEmpty();
    }

    @Test
    void aRackThatIsChosenBringsItsCuesAndOneThatComesAlongDoesNot() {
        assertThat(ids(Packing.closed(WIRING, Set.of(new PackItem(PackItem.Sort.RACK, "bench")))))
                .contains("CUE pour-the-taper", "CUE count", "CUE follows")
                .doesNotContain("RACK other");
        assertThat(ids(closed("told"))).doesNotContain("CUE count");
    }

    @Test
    void whateverIsChosenStandsByItselfInAnEmptyWiring() {
        List<PackItem> all = new ArrayList<>(Packing.all(WIRING));
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            Set<PackItem> chosen = new TreeSet<>();
            all.stream().filter(each -> random.nextInt(4) == 0).forEach(chosen::add);
            WiringDocument document = Packing.document(WIRING, chosen);
            Wiring empty = Samples.wiring().withDesks(List.of());
            Wiring bare = new Wiring(empty.house(), List.of(), List.of(), List.of(), WIRING.shelf());
            Wiring there = document.mergedInto(WiringDocument.of(bare)).on(WIRING.shelf());
            assertThat(WiringCheck.whole(bare, there, Calendars.NONE))
                    .as("%s", chosen)
                    .isEmpty();
        }
    }

    @Test
    void aHouseIsTheSameWithoutWhatAPackBrought() {
        assertThat(Packing.without(Samples.house(), Set.of(new PackItem(PackItem.Sort.SLATE, "pours")))
                        .slate())
                .extracting(each -> each.id())
                .containsExactly("wish");
        assertThat(Packing.without(Samples.house(), Set.of())).isEqualTo(Samples.house());
    }

    @Test
    void whatADeskAsksOnAStageComesWithIt() {
        WheelFixture dyes = new WheelFixture(
                "dyes",
                "Dyes",
                new Frame(20, 20, 200, 200, 1, false),
                List.of(new Segment("Sea", "#2f6f63", 1), new Segment("Sage", "#c8841a", 1)),
                false,
                false);
        Stage stage = Samples.MAIN.with(dyes);
        Chapter spins = new Chapter(
                "spin",
                "Spin",
                0,
                ChapterEnd.HAND,
                "",
                false,
                List.of(),
                List.of(new Asking("wheel", "main/dyes", "spin", Map.of())));
        EveningOrder order = new EveningOrder(1, "evening", "Evening", "", "UTC", true, List.of(spins));
        Wiring wiring = new Wiring(Samples.house(), List.of(), List.of(), List.of(stage), Samples.SHELF)
                .withDesks(List.of(order));
        WiringDocument document = Packing.document(wiring, Set.of(new PackItem(PackItem.Sort.DESK, "evening")));
        assertThat(document.desks()).containsExactly(order);
        assertThat(document.stages().get(0).fixtures()).containsExactly(dyes);
        assertThat(document.stages().get(0).spots()).isEmpty();
    }
}
