package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.booking.Frame;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.fixture.WheelFixture.Segment;

/** A wheel is fair: 100,000 draws by the engine's own chance fall as the weights say (chi-square). */
class WheelChanceTest {
    private static final int DRAWS = 100_000;
    /** The 99.9 percentile of chi-square with five degrees of freedom. */
    private static final double BOUND = 20.515;

    private static final WheelFixture WHEEL = new WheelFixture(
            "dyes",
            "Dyes",
            new Frame(0, 0, 10, 10, 0, false),
            List.of(
                    new Segment("Sage", "#000000", 20),
                    new Segment("Free", "#000000", 5),
                    new Segment("Rose", "#000000", 25),
                    new Segment("Sing", "#000000", 10),
                    new Segment("Sea", "#000000", 25),
                    new Segment("Lamp", "#000000", 15)),
            false,
            false);

    @Test
    void drawsFallAsTheWeightsSay() {
        for (long seed : new long[] {1, 20_261_125, -7}) {
            Chance chance = new Chance(seed, Map.of());
            int[] fell = new int[WHEEL.segments().size()];
            for (long ring = 1; ring <= DRAWS; ring++) {
                fell[WHEEL.at(chance.below("spin-it", "spin/spin0", ring, WHEEL.total(List.of())), List.of())]++;
            }
            double square = 0;
            for (int i = 0; i < fell.length; i++) {
                double wanted = DRAWS * WHEEL.odds(i, List.of()) / 100;
                square += (fell[i] - wanted) * (fell[i] - wanted) / wanted;
            }
            assertThat(square).as("seed %d", seed).isLessThan(BOUND);
        }
    }
}
