package org.waxbell.lookback;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.clip.HandMark;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.lookback.ShowSummary.Minute;
import org.waxbell.lookback.ShowSummary.Tried;
import org.waxbell.lookback.ShowSummary.ViewerSum;
import org.waxbell.wiring.CueBook;

/** A show summed up from what the engine decided. */
class SummingTest {
    private static final long T0 = 1_000_000;
    private static final Viewer OTTER = Samples.viewer("brine_otter");
    private static final Viewer MOTH = Samples.viewer("tallowmoth");
    private final Engine engine = Samples.engine(new CueBook(Samples.housed(Samples.pour())), EngineState.fresh(3));
    private final Summing summing = new Summing(7, T0);

    private void happens(long after, ShowEvent event) {
        engine.accept(T0 + after, event).decisions().forEach(summing::add);
    }

    private ShowSummary over(long after) {
        return summing.over(T0 + after);
    }

    @Test
    void linesRingsAndHoldsStandInTheirMinutes() {
        happens(1_000, Samples.line(OTTER, "!pour"));
        happens(2_000, Samples.line(MOTH, "!pour"));
        happens(61_000, Samples.line(MOTH, "warm tonight"));
        happens(185_000, Samples.line(OTTER, "!taper"));
        ShowSummary all = over(200_000);
        assertThat(all.minutes())
                .containsExactly(new Minute(2, 1, 1), new Minute(1, 0, 0), new Minute(0, 0, 0), new Minute(1, 1, 0));
        assertThat(List.of(all.lines(), all.people(), all.rang(), all.held())).containsExactly(4, 2, 2, 1);
        assertThat(all.busiest()).isZero();
        assertThat(all.viewers())
                .containsExactly(new ViewerSum("brine_otter", 2, 2), new ViewerSum("tallowmoth", 2, 0));
        assertThat(all.cues()).singleElement().satisfies(cue -> {
            assertThat(cue.cue()).isEqualTo("pour-the-taper");
            assertThat(cue.by()).containsEntry("cooldown", 1);
            assertThat(cue.most()).isEqualTo("cooldown");
        });
    }

    @Test
    void aMarkStandsAtItsMomentAndNotWhereItsWordsWereWritten() {
        happens(50_000, new HandMark(T0 + 20_000, "the spill").by(Actor.HOST, T0 + 50_000));
        assertThat(over(60_000).moments()).singleElement().satisfies(each -> {
            assertThat(each.at()).isEqualTo(T0 + 20_000);
            assertThat(each.says()).isEqualTo("marked the moment: the spill");
        });
    }

    @Test
    void aWordThatNoCueHasIsCountedWithWhoTriedIt() {
        for (int i = 0; i < 3; i++) {
            happens(i * 1_000L, Samples.line(OTTER, "!Scent please"));
        }
        happens(4_000, Samples.line(MOTH, "!scent"));
        happens(5_000, Samples.line(MOTH, "no word at all"));
        happens(6_000, Samples.line(MOTH, "!" + "x".repeat(40)));
        ShowSummary all = over(10_000);
        assertThat(all.tried()).containsExactly(new Tried("!scent", 4, 2));
        assertThat(Advice.of(all, List.of(Samples.pour()), "!")).singleElement().satisfies(each -> {
            assertThat(each.says()).isEqualTo("!scent was written 4 times by 2 people, and no cue has that word.");
            assertThat(each.sort()).isEqualTo(Advice.Sort.WORD);
            assertThat(each.about()).isEqualTo("!scent");
        });
    }

    @Test
    void aCueThatWasHeldForMostIsWorthALookWhileItIsThere() {
        happens(0, Samples.line(OTTER, "!pour"));
        for (int i = 1; i <= 6; i++) {
            happens(i * 100L, Samples.line(MOTH, "!pour"));
        }
        ShowSummary all = over(10_000);
        assertThat(Advice.of(all, List.of(Samples.pour()), "!"))
                .extracting(Advice::says)
                .containsExactly("Pour the taper was held 6 times and rang 1; most often by: cooldown.");
        assertThat(Advice.of(all, List.of(), "!"))
                .extracting(Advice::says)
                .containsExactly("!pour was written 7 times by 2 people, and no cue has that word.");
    }

    @Test
    void whatOneLooksForAfterwardsIsKeptInOrder() {
        happens(1_000, Facts.switched(Actor.MIXER, new Target(Target.Kind.SCENE, ""), "away"));
        happens(2_000, Facts.switched(Actor.MIXER, new Target(Target.Kind.SCENE, ""), "bench"));
        happens(3_000, Samples.line(OTTER, "hello"));
        engine.hush(T0 + 4_000, Actor.HOST).decisions().forEach(summing::add);
        assertThat(over(9_000).moments()).extracting(ShowSummary.Moment::kind).contains("hush");
        assertThat(over(9_000).moments()).extracting(ShowSummary.Moment::at).isSorted();
    }

    @Test
    void nothingIsNothing() {
        ShowSummary none = over(0);
        assertThat(none.busiest()).isNegative();
        assertThat(none.minutes()).isEmpty();
        assertThat(Advice.of(none, List.of(), "!")).isEmpty();
    }
}
