package org.waxbell.time;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimeTest {
    @ParameterizedTest
    @CsvSource({"1, 1 s", "8001, 9 s", "9000, 9 s", "59001, 1 min", "80000, 1 min 20 s", "3700000, 1 h 1 min 40 s"})
    void whatIsToGoIsRoundedUpSoThatItNeverSaysZero(long millis, String words) {
        assertThat(Spans.toGo(millis)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"5600, 5.6 s", "14000, 14 s", "120000, 2 min", "90500, 1 min 30.5 s", "0, 0 s"})
    void aLengthReadsAsItWasSet(long millis, String words) {
        assertThat(Spans.inWords(millis)).isEqualTo(words);
    }

    @Test
    void stampsNeverGoBackWhenTheWallClockDoes() {
        long[] wall = {100, 90, 101};
        int[] at = {0};
        Stamps stamps = new Stamps(() -> wall[at[0]++]);
        assertThat(new long[] {stamps.next(), stamps.next(), stamps.next()}).containsExactly(100, 100, 101);
    }

    @Test
    void aVirtualClockMovesOnlyForward() {
        VirtualClock clock = new VirtualClock(50);
        clock.moveTo(70);
        clock.moveTo(60);
        assertThat(clock.now()).isEqualTo(70);
    }
}
