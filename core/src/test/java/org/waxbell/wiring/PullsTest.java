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
import org.waxbell.actor.Actor;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.MarkPull;
import org.waxbell.cue.OscPull;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.PrivatePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.ScenePull;
import org.waxbell.cue.WebPull;
import org.waxbell.event.CueRang;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Facts;
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
        return Facts.switched(Actor.MIXER, new Target(Target.Kind.SCENE, ""), name);
    }

    private static ShowEvent said(String viewer) {
        return Samples.line(Samples.viewer(viewer), "hello");
    }

    private static ShowEvent osc(String address, long before, long now) {
        Map<String, String> with = Map.of("osc1", "x", "osc2", "", "osc3", "", "osc4", "", "osc5", "", "osc6", "");
        return Facts.OSC_HEARD.by(Actor.link("lights"), address, with, before, now);
    }

    static Stream<Arguments> pulls() {
        ShowEvent lamp = Facts.switched(Actor.MIXER, new Target(Target.Kind.LAMP, "Bench"), "off");
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
                        Facts.VALUE_MOVED.by(Actor.PROGRAM, "pours", 8L, 12L),
                        Facts.VALUE_MOVED.by(Actor.PROGRAM, "pours", 10L, 12L)),
                Arguments.of(
                        new MarkPull("pours", 10, true),
                        Facts.VALUE_MOVED.by(Actor.PROGRAM, "pours", 9L, 10L),
                        Facts.VALUE_MOVED.by(Actor.PROGRAM, "dips", 9L, 10L)),
                Arguments.of(
                        new MarkPull("pours", 0, false),
                        Facts.VALUE_MOVED.by(Actor.PROGRAM, "pours", 1L, -2L),
                        Facts.VALUE_MOVED.by(Actor.PROGRAM, "pours", -1L, 2L)),
                Arguments.of(
                        new EveryPull(60_000),
                        Facts.TIME.by(Actor.PROGRAM, "c", 0L, "x"),
                        Facts.TIME.by(Actor.PROGRAM, "other", 0L, "x")),
                Arguments.of(
                        new HandPull("Bell", ""),
                        Facts.HAND.by(Actor.HOST, "c", "Bell"),
                        Facts.HAND.by(Actor.HOST, "other", "Bell")),
                Arguments.of(
                        new WebPull("kiln"),
                        Facts.WEB_CALLED.by(Actor.WEB, "kiln", "", Map.of()),
                        Facts.WEB_CALLED.by(Actor.WEB, "oven", "", Map.of())),
                Arguments.of(new OscPull("/fader/1", "0.5"), osc("/fader/1", 500, 501), osc("/fader/1", 600, 700)),
                Arguments.of(new OscPull("/fader/1", "0.5"), osc("/fader/1", -1_000, 900), osc("/fader/2", 0, 900)),
                Arguments.of(new OscPull("/fader/1", "0.5"), osc("/fader/1", 0, 501), osc("/fader/1", 900, 0)),
                Arguments.of(new OscPull("/button", ""), osc("/button", 0, 0), osc("/button/2", 0, 0)),
                Arguments.of(new ScenePull(List.of("Kettle")), scene("Kettle"), scene("Bench")),
                Arguments.of(new ScenePull(List.of()), scene("Bench"), lamp),
                Arguments.of(
                        new CuePull("other", true),
                        new CueRang("other", "Other", true, LINE),
                        new CueRang("other", "Other", false, LINE)),
                Arguments.of(
                        new EventPull("wheelStopped", Map.of(), Map.of("deskName", "dyes")),
                        DeskFacts.WHEEL_STOPPED.by(Actor.PROGRAM, "Dyes", "sage"),
                        Facts.show(Actor.HOST, true)),
                Arguments.of(
                        new EventPull("showOpened", Map.of(), Map.of()),
                        Facts.show(Actor.HOST, true),
                        Facts.show(Actor.HOST, false)),
                Arguments.of(
                        new EventPull("airOff", Map.of(), Map.of()),
                        Facts.air(Actor.HOST, false),
                        Facts.air(Actor.HOST, true)));
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
        assertThat(Facts.awaited()).doesNotHaveDuplicates().allSatisfy(kind -> {
            ShowEvent sample = Facts.kind(kind).orElseThrow().sample();
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
        assertThat(book.waitsFor(Facts.VALUE_MOVED.by(Actor.PROGRAM, "pours", 0L, 1L)))
                .isFalse();
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
