package org.waxbell.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.kind.Records;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringCheck;
import org.waxbell.wiring.WiringDocument;

/** Where both sides have the same, whoever brings it is asked, and what comes of each answer stands by itself. */
class MeetingTest {
    private static final Cue POUR = Samples.pour();
    private static final PackItem POURING = new PackItem(PackItem.Sort.CUE, POUR.id());
    private static final Wiring HERE = Samples.wiring(POUR);
    private static final Cue OTHER =
            Samples.cue("pour-the-taper", List.of("!dip"), List.of(), Samples.reply("r", new Anchor.At(0)));
    private static final Cue FOLLOWS = Samples.pulledBy(
            Samples.cue("follows", List.of(), List.of(), Samples.says("r", new Anchor.At(0), "And then.")),
            new CuePull("pour-the-taper", true));

    private static Meeting meeting(Choices choices, Cue... cues) {
        return Meeting.of(HERE, WiringDocument.of(Samples.wiring(cues)), choices, Calendars.NONE);
    }

    private static Choices way(Choices.Way way) {
        return new Choices(Map.of(POURING, way), Map.of());
    }

    private static Wiring after(Meeting meeting) {
        Wiring after = meeting.comes().mergedInto(WiringDocument.of(HERE)).on(HERE.shelf());
        assertThat(WiringCheck.whole(HERE, after, Calendars.NONE)).isEmpty();
        return after;
    }

    @Test
    void whatIsHereJustSoIsLeft() {
        Meeting meeting = meeting(Choices.NONE, POUR);
        assertThat(meeting.brings()).isEmpty();
        assertThat(meeting.clashes()).isEmpty();
        assertThat(meeting.there())
                .contains(
                        POURING, new PackItem(PackItem.Sort.STAGE, "main"), new PackItem(PackItem.Sort.RACK, "bench"));
        assertThat(after(meeting)).isEqualTo(HERE);
    }

    @Test
    void anotherOfTheSameIdIsAskedAboutAndStaysOutUntilThen() {
        Meeting meeting = meeting(Choices.NONE, OTHER);
        assertThat(meeting.clashes())
                .containsExactly(
                        new Clash(POURING, "Pour the taper", "Pour the taper", Choices.ways(PackItem.Sort.CUE)));
        assertThat(after(meeting).cues()).containsExactly(POUR);
    }

    @Test
    void itMayTakeItsPlace() {
        Meeting meeting = meeting(way(Choices.Way.REPLACE), OTHER);
        assertThat(meeting.brings()).containsExactly(POURING);
        assertThat(after(meeting).cues()).containsExactly(OTHER);
    }

    @Test
    void itMayStandBesideItAndWhatFollowsItFollowsThat() {
        Meeting meeting = meeting(way(Choices.Way.BESIDE), OTHER, FOLLOWS);
        List<Cue> cues = after(meeting).cues();
        assertThat(cues).extracting(Cue::id).containsExactly("pour-the-taper", "pour-the-taper-2", "follows");
        assertThat(cues.get(1).name()).isEqualTo("Pour the taper (brought)");
        assertThat(cues.get(2).pulls()).containsExactly(new CuePull("pour-the-taper-2", true));
        assertThat(meeting.brings())
                .containsExactly(
                        new PackItem(PackItem.Sort.CUE, "follows"),
                        new PackItem(PackItem.Sort.CUE, "pour-the-taper-2"));
    }

    @Test
    void aWordThatIsTakenIsAskedAboutUntilItIsAnotherOrNone() {
        Cue dip = Samples.cue("dip", List.of("!pour", "!dip"), List.of(), Samples.reply("r", new Anchor.At(0)));
        Meeting asked = meeting(Choices.NONE, dip);
        assertThat(asked.words())
                .containsExactly(new WordClash("dip", "Dip", "!pour", "!pour already belongs to Pour the taper."));
        String key = asked.words().get(0).key();
        Meeting renamed = meeting(new Choices(Map.of(), Map.of(key, "!pour-ours")), dip);
        assertThat(renamed.words()).isEmpty();
        assertThat(words(after(renamed).cues().get(1))).containsExactly("!pour-ours", "!dip");
        Meeting without = meeting(new Choices(Map.of(), Map.of(key, "")), dip);
        assertThat(words(after(without).cues().get(1))).containsExactly("!dip");
        Meeting taken = meeting(new Choices(Map.of(), Map.of(key, "!taper")), dip);
        assertThat(taken.words()).extracting(WordClash::word).containsExactly("!taper");
    }

    @Test
    void besideAnotherItsWordsAreAskedAboutByItsNewName() {
        Cue again = Samples.cue("pour-the-taper", List.of("!pour"), List.of(), Samples.reply("r", new Anchor.At(0)));
        Meeting asked = meeting(way(Choices.Way.BESIDE), again);
        String key = asked.words().get(0).key();
        assertThat(key).isEqualTo("pour-the-taper-2 !pour");
        Meeting done = meeting(new Choices(Map.of(POURING, Choices.Way.BESIDE), Map.of(key, "!ours")), again);
        assertThat(words(after(done).cues().get(1))).containsExactly("!ours");
    }

    private static List<String> words(Cue cue) {
        return ((ChatWordPull) cue.pulls().get(0)).words();
    }

