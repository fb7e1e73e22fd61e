package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.Samples;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.MarkPull;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.PrivatePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.ScenePull;
import org.waxbell.cue.WebPull;
import org.waxbell.event.CueRang;
import org.waxbell.event.EventSamples;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.score.Anchor;

/** Every pull on an event that it means and on one that it does not. */
class PullsTest {
    private static final ShowEvent LINE = Samples.line(Samples.INES, "!pour 7");

    private static Cue cue(String id, Pull... pulls) {
        return Samples.pulledBy(Samples.cue(id, List.of("!x"), List.of(), Samples.reply("r", new Anchor.At(0))), pulls);
    }

    private static List<Match> matches(ShowEvent event, Cue... cues) {
        return new CueBook(Samples.housed(cues)).match(event, (match, line) -> false);
    }

    private static ShowEvent privately(String text) {
        return new PrivateLine("practice", Samples.INES, text);
    }

    private static ShowEvent scene(String name) {
        return new HouseEvent.Switched(new Target(Target.Kind.SCENE, ""), name, true);
    }

    private static ShowEvent said(String viewer) {
        return Samples.line(Samples.viewer(viewer), "hello");
    }

    static Stream<Arguments> pulls() {
        ShowEvent lamp = new HouseEvent.Switched(new Target(Target.Kind.LAMP, "Bench"), "off", true);
        return Stream.of(
                Arguments.of(new ChatWordPull(List.of("pour"), true, ""), LINE, said("a")),
                Arguments.of(
                        new ChatWordPull(List.of("!pour"), false, "\\d+"),
                        LINE,
                        Samples.line(Samples.INES, "!pour seven")),
                Arguments.of(new FirstLinePull(FirstLinePull.Whose.EACH, "", false), said("a"), privately("hello")),
                Arguments.of(
                        new FirstLinePull(FirstLinePull.Whose.NAMED, "WICKERBY", false), said("wickerby"), said("a")),
                Arguments.of(new PrivatePull(List.of("HELP")), privately("help me"), privately("hello")),
                Arguments.of(new PrivatePull(List.of()), privately("anything"), said("a")),
                Arguments.of(
                        new MarkPull("pours", 10, true),
                        new HouseEvent.ValueMoved("pours", 8, 12),
                        new HouseEvent.ValueMoved("pours", 10, 12)),
                Arguments.of(
                        new MarkPull("pours", 10, true),
                        new HouseEvent.ValueMoved("pours", 9, 10),
                        new HouseEvent.ValueMoved("dips", 9, 10)),
                Arguments.of(
                        new MarkPull("pours", 0, false),
                        new HouseEvent.ValueMoved("pours", 1, -2),
                        new HouseEvent.ValueMoved("pours", -1, 2)),
                Arguments.of(
                        new EveryPull(60_000),
                        new HouseEvent.TimeCame("c", 0, "x"),
                        new HouseEvent.TimeCame("other", 0, "x")),
                Arguments.of(
                        new HandPull("Bell", ""),
                        new HouseEvent.HandPulled("c", "Bell"),
                        new HouseEvent.HandPulled("other", "Bell")),
                Arguments.of(
                        new WebPull("kiln"),
                        new HouseEvent.WebCalled("kiln", ""),
                        new HouseEvent.WebCalled("oven", "")),
                Arguments.of(new ScenePull(List.of("Kettle")), scene("Kettle"), scene("Bench")),
                Arguments.of(new ScenePull(List.of()), scene("Bench"), lamp),
                Arguments.of(
                        new CuePull("other", true),
                        new CueRang("other", "Other", true, LINE),
                        new CueRang("other", "Other", false, LINE)),
                Arguments.of(
                        new EventPull("wheelStopped", Map.of(), Map.of("deskName", "dyes")),
                        new HouseEvent.DeskEnded(HouseEvent.DeskEnded.Desk.WHEEL, "Dyes", "sage"),
                        new HouseEvent.DeskEnded(HouseEvent.DeskEnded.Desk.CLOCK, "Dyes", "")),
                Arguments.of(
                        new EventPull("showOpened", Map.of(), Map.of()),
                        new HouseEvent.ShowMoved(true),
                        new HouseEvent.ShowMoved(false)),
                Arguments.of(
                        new EventPull("airOff", Map.of(), Map.of()),
                        new HouseEvent.AirChanged(false),
                        new HouseEvent.AirChanged(true)));
    }

