package org.waxbell.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.check.Contrast;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;

/** Looks ship readable, and none that is not can be saved. */
class LookTest {
    private static List<String> faults(Look look) {
        Problems problems = new Problems();
        look.check(problems);
        return problems.found().stream().map(Problem::path).toList();
    }

    private static Look inked(String ink, String second) {
        Look of = Look.SHIPPED.get(0);
        return new Look(
                "mine",
                "Mine",
                of.plate(),
                of.plateTo(),
                of.angle(),
                ink,
                second,
                of.seal(),
                of.edge(),
                of.corner(),
                of.outline(),
                of.face(),
                of.titleSize(),
                of.lineSize(),
                of.entry(),
                of.exit(),
                of.easing());
    }

    @Test
    void whatShipsIsReadableOnItsOwnPlate() {
        assertThat(Look.SHIPPED).allSatisfy(look -> assertThat(faults(look)).isEmpty());
        assertThat(Look.SHIPPED).extracting(Look::id).containsExactly("beeswax", "tide", "pewter");
    }

    @Test
    void contrastIsThatOfTheStandard() {
        assertThat(Contrast.of("#000000", "#ffffff")).isCloseTo(21, within(0.001));
        assertThat(Contrast.of("#777777", "#ffffff")).isCloseTo(4.478, within(0.001));
        assertThat(Contrast.of("#c8841a", "#c8841a")).isEqualTo(1);
    }

    @Test
    void wordsThatDoNotStandOutAndWhatIsNoColourAreRefusedByPlace() {
        assertThat(faults(inked("#c8a25a", "#5a4836"))).containsExactly("ink");
        assertThat(faults(inked("#2a211a", "#bbbbbb"))).containsExactly("second");
        assertThat(faults(inked("honey", "url(x)"))).containsExactly("ink", "second");
    }
}
