package org.waxbell.seen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.mixer.MixerPicture.Standing;
import org.waxbell.seen.Seen.Proof;

/** What is said of a ring once it is known whether it could be seen and heard. */
class SeenTest {
    private static Sight sight(
            boolean sound, int pages, boolean painted, boolean mixer, Standing standing, Sight.Level level) {
        return new Sight("main", "Main", true, sound, pages, painted, mixer, standing, "Back soon", level);
    }

    private static void says(Sight sight, Proof proof, String says, boolean mendable) {
        Seen seen = Seen.of(List.of(sight));
        assertThat(seen.says()).isEqualTo(says);
        assertThat(seen.proof()).isEqualTo(proof);
        assertThat(seen.mendable()).isEqualTo(mendable);
        assertThat(seen.remedy().isEmpty())
                .as("what was missed says how to mend it")
                .isEqualTo(proof == Proof.SEEN || says.endsWith("heard is not known"));
    }

    @Test
    void eachThingThatCanBeMissingIsNamed() {
        says(sight(false, 1, true, true, Standing.SHOWN, Sight.Level.UNKNOWN), Proof.SEEN, "rang, and was seen", false);
        says(
                sight(true, 1, true, true, Standing.SHOWN, Sight.Level.MOVED),
                Proof.SEEN,
                "rang, and was seen and heard",
                false);
        says(
                sight(true, 1, true, true, Standing.SHOWN, Sight.Level.UNKNOWN),
                Proof.UNKNOWN,
                "rang, and was seen; whether it was heard is not known",
                false);
        says(
                sight(true, 1, true, true, Standing.SHOWN, Sight.Level.STILL),
                Proof.MISSED,
                "rang, and was seen, but not heard: the level did not move",
                false);
        says(
                sight(true, 1, true, true, Standing.SHOWN, Sight.Level.MUTED),
                Proof.MISSED,
                "rang, and was seen, but the stage's source is muted in the mixer",
                true);
        says(
                sight(false, 1, true, true, Standing.OTHER_SCENE, Sight.Level.UNKNOWN),
                Proof.MISSED,
                "rang, but the stage is not in this scene, Back soon",
                true);
        says(
                sight(false, 1, true, true, Standing.HIDDEN, Sight.Level.UNKNOWN),
                Proof.MISSED,
                "rang, but the stage is hidden in this scene, Back soon",
                true);
        says(
                sight(false, 1, true, true, Standing.NOWHERE, Sight.Level.UNKNOWN),
                Proof.MISSED,
                "rang, but no source of the mixer loads the stage Main",
                true);
        says(
                sight(false, 0, false, true, Standing.SHOWN, Sight.Level.UNKNOWN),
                Proof.MISSED,
                "rang, but no page shows the stage Main",
                true);
        says(
                sight(false, 1, false, true, Standing.SHOWN, Sight.Level.UNKNOWN),
                Proof.MISSED,
                "rang, but no page painted it",
                false);
        says(
                sight(false, 1, true, false, Standing.NOWHERE, Sight.Level.UNKNOWN),
                Proof.UNKNOWN,
                "rang, and a page painted it; whether viewers saw it is not known",
                false);
    }

    @Test
    void ofSeveralStagesAndFailuresTheWorstIsTold() {
        Sight good = sight(false, 1, true, true, Standing.SHOWN, Sight.Level.UNKNOWN);
        Sight hidden = sight(false, 1, true, true, Standing.HIDDEN, Sight.Level.UNKNOWN);
        assertThat(Seen.of(List.of(good, hidden)).says()).contains("hidden");
        assertThat(Seen.of(List.of(good))
                        .or(Seen.failed("reply", "the chat is down"))
                        .says())
                .isEqualTo("rang, but reply failed: the chat is down");
        assertThat(Seen.failed("reply", "x").or(Seen.of(List.of(good))).proof()).isEqualTo(Proof.MISSED);
    }
}
