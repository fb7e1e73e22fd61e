package org.waxbell.app.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import org.junit.jupiter.api.Test;
import org.waxbell.app.clock.SystemClock;

class MediaTokensTest {
    private static final long HOUR = 3_600_000;
    private final SystemClock clock = mock();
    private final MediaTokens tokens = new MediaTokens(clock);

    private String token(String hash) {
        return tokens.address(hash).replaceAll(".*t=", "");
    }

    @Test
    void aTokenOpensItsOwnFileForThisHourAndTheNext() {
        when(clock.now()).thenReturn(10 * HOUR + 5);
        String token = token("f00d");
        assertThat(tokens.opens("f00d", token)).isTrue();
        assertThat(tokens.opens("beef", token)).isFalse();
        when(clock.now()).thenReturn(11 * HOUR + 5);
        assertThat(tokens.opens("f00d", token)).isTrue();
        when(clock.now()).thenReturn(12 * HOUR);
        assertThat(tokens.opens("f00d", token)).isFalse();
    }

    @Test
    void noTokenIsGivenForNothingAndNoneOfAnotherRunOpens() {
        assertThat(tokens.address("")).isEmpty();
        assertThat(new MediaTokens(clock).opens("f00d", token("f00d"))).isFalse();
        assertThat(tokens.opens("f00d", "")).isFalse();
    }
}
