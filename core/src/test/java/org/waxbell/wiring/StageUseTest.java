package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.cue.Cue;
import org.waxbell.score.Anchor;
import org.waxbell.score.AskPart;
import org.waxbell.score.Manner;

class StageUseTest {
    private static final Anchor NOW = Anchor.START;
    private static final Cue CUE = Samples.cue(
            "lower-third",
            List.of("!pour"),
            List.of(),
            Samples.card("lower-third", NOW, 3_000),
            new AskPart("dyes", NOW, "wheel", "main/dyes", "fill", Map.of(), Manner.PLAIN));

    @Test
    void whatACueUsesAreThePlacesOfItsPartsAndNothingThatIsCalledAlike() {
        assertThat(StageUse.of(CUE)).containsExactly("main/dyes", "main/lower-third");
        assertThat(StageUse.of(Samples.cue("lower-third", List.of("!x"), List.of(), Samples.reply("lower-third", NOW))))
                .isEmpty();
    }
}