    @Test
    void whatBelongsToTheHouseIsNeverReplaced() {
        Wiring theirs = Samples.housed(POUR);
        PackItem pours = new PackItem(PackItem.Sort.SLATE, "pours");
        Meeting first = Meeting.of(HERE, WiringDocument.of(theirs), Choices.NONE, Calendars.NONE);
        assertThat(first.brings()).contains(pours, new PackItem(PackItem.Sort.CIRCLE, "dippers"));
        Wiring with = first.comes().mergedInto(WiringDocument.of(HERE)).on(HERE.shelf());
        var other = new org.waxbell.slate.SlateValue("pours", "Pours ever", true, false, true, "0");
        Wiring changed = new Wiring(
                Records.with(theirs.house(), Map.of("slate", List.of(other))),
                theirs.racks(),
                theirs.cues(),
                theirs.stages(),
                theirs.shelf());
        Meeting again = Meeting.of(
                with,
                WiringDocument.of(changed),
                new Choices(Map.of(pours, Choices.Way.REPLACE), Map.of()),
                Calendars.NONE);
        assertThat(again.clashes()).extracting(Clash::item).contains(pours);
        assertThat(again.brings()).doesNotContain(pours);
        assertThat(Set.copyOf(again.comes()
                        .mergedInto(WiringDocument.of(with))
                        .house()
                        .slate()))
                .isEqualTo(Set.copyOf(with.house().slate()));
    }

    @Test
    void aStageThatIsHereGetsWhatItLacksUnlessItIsReplacedOrKept() {
        PackItem main = new PackItem(PackItem.Sort.STAGE, "main");
        Stage bare = Stage.plain("main", "Mine", 1920, 1080, List.of(), List.of());
        Wiring here = new Wiring(HERE.house(), HERE.racks(), List.of(), List.of(bare), HERE.shelf());
        WiringDocument pack = WiringDocument.of(Samples.wiring(POUR));
        Meeting added = Meeting.of(here, pack, Choices.NONE, Calendars.NONE);
        Stage stage = added.comes().stages().get(0);
        assertThat(stage.name()).isEqualTo("Mine");
        assertThat(stage.width()).isEqualTo(1920);
        assertThat(stage.spots()).isEqualTo(Samples.MAIN.spots());
        assertThat(added.clashes()).extracting(Clash::item).containsExactly(main);
        assertThat(added.clashes().get(0).ways().get(0)).isEqualTo(Choices.Way.ADD);
        assertThat(added.brings()).contains(main);
        assertThat(added.added().get("main")).containsExactlyInAnyOrder("lower-third", "corner", "bench");
        assertThat(Packing.without(stage, added.added().get("main"))).isEqualTo(bare);
        Wiring after = added.comes().mergedInto(WiringDocument.of(here)).on(here.shelf());
        assertThat(WiringCheck.whole(here, after, Calendars.NONE)).isEmpty();
        Meeting again = Meeting.of(after, pack, Choices.NONE, Calendars.NONE);
        assertThat(again.brings()).isEmpty();
        assertThat(again.there()).contains(main);
        Meeting kept = Meeting.of(here, pack, new Choices(Map.of(main, Choices.Way.KEEP), Map.of()), Calendars.NONE);
        assertThat(kept.comes().stages()).isEmpty();
        Meeting replaced =
                Meeting.of(here, pack, new Choices(Map.of(main, Choices.Way.REPLACE), Map.of()), Calendars.NONE);
        assertThat(replaced.comes().stages()).containsExactly(Samples.MAIN);
        assertThat(replaced.clashes()).extracting(Clash::item).containsExactly(main);
    }

    @Test
    void whoIsInACircleMakesItNoOther() {
        Wiring with = Samples.housed(POUR);
        Meeting meeting = Meeting.of(
                with,
                Packing.document(with, Set.of(new PackItem(PackItem.Sort.CIRCLE, "dippers"))),
                Choices.NONE,
                Calendars.NONE);
        assertThat(meeting.clashes()).isEmpty();
        assertThat(meeting.there()).containsExactly(new PackItem(PackItem.Sort.CIRCLE, "dippers"));
    }

    @Test
    void thatACueMayRingAllTheSameIsSaidHereAndNowhereElse() {
        Cue said = Records.with(OTHER, Map.of("allTheSame", true));
        Meeting fresh =
                Meeting.of(Samples.wiring(), WiringDocument.of(Samples.wiring(said)), Choices.NONE, Calendars.NONE);
        assertThat(fresh.comes().cues()).extracting(Cue::allTheSame).containsExactly(false);
        Meeting here = Meeting.of(
                Samples.wiring(said), WiringDocument.of(Samples.wiring(OTHER)), Choices.NONE, Calendars.NONE);
        assertThat(here.there()).contains(POURING);
        assertThat(here.clashes()).isEmpty();
    }

    @Test
    void aWayThatASortDoesNotHaveCountsAsTheUsualOne() {
        Choices odd = new Choices(Map.of(new PackItem(PackItem.Sort.LOOK, "x"), Choices.Way.REPLACE), Map.of());
        assertThat(odd.of(new PackItem(PackItem.Sort.LOOK, "x"))).isEqualTo(Choices.Way.KEEP);
        assertThat(odd.of(new PackItem(PackItem.Sort.STAGE, "main"))).isEqualTo(Choices.Way.ADD);
    }
}
