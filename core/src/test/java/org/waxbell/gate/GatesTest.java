package org.waxbell.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;

class GatesTest {
    private final LetBook lets = new LetBook();

    private GateAnswer ask(Gate gate, long at, Viewer viewer) {
        return gate.ask(new GateQuery(at, Optional.of(viewer), "pour", lets));
    }

    @Test
    void whoLetsThroughAnyOfItsStandings() {
        WhoGate gate = Samples.only(Standing.MODERATOR, Standing.VIP);
        assertThat(ask(gate, 0, Samples.WICKERBY).passed()).isTrue();
        assertThat(ask(gate, 0, Samples.INES)).satisfies(answer -> {
            assertThat(answer.passed()).isFalse();
            assertThat(answer.reason()).isEqualTo("only for moderators or VIPs");
        });
        assertThat(ask(Samples.only(Standing.ANYONE), 0, Samples.INES).passed()).isTrue();
    }

    @Test
    void cooldownCountsFromTheLastRingToTheMillisecond() {
        CooldownGate gate = new CooldownGate(14_000, 0);
        lets.add(new Let(1, "pour", "practice:wickerby", 1_000), 14_000);
        assertThat(ask(gate, 6_000, Samples.INES).reason()).isEqualTo("resting, 9 s to go");
        assertThat(ask(gate, 14_999, Samples.INES).numbers()).containsEntry("toGoMs", 1L);
        assertThat(ask(gate, 15_000, Samples.INES).passed()).isTrue();
    }

    @Test
    void cooldownPerViewerLeavesOthersAlone() {
        CooldownGate gate = new CooldownGate(0, 60_000);
        lets.add(new Let(1, "pour", Samples.WICKERBY.id(), 0), 60_000);
        assertThat(ask(gate, 1_000, Samples.INES).passed()).isTrue();
        assertThat(ask(gate, 1_000, Samples.WICKERBY).reason()).isEqualTo("resting for this viewer, 59 s to go");
    }

    @Test
    void takingBackLeavesTheEntryBeforeInForce() {
        lets.add(new Let(1, "pour", "a", 1_000), 50_000);
        lets.add(new Let(2, "pour", "a", 9_000), 50_000);
        assertThat(lets.takeBack(2)).isTrue();
        assertThat(lets.takeBack(2)).isFalse();
        assertThat(lets.last("pour")).isEqualTo(1_000);
        assertThat(lets.last("pour", "a")).isEqualTo(1_000);
    }

    @Test
    void whatNoCooldownAsksForAnyMoreIsForgotten() {
        for (int i = 0; i < 1_000; i++) {
            lets.add(new Let(i, "pour", "viewer" + i, i * 1_000L), 10_000);
        }
        assertThat(lets.all()).hasSize(11);
        assertThat(lets.last("pour", "viewer3")).isEqualTo(LetBook.NEVER);
    }

    @Test
    void absurdTimesAndNobodyAreRefused() {
        Problems problems = new Problems();
        new CooldownGate(-1, 999_999_999).check(problems.at("gates", 0));
        Samples.only().check(problems.at("gates", 1));
        assertThat(problems.found()).extracting(each -> each.path() + "=" + each.value())
                .containsExactly("gates[0].forAllMs=-1", "gates[0].perViewerMs=999999999", "gates[1].standings=[]");
    }
}