    @ParameterizedTest
    @MethodSource("pulls")
    void itMeansTheOneAndNotTheOther(Pull pull, ShowEvent meant, ShowEvent other) {
        assertThat(matches(meant, cue("c", pull))).hasSize(1);
        assertThat(matches(other, cue("c", pull))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("pulls")
    void whatItSaysOfItsFieldsIsBroughtByItsEvents(Pull pull, ShowEvent meant, ShowEvent other) {
        assertThat(meant.values().keySet()).containsAll(pull.fields());
        assertThat(meant.numbers().keySet()).containsAll(pull.numbers());
        assertThat(meant.sentence()).isNotBlank().isNotEqualTo(other.sentence().repeat(2));
    }

    @Test
    void theMostExactPullOfACueCounts() {
        Cue both = cue(
                "both",
                new PatternPull("pour", "pour"),
                new PhrasePull(List.of("pour"), false),
                new ChatWordPull(List.of("!pour"), false, ""));
        Cue exact = cue("exact", new ChatWordPull(List.of("!pour"), false, "\\d+"));
        List<Match> found = matches(LINE, both, exact);
        assertThat(found).extracting(each -> each.ready().cue().id()).containsExactly("both", "exact");
        assertThat(found.get(1).exactness()).isGreaterThan(found.get(0).exactness());
        assertThat(new EventPull("gift", Map.of(), Map.of("giftItem", "Lantern")).exactness())
                .isGreaterThan(new EventPull("gift", Map.of("giftWorth", 999L), Map.of()).exactness())
                .isGreaterThan(new EventPull("gift", Map.of("giftWorth", 50L), Map.of()).exactness());
        assertThat(new EventPull("gift", Map.of("giftWorth", 500L), Map.of()).exactness())
                .isGreaterThan(new EventPull("gift", Map.of("giftWorth", 50L), Map.of()).exactness());
    }

    @Test
    void everyKindOfEventHasASampleThatFitsIt() {
        assertThat(EventSamples.kinds()).doesNotHaveDuplicates().allSatisfy(kind -> {
            ShowEvent sample = EventSamples.any(kind).orElseThrow();
            assertThat(sample.kind()).isEqualTo(kind);
            assertThat(sample.sentence()).isNotBlank();
            assertThat(sample.values().keySet())
                    .containsAll(sample.numbers().keySet().stream()
                            .filter(name -> !name.endsWith("Cents"))
                            .toList());
        });
    }

    @Test
    void aCueThatRangBringsAlongWhatHappenedFirst() {
        CueRang first = new CueRang("a", "A", false, LINE);
        CueRang second = new CueRang("b", "B", false, first);
        assertThat(second.cause()).isEqualTo(LINE);
        assertThat(second.by()).isEqualTo(LINE.by());
        assertThat(second.values()).isEqualTo(LINE.values());
        assertThat(second.link()).contains("practice");
    }

    @Test
    void onlyWhatIsWaitedForIsAnswered() {
        CueBook book = new CueBook(Samples.housed(cue("c", new CuePull("a", false))));
        assertThat(book.waitsFor(new CueRang("a", "A", false, LINE))).isTrue();
        assertThat(book.waitsFor(new CueRang("a", "A", true, LINE))).isFalse();
        assertThat(book.waitsFor(new HouseEvent.ValueMoved("pours", 0, 1))).isFalse();
    }

    @Test
    void anEditCompilesOnlyWhatChanged() {
        Cue one = cue("one", ChatWordPull.of("!one"));
        Cue two = cue("two", ChatWordPull.of("!two"));
        CueBook before = new CueBook(Samples.housed(one, two));
        CueBook after = before.next(Samples.housed(one, cue("two", ChatWordPull.of("!three"))));
        assertThat(after.cue("one").orElseThrow()).isSameAs(before.cue("one").orElseThrow());
        assertThat(after.cue("two").orElseThrow()).isNotSameAs(before.cue("two").orElseThrow());
        assertThat(matches(
                        Samples.line(Samples.INES, "!three"),
                        after.wiring().cues().toArray(Cue[]::new)))
                .hasSize(1);
    }
}
