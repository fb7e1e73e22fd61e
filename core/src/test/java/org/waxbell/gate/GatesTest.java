package org.waxbell.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.event.Identity;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;

class GatesTest {
    private static final Scope SCOPE = Scope.of(Written.FIELDS, Set.of(), Map.of("pours", true));
    private final LetBook lets = new LetBook();
    private NoFacts facts = NoFacts.PLAIN;

    private GateAnswer ask(Gate gate, long at, Viewer viewer) {
        return ask(gate, at, Samples.line(viewer, "!pour"), 0);
    }

    private GateAnswer ask(Gate gate, long at, ShowEvent event, int roll) {
        return gate.ready(SCOPE).ask(new GateQuery(at, event, "pour", lets, roll, facts, ""));
    }

    private GateAnswer say(Gate gate, String text) {
        return ask(gate, 0, Samples.line(Samples.INES, text), 0);
    }

    @Test
    void namesCountBeforeStandingsAndTheDeniedBeforeAll() {
        WhoGate gate = new WhoGate(
                Set.of(Standing.VIP), 0, List.of("Marshlight_Ines", "wickerby"), List.of("WICKERBY"), List.of());
        assertThat(ask(gate, 0, Samples.INES).passed()).isTrue();
        assertThat(ask(gate, 0, Samples.WICKERBY).reason()).isEqualTo("wickerby is on its list of the denied");
        assertThat(ask(gate, 0, Samples.SEDGE).reason()).isEqualTo("only for VIPs or 2 named viewers");
    }

    @Test
    void membersMayNeedMonths() {
        WhoGate gate = new WhoGate(Set.of(Standing.MEMBER), 6, List.of(), List.of(), List.of());
        Viewer old = new Viewer("practice:old", "old", Set.of(Standing.MEMBER), 6);
        assertThat(ask(gate, 0, old).passed()).isTrue();
        assertThat(ask(gate, 0, Samples.INES).reason()).isEqualTo("only for members of 6 months");
    }

    @Test
    void chanceLetsThroughSoManyOfAHundredAndTellsItsDraw() {
        ChanceGate gate = new ChanceGate(30);
        long passed = IntStream.range(0, 100)
                .filter(roll ->
                        ask(gate, 0, Samples.line(Samples.INES, "!pour"), roll).passed())
                .count();
        assertThat(passed).isEqualTo(30);
        assertThat(ask(gate, 0, Samples.line(Samples.INES, "!pour"), 62)).satisfies(answer -> {
            assertThat(answer.reason()).isEqualTo("drew 63, needs 30 or less");
            assertThat(answer.numbers()).containsEntry("drew", 63L);
        });
    }

    @ParameterizedTest
    @CsvSource({
        "VIEWER, @wickerby, true",
        "VIEWER, wickerby, true",
        "VIEWER, two words, false",
        "NUMBER, 7, true",
        "NUMBER, 11, false",
        "NUMBER, seven, false",
        "NUMBER, 99999999999999999999, false",
        "COLOUR, #c8841a, true",
        "COLOUR, c84, true",
        "COLOUR, honey, false",
        "LINK, https://wax.example/a, true",
        "LINK, javascript:alert(1), false",
        "ONE_OF, SAGE, true",
        "ONE_OF, blue, false",
        "TEXT, ten letter, true",
        "TEXT, eleven chars, false"
    })
    void argumentsOfTheRightKindPass(ArgumentGate.Wants wants, String argument, boolean passes) {
        ArgumentGate gate = new ArgumentGate(wants, 1, 10, List.of("sage", "rose"), false, "");
        assertThat(say(gate, "!dye " + argument).passed()).isEqualTo(passes);
    }

    @Test
    void aMissingOrWrongArgumentIsToldWithTheUsageLine() {
        ArgumentGate number = new ArgumentGate(ArgumentGate.Wants.NUMBER, 1, 10, List.of(), false, "!pour 1 to 10");
        assertThat(say(number, "!pour").reason()).isEqualTo("needs a number from 1 to 10: !pour 1 to 10");
        assertThat(say(number, "!pour lots").reason())
                .isEqualTo("\"lots\" is not a number from 1 to 10: !pour 1 to 10");
        assertThat(say(new ArgumentGate(ArgumentGate.Wants.ONE_OF, 0, 0, List.of("sage", "rose"), false, ""), "!dye")
                        .reason())
                .isEqualTo("needs one of sage, rose");
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
        lets.add(new Let(1, "pour", Identity.key("practice:wickerby"), 1_000, 1), 14_000);
        assertThat(ask(gate, 6_000, Samples.INES).reason()).isEqualTo("resting, 9 s to go");
        assertThat(ask(gate, 14_999, Samples.INES).numbers()).containsEntry("toGoMs", 1L);
        assertThat(ask(gate, 15_000, Samples.INES).passed()).isTrue();
    }

    @Test
    void cooldownPerViewerLeavesOthersAlone() {
        CooldownGate gate = new CooldownGate(0, 60_000);
        lets.add(new Let(1, "pour", Identity.key(Samples.WICKERBY.id()), 0, 1), 60_000);
        assertThat(ask(gate, 1_000, Samples.INES).passed()).isTrue();
        assertThat(ask(gate, 1_000, Samples.WICKERBY).reason()).isEqualTo("resting for this viewer, 59 s to go");
    }

