package org.waxbell.app.health;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SlowestTest {
    @Test
    void tenStayTheSlowestFirstAndWordsAreAskedForOnlyOfThem() {
        Slowest slowest = new Slowest();
        for (int i = 1; i <= 25; i++) {
            int ms = i * 7 % 26;
            slowest.note(i, ms * 1_000_000L, () -> "took " + ms);
        }
        assertThat(slowest.all())
                .extracting(Slowest.SlowStep::ms)
                .containsExactly(25.0, 24.0, 23.0, 22.0, 21.0, 20.0, 19.0, 18.0, 17.0, 16.0);
        slowest.note(26, 16_000_000L, () -> {
            throw new AssertionError("asked for what is none of them");
        });
        assertThat(slowest.all()).hasSize(10);
    }
}
