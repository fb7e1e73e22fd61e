package org.waxbell.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** The ranked list beside a tree map, step by step. */
class RankedTest {
    @RepeatedTest(20)
    void itIsAsASortedMapWithRanksAndTheOnesBeforeStayAsTheyWere(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Ranked<Integer, String> ranked = Ranked.none();
        TreeMap<Integer, String> map = new TreeMap<>();
        List<Ranked<Integer, String>> before = new ArrayList<>();
        List<List<String>> stood = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            before.add(ranked);
            stood.add(List.copyOf(map.values()));
            int key = random.nextInt(60);
            if (random.nextInt(3) == 0) {
                ranked = ranked.without(key);
                map.remove(key);
            } else {
                ranked = ranked.with(key, "v" + i);
                map.put(key, "v" + i);
            }
            assertThat(ranked).containsExactlyElementsOf(map.values());
            assertThat(ranked.size()).isEqualTo(map.size());
            assertThat(ranked.isEmpty()).isEqualTo(map.isEmpty());
            int any = random.nextInt(62) - 1;
            assertThat(ranked.rank(any)).isEqualTo(map.headMap(any).size());
            assertThat(ranked.get(any).orElse(null)).isEqualTo(map.get(any));
            if (!map.isEmpty()) {
                int rank = random.nextInt(map.size());
                assertThat(ranked.at(rank)).isEqualTo(List.copyOf(map.values()).get(rank));
            }
        }
        for (int i = 0; i < before.size(); i++) {
            assertThat(before.get(i)).containsExactlyElementsOf(stood.get(i));
        }
        for (int i = 1; i < before.size(); i += 7) {
            TreeMap<Integer, String> now = new TreeMap<>();
            Ranked.changes(Ranked.<Integer, String>none(), before.get(i / 2), (key, value) -> now.put(key, value));
            Ranked.changes(before.get(i / 2), before.get(i), (key, value) -> {
                if (value == null) {
                    assertThat(now.remove(key)).isNotNull();
                } else {
                    assertThat(now.put(key, value)).isNotEqualTo(value);
                }
            });
            assertThat(now.values()).containsExactlyElementsOf(stood.get(i));
        }
    }

    @Test
    void theSameKeysAreTheSameHoweverTheyCame() {
        Ranked<Integer, Integer> one = Ranked.none();
        Ranked<Integer, Integer> other = Ranked.none();
        for (int i = 0; i < 500; i++) {
            one = one.with(i, i);
            other = other.with(499 - i, 499 - i).with(1_000 + i, 0);
        }
        for (int i = 0; i < 500; i++) {
            other = other.without(1_000 + i);
        }
        assertThat(other).isEqualTo(one).hasSameHashCodeAs(one);
        assertThat(other.with(3, 4)).isNotEqualTo(one);
        assertThat(other.without(3)).isNotEqualTo(one);
        assertThat(one.first(3)).containsExactly(0, 1, 2);
    }
}
