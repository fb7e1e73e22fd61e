package org.waxbell.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.SHELF;
import static org.waxbell.Samples.card;
import static org.waxbell.Samples.pouring;
import static org.waxbell.Samples.reply;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.shelf.Media;

class ScoreCompilerTest {
    private static final Draws FIRST = (purpose, choices) -> choices.get(0);

    @Test
    void startsHangOnTimesStartsAndEndsInAnyOrderOfWriting() {
        Score score = new Score(List.of(reply("thanks", new Anchor.After("card", 200)), card("card", new Anchor.With("sound", 300), 5_000),
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
        Score score = new Score(List.of(reply("lead", new Anchor.With("a", 0)), reply("a", new Anchor.After("b", 0)),
                reply("b", new Anchor.With("a", 10))));
        assertThat(ScoreCompiler.circleIn(score)).containsExactly("a", "b");
        assertThat(ScoreCompiler.circleIn(new Score(List.of(reply("a", new Anchor.At(0)))))).isEmpty();
    }
}
