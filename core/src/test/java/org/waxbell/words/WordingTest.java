package org.waxbell.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordingTest {
    @Test
    void valuesStandWhereTheirNamesStood() {
        Wording wording = Wording.of("Thanks, {viewer}: {argument}!");
        assertThat(wording.fill(Map.of("viewer", "wickerby", "argument", "{viewer}"))).isEqualTo("Thanks, wickerby: {viewer}!");
        assertThat(wording.names()).containsExactly("argument", "viewer");
    }

    @Test
    void aMissingValueLeavesNothing() {
        assertThat(Wording.of("a{argument}b").fill(Map.of())).isEqualTo("ab");
    }

    @ParameterizedTest
    @CsvSource({"'a {viewer', 2", "'a } b', 2", "'{a {b}', 3", "'x {}', 2", "'{two words}', 0"})
    void aFaultNamesItsPlace(String pattern, int at) {
        assertThat(Wording.faultOf(pattern)).isNotNull().extracting(Wording.Fault::at).isEqualTo(at);
        assertThatThrownBy(() -> Wording.of(pattern)).isInstanceOf(IllegalArgumentException.class);
    }
}
