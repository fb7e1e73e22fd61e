package org.waxbell.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class MemoryTest {
    private static final Book<String> WORDS = new Book<>("words", String.class);
    private static final Book<Long> POINTS = Book.ofEveryone("points");
    private static final Book<Long> NUMBERS = new Book<>("numbers", Long.class);

    private static Memory of(String key, String value) {
        Memory memory = new Memory();
        memory.put(WORDS, key, value);
        return memory;
    }

    @Test
    void twoAreTheSameWhereEveryEntryIs() {
        assertThat(of("a", "x")).isEqualTo(of("a", "x")).hasSameHashCodeAs(of("a", "x"));
        assertThat(of("a", "x"))
                .isNotEqualTo(of("a", "y"))
                .isNotEqualTo(of("b", "x"))
                .isNotEqualTo(new Memory())
                .isNotEqualTo("words");
        Memory other = of("a", "x");
        other.put(NUMBERS, "a", 1L);
        assertThat(other).isNotEqualTo(of("a", "x"));
        assertThat(other.names()).containsExactly("numbers", "words");
        assertThat(other).hasToString("{numbers={a=1}, words={a=x}}");
    }

    @Test
    void whatIsTakenAwayLeavesNothingBehind() {
        Memory memory = of("a", "x");
        memory.remove(NUMBERS, "a");
        memory.remove(WORDS, "b");
        assertThat(memory).isEqualTo(of("a", "x"));
        memory.remove(WORDS, "a");
        assertThat(memory).isEqualTo(new Memory());
        assertThat(memory.get(WORDS, "a")).isEmpty();
    }

    @Test
    void aCopyGoesItsOwnWay() {
        Memory memory = of("a", "x");
        Memory copy = new Memory(memory);
        copy.put(WORDS, "a", "y");
        assertThat(memory.get(WORDS, "a")).contains("x");
        assertThat(copy.map(WORDS)).containsExactly(Map.entry("a", "y"));
    }

    @Test
    void goneIsOneEntryOrAllBelowOrTheBook() {
        Memory memory = of("dye", "1");
        memory.put(WORDS, "dye/ines", "2");
        memory.put(WORDS, "dyes", "3");
        Memory one = new Memory(memory);
        one.take(WORDS.gone("dye"));
        assertThat(one.map(WORDS)).containsOnlyKeys("dye/ines", "dyes");
        Memory below = new Memory(memory);
        below.take(WORDS.goneBelow("dye"));
        assertThat(below.map(WORDS)).containsOnlyKeys("dyes");
        memory.take(WORDS.goneBelow(""));
        assertThat(memory).isEqualTo(new Memory());
    }

    @Test
    void whatIsKeptOfEveryoneIsReadAndChangedAsAnyBook() {
        Memory memory = of("a", "x");
        memory.put(POINTS, Book.key(-1), 60L);
        memory.put(POINTS, Book.key(31), 5L);
        assertThat(memory.get(POINTS, "ffffffffffffffff")).contains(60L);
        assertThat(memory.get(POINTS, "2")).isEmpty();
        assertThat(memory.map(POINTS)).containsOnly(Map.entry("1f", 5L), Map.entry("ffffffffffffffff", 60L));
        assertThat(memory.all(POINTS)).containsExactly(5L, 60L);
        assertThat(memory.below(POINTS, "1f")).isEmpty();
        assertThat(memory.names()).containsExactly("points", "words");
        assertThat(memory).isNotEqualTo(of("a", "x"));
        Memory copy = new Memory(memory);
        assertThat(copy).isEqualTo(memory).hasSameHashCodeAs(memory);
        copy.remove(POINTS, "1f");
        assertThat(memory.numbers(POINTS).size()).isEqualTo(2);
        copy.remove(POINTS, "ffffffffffffffff");
        assertThat(copy).isEqualTo(of("a", "x"));
        memory.take(POINTS.goneBelow(""));
        assertThat(memory).isEqualTo(of("a", "x"));
    }

    @Test
    void numbersOfEveryoneAreCopiedAndToldInOrder() {
        Numbers numbers = new Numbers();
        numbers.put(31, 5);
        numbers.add(31, 2);
        numbers.put(-1, 60);
        Memory memory = new Memory();
        memory.put(POINTS, new Numbers(numbers));
        memory.numbers(POINTS).put(2, 2);
        assertThat(memory.numbers(POINTS)).isEqualTo(numbers).hasToString("{1f=7, ffffffffffffffff=60}");
        StringBuilder told = new StringBuilder();
        numbers.forEach(
                (key, value) -> told.append(key).append('=').append(value).append(' '));
        assertThat(told).hasToString("-1=60 31=7 ");
        memory.put(POINTS, new Numbers());
        assertThat(memory).isEqualTo(new Memory());
    }

    @Test
    void aChangeTellsOnlyItsOwnBook() {
        assertThat(WORDS.put("a", "x").now(WORDS)).contains("x");
        assertThat(WORDS.put("a", "x").now(NUMBERS)).isEmpty();
        assertThat(WORDS.gone("a").now(WORDS)).isEmpty();
    }
}