    @Test
    void takingBackLeavesTheEntryBeforeInForce() {
        lets.add(new Let(1, "pour", Identity.key("a"), 1_000, 1), 50_000);
        lets.add(new Let(2, "pour", Identity.key("a"), 9_000, 1), 50_000);
        assertThat(lets.takeBack(2)).isTrue();
        assertThat(lets.takeBack(2)).isFalse();
        assertThat(lets.last("pour")).isEqualTo(1_000);
        assertThat(lets.last("pour", "a")).isEqualTo(1_000);
    }

    @Test
    void whatNoCooldownAsksForAnyMoreIsForgotten() {
        for (int i = 0; i < 10_000; i++) {
            lets.addSettled(new Let(0, "pour", Identity.key("viewer" + i), i * 1_000L, 1), 10_000);
            lets.startCounting();
        }
        assertThat(lets.all()).hasSizeLessThan(4_200);
        assertThat(lets.last("pour", "viewer3")).isEqualTo(LetBook.NEVER);
        assertThat(lets.last("pour", "viewer9999")).isEqualTo(9_999_000);
    }

    @Test
    void theEveningMustStandAsTheCueWantsIt() {
        AirGate bench = new AirGate(AirGate.Air.ON, List.of("Bench"));
        assertThat(ask(bench, 0, Samples.INES).reason()).isEqualTo("only on air");
        facts = new NoFacts(true, "Kettle", 0, true);
        assertThat(ask(bench, 0, Samples.INES).reason()).isEqualTo("only in Bench, not in Kettle");
        assertThat(ask(new AirGate(AirGate.Air.OFF, List.of()), 0, Samples.INES).reason())
                .isEqualTo("only off air");
        facts = new NoFacts(true, "Bench", 0, true);
        assertThat(ask(bench, 0, Samples.INES).passed()).isTrue();
    }

    @Test
    void aLimitCountsWhatWasLetThroughInThisShow() {
        LimitGate limit = new LimitGate(3, 2);
        lets.addSettled(new Let(0, "pour", Identity.key(Samples.INES.id()), 1, 2), 0);
        assertThat(ask(limit, 5, Samples.INES).reason()).isEqualTo("rang 2 of 2 times tonight for this viewer");
        assertThat(ask(limit, 5, Samples.SEDGE).passed()).isTrue();
        lets.add(new Let(9, "pour", Identity.key(Samples.SEDGE.id()), 5, 1), 0);
        assertThat(ask(limit, 5, Samples.WICKERBY).numbers()).containsEntry("rang", 3L);
        lets.startCounting();
        assertThat(lets.takeBack(9)).isTrue();
        assertThat(ask(limit, 5, Samples.INES).passed()).isTrue();
    }

    @Test
    void aPriceSaysHowMuchIsMissingAndIsRefusedWhereNothingIsKept() {
        facts = new NoFacts(false, "", 28, true);
        assertThat(ask(new PriceGate(40), 0, Samples.INES).reason()).isEqualTo("costs 40 drips, 12 short");
        assertThat(ask(new PriceGate(28), 0, Samples.INES).passed()).isTrue();
        facts = new NoFacts(false, "", 28, false);
        assertThat(ask(new PriceGate(1), 0, Samples.INES).reason()).isEqualTo("points cannot be kept at the moment");
    }

    @Test
    void aConditionLooksAtEventViewerAndSlate() {
        assertThat(say(
                                new ConditionGate(
                                        "'member' in viewer.standing && slate.pours >= 12 && argument == 'sage'"),
                                "!dye sage")
                        .passed())
                .isTrue();
        assertThat(say(new ConditionGate("slate.pours > 12"), "!dye").reason()).isEqualTo("not so: slate.pours > 12");
        assertThat(say(new ConditionGate("1 / (slate.pours - 12) > 0"), "!dye").reason())
                .startsWith("cannot be worked out: ");
    }

    @Test
    void circlesAndKnownViewersAreLookedUp() {
        assertThat(ask(
                                new WhoGate(Set.of(Standing.HOST), 0, List.of(), List.of(), List.of("dippers")),
                                0,
                                Samples.WICKERBY)
                        .passed())
                .isTrue();
        assertThat(ask(new WhoGate(Set.of(), 0, List.of(), List.of(), List.of("dippers")), 0, Samples.INES)
                        .reason())
                .isEqualTo("only for the circle Dippers");
        ArgumentGate known = new ArgumentGate(ArgumentGate.Wants.VIEWER, 0, 0, List.of(), true, "");
        assertThat(say(known, "!hail @wickerby").passed()).isTrue();
        assertThat(say(known, "!hail nobody_here").reason()).isEqualTo("nobody called nobody_here was seen here");
    }

    @Test
    void absurdTimesAndNobodyAreRefused() {
        Problems problems = new Problems();
        new CooldownGate(-1, 999_999_999).check(problems.at("gates", 0), SCOPE);
        Samples.only().check(problems.at("gates", 1), SCOPE);
        new ChanceGate(0).check(problems.at("gates", 2), SCOPE);
        new ArgumentGate(ArgumentGate.Wants.ONE_OF, 0, 0, List.of(), false, "").check(problems.at("gates", 3), SCOPE);
        new ArgumentGate(ArgumentGate.Wants.NUMBER, 5, 1, List.of(), false, "").check(problems.at("gates", 4), SCOPE);
        assertThat(problems.found())
                .extracting(each -> each.path() + "=" + each.value())
                .containsExactly(
                        "gates[0].forAllMs=-1",
                        "gates[0].perViewerMs=999999999",
                        "gates[1].standings=[]",
                        "gates[2].percent=0",
                        "gates[3].words=[]",
                        "gates[4].most=1");
    }
}
