package org.waxbell.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** The clock of the show while somebody sets the clock of the machine. */
class SteadyClockTest {
    private static final long HOUR = 3_600_000;
    private long wall = 1_700_000_000_000L;
    private long nanos = 5_000_000_000L;
    private final SteadyClock clock = new SteadyClock(() -> wall * 1_000, () -> nanos);

    private void pass(long millis) {
        wall += millis;
        nanos += millis * 1_000_000;
    }

    @Test
    void goesWithTheWallClockAsLongAsNobodySetsIt() {
        for (int i = 0; i < 1_000; i++) {
            pass(7);
            assertThat(clock.now()).isEqualTo(wall);
        }
        assertThat(clock.setBack()).isZero();
    }

    @Test
    void setBackByAnHourItGoesOnEvenlyAndSaysHowFar() {
        long before = clock.now();
        wall -= HOUR;
        pass(1_500);
        assertThat(clock.now()).isEqualTo(before + 1_500);
        assertThat(clock.setBack()).isBetween(HOUR - 2, HOUR);
        pass(60_000);
        assertThat(clock.now()).isEqualTo(before + 61_500);
        wall += HOUR;
        assertThat(clock.now()).isEqualTo(before + 61_500);
        assertThat(clock.setBack()).as("set right again").isZero();
    }

    @Test
    void setForwardOrBehindASleepItFollowsAtOnce() {
        long before = clock.now();
        wall += HOUR;
        assertThat(clock.now()).isEqualTo(before + HOUR);
        pass(10);
        assertThat(clock.now()).isEqualTo(before + HOUR + 10);
        wall -= 2 * HOUR;
        pass(10);
        assertThat(clock.now()).isEqualTo(before + HOUR + 20);
    }

    /** Whoever reads both clocks may be made to wait between the two. */
    @Test
    void aThreadThatHadToWaitIsNoClockThatWasSet() {
        SteadyClock slow = new SteadyClock(
                () -> {
                    long told = wall * 1_000;
                    pass(30);
                    return told;
                },
                () -> nanos);
        for (int i = 0; i < 100; i++) {
            assertThat(slow.now()).isLessThanOrEqualTo(wall);
        }
        assertThat(slow.setBack()).isZero();
    }

    @Test
    void aTrifleIsNotWorthAWord() {
        wall -= 300;
        pass(1);
        assertThat(clock.setBack()).isZero();
    }

    @Test
    void neverGoesBackHoweverItIsSet() {
        Random any = new Random(7);
        double last = clock.exact();
        for (int i = 0; i < 20_000; i++) {
            pass(any.nextInt(40));
            if (any.nextInt(20) == 0) {
                wall += any.nextLong(-2 * HOUR, 2 * HOUR);
            }
            nanos += any.nextInt(1_000_000);
            double now = clock.exact();
            assertThat(now).isGreaterThanOrEqualTo(last).isGreaterThan(wall - 1);
            last = now;
        }
    }
}
