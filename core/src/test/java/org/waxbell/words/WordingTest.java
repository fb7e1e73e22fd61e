package org.waxbell.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WordingTest {
    private static final String SPRIGS =
            "{viewer} sent {giftCount, plural, =0 {nothing} one {# sprig} other {# sprigs}}";

    private static String fill(String pattern, String... values) {
        Map<String, String> all = new HashMap<>();
        for (int i = 0; i < values.length; i += 2) {
            all.put(values[i], values[i + 1]);
        }
        return Wording.of(pattern).fill(all);
    }

    @Test
    void valuesStandWhereTheirNamesStoodAndAreNeverReadAsPatterns() {
        assertThat(fill("Thanks, {viewer}: {argument}!", "viewer", "wickerby", "argument", "{viewer}"))
                .isEqualTo("Thanks, wickerby: {viewer}!");
        assertThat(fill("a{argument}b")).isEqualTo("ab");
        assertThat(fill("{viewer, select, other {{viewer}}}", "viewer", "{x, plural"))
                .isEqualTo("{x, plural");
    }

    @ParameterizedTest
    @CsvSource({
        "0, otter sent nothing",
        "1, otter sent 1 sprig",
        "5, otter sent 5 sprigs",
        "1200, 'otter sent 1,200 sprigs'"
    })
    void countsHaveTheirPlural(String count, String reads) {
        assertThat(fill(SPRIGS, "viewer", "otter", "giftCount", count)).isEqualTo(reads);
    }

    @Test
    void whatShouldBeANumberAndIsNoneStopsNothingOnAir() {
        assertThat(fill(SPRIGS, "viewer", "otter", "giftCount", "five")).isEqualTo("otter sent nothing");
        assertThat(fill("{n, number} of {n}", "n", "12345")).isEqualTo("12,345 of 12,345");
    }

    @Test
    void lineBreaksAndApostrophesStay() {
        assertThat(fill("don't pour yet,\n{viewer}", "viewer", "lou")).isEqualTo("don't pour yet,\nlou");
        assertThat(fill("a brace is '{' and {viewer}", "viewer", "lou")).isEqualTo("a brace is { and lou");
    }

    @Test
    void aValueThatIsNotThereIsToldByItsCase() {
        String pattern = "thanks for {giftItem, select, none {coming} other {the {giftItem}}}";
        assertThat(fill(pattern)).isEqualTo("thanks for coming");
        assertThat(fill(pattern, "giftItem", "Lantern")).isEqualTo("thanks for the Lantern");
        assertThat(Wording.uses(pattern)).containsExactly(new Wording.Use("giftItem", false, true));
        assertThat(Wording.uses(pattern + " {giftItem}"))
                .extracting(Wording.Use::guarded)
                .containsExactlyInAnyOrder(true, false);
    }

    @Test
    void theValuesOfAllBranchesAndAlternativesAreNamed() {
        assertThat(Wording.uses(SPRIGS + "\n~\n{tipAmount} from {viewer}"))
                .extracting(Wording.Use::name)
                .containsExactly("giftCount", "tipAmount", "viewer");
        assertThat(Wording.uses(SPRIGS))
                .filteredOn(Wording.Use::number)
                .extracting(Wording.Use::name)
                .containsExactly("giftCount");
    }

    @Test
    void oneOfSeveralWordingsIsPicked() {
        Wording wording = Wording.of("Good evening, {viewer}\n~\nThere you are, {viewer}");
        assertThat(List.of(
                        wording.fill(Map.of("viewer", "a"), 0),
                        wording.fill(Map.of("viewer", "a"), 1),
                        wording.fill(Map.of("viewer", "a"), 2)))
                .containsExactly("Good evening, a", "There you are, a", "Good evening, a");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a {viewer",
                "{a {b}",
                "x {}",
                "{two words}",
                "{n, plural, one {# sprig}}",
                "{n, plural, one {x}",
                "fine\n~\n{broken"
            })
    void aFaultSaysWhereAndWhy(String pattern) {
        assertThat(Wording.faultOf(pattern)).isNotNull().satisfies(fault -> {
            assertThat(fault.at()).isBetween(0, pattern.length());
            assertThat(fault.message()).isNotBlank();
        });
    }

    @Test
    void aPluralWithoutOtherIsToldSo() {
        assertThat(Wording.faultOf("{n, plural, one {# sprig}}"))
                .isNotNull()
                .extracting(Wording.Fault::message)
                .asString()
                .contains("other");
        assertThat(Wording.faultOf(SPRIGS)).isNull();
    }

    @Test
    void aBookCompilesOnceAndForgetsTheOldest() {
        WordBook book = new WordBook();
        assertThat(book.get(SPRIGS)).isSameAs(book.get(SPRIGS));
        for (int i = 0; i < 10_001; i++) {
            book.get("words " + i);
        }
        assertThat(book.get(SPRIGS).fill(Map.of("viewer", "otter", "giftCount", "1")))
                .isEqualTo("otter sent 1 sprig");
    }
}
