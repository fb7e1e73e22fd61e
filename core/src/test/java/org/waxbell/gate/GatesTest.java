package org.waxbell.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.check.Problems;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;

class GatesTest {
    private final LetBook lets = new LetBook();

    private GateAnswer ask(Gate gate, long at, Viewer viewer) {
        return ask(gate, at, Samples.line(viewer, "!pour"), 0);
    }

    private GateAnswer ask(Gate gate, long at, ShowEvent event, int roll) {
        return gate.ask(new GateQuery(at, event, "pour", lets, roll));
    }

    private GateAnswer say(Gate gate, String text) {
        return ask(gate, 0, Samples.line(Samples.INES, text), 0);
    }

    @Test
    void namesCountBeforeStandingsAndTheDeniedBeforeAll() {
        WhoGate gate = new WhoGate(Set.of(Standing.VIP), 0, List.of("Marshlight_Ines", "wickerby"), List.of("WICKERBY"));
        assertThat(ask(gate, 0, Samples.INES).passed()).isTrue();
        assertThat(ask(gate, 0, Samples.WICKERBY).reason()).isEqualTo("wickerby is on its list of the denied");
        assertThat(ask(gate, 0, Samples.SEDGE).reason()).isEqualTo("only for VIPs or 2 named viewers");
    }

    @Test
    void membersMayNeedMonths() {
        WhoGate gate = new WhoGate(Set.of(Standing.MEMBER), 6, List.of(), List.of());
        Viewer old = new Viewer("practice:old", "old", Set.of(Standing.MEMBER), 6);
        assertThat(ask(gate, 0, old).passed()).isTrue();
        assertThat(ask(gate, 0, Samples.INES).reason()).isEqualTo("only for members of 6 months");
    }

    @Test
    void chanceLetsThroughSoManyOfAHundredAndTellsItsDraw() {
        ChanceGate gate = new ChanceGate(30);
        long passed = IntStream.range(0, 100).filter(roll -> ask(gate, 0, Samples.line(Samples.INES, "!pour"), roll).passed()).count();
        assertThat(passed).isEqualTo(30);
        assertThat(ask(gate, 0, Samples.line(Samples.INES, "!pour"), 62)).satisfies(answer -> {
            assertThat(answer.reason()).isEqualTo("drew 63, needs 30 or less");
            assertThat(answer.numbers()).containsEntry("drew", 63L);
        });
    }

    @ParameterizedTest
    @CsvSource({"VIEWER, @wickerby, true", "VIEWER, wickerby, true", "VIEWER, two words, false", "NUMBER, 7, true", "NUMBER, 11, false", "NUMBER, seven, false",
        "NUMBER, 99999999999999999999, false", "COLOUR, #c8841a, true", "COLOUR, c84, true", "COLOUR, honey, false", "LINK, https://wax.example/a, true",
        "LINK, javascript:alert(1), false", "ONE_OF, SAGE, true", "ONE_OF, blue, false", "TEXT, ten letter, true", "TEXT, eleven chars, false"})
    void argumentsOfTheRightKindPass(ArgumentGate.Wants wants, String argument, boolean passes) {
        ArgumentGate gate = new ArgumentGate(wants, 1, 10, List.of("sage", "rose"), "");
        assertThat(say(gate, "!dye " + argument).passed()).isEqualTo(passes);
    }

    @Test
    void aMissingOrWrongArgumentIsToldWithTheUsageLine() {
        ArgumentGate number = new ArgumentGate(ArgumentGate.Wants.NUMBER, 1, 10, List.of(), "!pour 1 to 10");
        assertThat(say(number, "!pour").reason()).isEqualTo("needs a number from 1 to 10: !pour 1 to 10");
        assertThat(say(number, "!pour lots").reason()).isEqualTo("\"lots\" is not a number from 1 to 10: !pour 1 to 10");
        assertThat(say(new ArgumentGate(ArgumentGate.Wants.ONE_OF, 0, 0, List.of("sage", "rose"), ""), "!dye").reason()).isEqualTo("needs one of sage, rose");
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
        new ChanceGate(0).check(problems.at("gates", 2));
        new ArgumentGate(ArgumentGate.Wants.ONE_OF, 0, 0, List.of(), "").check(problems.at("gates", 3));
        new ArgumentGate(ArgumentGate.Wants.NUMBER, 5, 1, List.of(), "").check(problems.at("gates", 4));
        assertThat(problems.found()).extracting(each -> each.path() + "=" + each.value())
                .containsExactly("gates[0].forAllMs=-1", "gates[0].perViewerMs=999999999", "gates[1].standings=[]",
                        "gates[2].percent=0", "gates[3].words=[]", "gates[4].most=1");
    }
}
