package org.waxbell.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RigTest {
    private static Rig steered(Rig rig, String colour) {
        int there = Rig.POTS.stream()
                .filter(pot -> pot.name().equals(colour))
                .findFirst()
                .orElseThrow()
                .place();
        Rig now = rig;
        while (now.depth() > 0) {
            now = now.pressed("ArrowUp");
        }
        while (now.place() != there) {
            now = now.pressed(now.place() < there ? "ArrowRight" : "ArrowLeft");
        }
        return now.pressed("ArrowDown").pressed("ArrowDown");
    }

    @Test
    void anOrderCanBeFilledAgainAndAgainAndOrdersGrow() {
        Rig rig = Rig.fresh();
        for (int candle = 1; candle <= 12; candle++) {
            for (String colour : rig.order()) {
                rig = steered(rig, colour);
            }
            assertThat(rig.made()).isEqualTo(candle);
            assertThat(rig.layers()).isEmpty();
            assertThat(rig.order()).hasSizeBetween(2, 5);
        }
    }

    @Test
    void aLayerThatIsNotWantedSlidesOffWithAllBelowIt() {
        Rig rig = Rig.fresh();
        String first = rig.order().get(0);
        String wrong = Rig.POTS.stream()
                .map(Rig.Pot::name)
                .filter(name -> !name.equals(first) && !name.equals(rig.order().get(1)))
                .findFirst()
                .orElseThrow();
        assertThat(steered(rig, first).layers()).containsExactly(first);
        assertThat(steered(steered(rig, first), wrong).layers()).isEmpty();
    }

    @Test
    void theArmStaysOnItsRailAndMovesOnlyWhileTheTaperHangs() {
        assertThat(Rig.fresh().pressed("ArrowLeft")).isEqualTo(Rig.fresh());
        assertThat(Rig.fresh().pressed("ArrowUp")).isEqualTo(Rig.fresh());
        assertThat(Rig.fresh().pressed("F6")).isEqualTo(Rig.fresh());
        Rig deep = Rig.fresh().pressed("ArrowDown");
        assertThat(deep.pressed("ArrowRight")).isEqualTo(deep);
        Random random = new Random(3);
        Rig rig = Rig.fresh();
        List<String> keys = List.of("ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown");
        for (int i = 0; i < 20_000; i++) {
            rig = rig.pressed(keys.get(random.nextInt(keys.size())));
            assertThat(rig.place()).isBetween(0, Rig.LAST);
            assertThat(rig.depth()).isBetween(0, Rig.DEEP);
            assertThat(rig.order().subList(0, rig.layers().size())).isEqualTo(rig.layers());
        }
        assertThat(rig.made()).as("even a blind crowd reaches the goal").isPositive();
    }
}
