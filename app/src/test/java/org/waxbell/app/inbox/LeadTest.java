package org.waxbell.app.inbox;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LeadTest {
    @ParameterizedTest
    @CsvSource({"0, 40", "2.4, 42", "60, 100", "500, 150"})
    void theLeadGrowsWithTheWorstRoundTripWithinItsBounds(double roundTrip, long lead) {
        assertThat(Lead.of(roundTrip)).isEqualTo(lead);
    }
}
