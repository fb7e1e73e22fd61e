package org.waxbell.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.SHELF;
import static org.waxbell.Samples.card;
import static org.waxbell.Samples.pouring;
import static org.waxbell.Samples.reply;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.event.Target;
import org.waxbell.shelf.Media;

class ScoreCompilerTest {
    private static final Draws FIRST = (purpose, choices) -> choices.get(0);

    @Test
    void startsHangOnTimesStartsAndEndsInAnyOrderOfWriting() {
        Score score = new Score(List.of(
                reply("thanks", new Anchor.After("card", 200)),
                card("card", new Anchor.With("sound", 300), 5_000),
                pouring("sound")));
        List<PlannedPart> plan = ScoreCompiler.plan(score, SHELF, FIRST);
        assertThat(plan).extracting(each -> each.part().id()).containsExactly("thanks", "card", "sound");
        assertThat(plan).extracting(PlannedPart::fromMs).containsExactly(5_500L, 300L, 0L);
    }

    @Test
    void aSoundIsAsLongAsTheOneThatWasDrawn() {
        Draws last = (purpose, choices) -> choices.get(choices.size() - 1);
        Score score = new Score(List.of(pouring("sound"), reply("after", new Anchor.After("sound", 0))));
        List<PlannedPart> plan = ScoreCompiler.plan(score, SHELF, last);
        assertThat(plan.get(0).settled().media()).extracting(Media::name).isEqualTo("pour-3.wav");
        assertThat(plan.get(1).fromMs()).isEqualTo(2_100);
    }

    @Test
    void aCircleIsFoundAndNamedWithoutThosePartsThatOnlyLeadIntoIt() {
        Score score = new Score(List.of(
                reply("lead", new Anchor.With("a", 0)),
                reply("a", new Anchor.After("b", 0)),
                reply("b", new Anchor.With("a", 10))));
        assertThat(ScoreCompiler.circleIn(score)).containsExactly("a", "b");
        assertThat(ScoreCompiler.circleIn(new Score(List.of(reply("a", new Anchor.At(0))))))
                .isEmpty();
    }

    @Test
    void whatHangsOnAnEndThatIsNotKnownHasNoStartYet() {
        Part clip = new ClipPart("clip", new Anchor.At(100), 30, "x", 20_000, Manner.PLAIN);
        List<PlannedPart> plan = ScoreCompiler.plan(
                new Score(List.of(
                        clip,
                        card("with", new Anchor.With("clip", 50), 1_000),
                        card("after", new Anchor.After("clip", 50), 1_000),
                        reply("later", new Anchor.With("after", 10)))),
                SHELF,
                FIRST);
        assertThat(plan)
                .extracting(PlannedPart::fromMs)
                .containsExactly(100L, 150L, PlannedPart.OPEN, PlannedPart.OPEN);
        assertThat(plan.get(0).toMs()).as("it may take so long").isEqualTo(20_100);
        PlannedPart made = new PlannedPart(clip, 100, plan.get(0).settled().lasting(3_000));
        assertThat(ScoreCompiler.resolve(List.of(made, plan.get(1), plan.get(2), plan.get(3))))
                .extracting(PlannedPart::fromMs)
                .containsExactly(100L, 150L, 3_150L, 3_160L);
    }

    @Test
    void whatLastsToTheEndEndsWithTheLastOfTheOthers() {
        Manner toEnd = new Manner(Manner.IfFails.GO_ON, false, true);
        Part lamp = new SwitchPart(
                "lamp", new Anchor.At(500), 0, new Target(Target.Kind.LAMP, "Bench"), "off", false, toEnd);
        List<PlannedPart> plan = ScoreCompiler.plan(
                new Score(List.of(lamp, card("card", new Anchor.At(0), 4_000), pouring("sound"))), SHELF, FIRST);
        assertThat(plan.get(0).endMs()).isEqualTo(4_000);
        Part clip = new ClipPart("clip", new Anchor.At(0), 30, "x", 20_000, Manner.PLAIN);
        assertThat(ScoreCompiler.plan(new Score(List.of(lamp, clip)), SHELF, FIRST)
                        .get(0)
                        .endMs())
                .isEqualTo(PlannedPart.OPEN);
    }

    @Test
    void ofSeveralWordingsOneIsPickedForTheRing() {
        Draws second = new Draws() {
            @Override
            public Media draw(String purpose, List<Media> choices) {
                return choices.get(0);
            }

            @Override
            public int pick(String purpose, int choices) {
                return choices - 1;
            }
        };
        Part says = new ReplyPart("r", new Anchor.At(0), "one\n~\ntwo\n~\nthree", Manner.PLAIN);
        assertThat(ScoreCompiler.plan(new Score(List.of(says, reply("s", new Anchor.At(0)))), SHELF, second))
                .extracting(each -> each.settled().pick())
                .containsExactly(2, 0);
    }
}
