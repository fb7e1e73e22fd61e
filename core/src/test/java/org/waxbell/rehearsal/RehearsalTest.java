package org.waxbell.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.Cue;
import org.waxbell.directive.Directive;
import org.waxbell.directive.MakeClip;
import org.waxbell.engine.Books;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.GoldenHouseTest;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.journal.Decision;
import org.waxbell.port.Calendars;
import org.waxbell.port.Scripts;
import org.waxbell.score.Anchor;
import org.waxbell.score.Lane;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.WiringPatch;

class RehearsalTest {
    private static final CueBook HOUSE = GoldenHouseTest.book(new BusyRule.Wait(4, 9_000), true);

    private static Report run(CueBook book, List<Step> script) {
        return Rehearsal.run(book, script, 5, Calendars.NONE, percent -> {}, () -> true);
    }

    private static Step says(long at, String viewer, String text) {
        return new Step.Happens(at, Samples.line(Samples.viewer(viewer), text));
    }

    @Test
    void theSameSeedGivesTheSameEveningAndTheSameReport() {
        List<Step> script = new MadeUpEvening(3, 200, 1_500, 3_600_000).script(HOUSE.wiring());
        assertThat(new MadeUpEvening(3, 200, 1_500, 3_600_000).script(HOUSE.wiring()))
                .isEqualTo(script);
        assertThat(new MadeUpEvening(4, 200, 1_500, 3_600_000).script(HOUSE.wiring()))
                .isNotEqualTo(script);
        Report report = run(HOUSE, script);
        assertThat(run(HOUSE, script)).isEqualTo(report);
        assertThat(report.rings())
                .hasSizeGreaterThan(100)
                .extracting(Report.PlayedRing::end)
                .contains("ended");
        assertThat(report.pointsIn()).isGreaterThan(0);
        assertThat(report.cues())
                .filteredOn(each -> each.name().equals("Clip"))
                .singleElement()
                .extracting(Report.CueTally::rang)
                .asInstanceOf(InstanceOfAssertFactories.INTEGER)
                .isPositive();
    }

    @Test
    void aMadeUpEveningNeverGoesBackInTime() {
        qt().withExamples(1_000)
                .forAll(
                        integers().between(0, 1_000_000),
                        integers().between(0, 60),
                        integers().between(2_000, 600_000))
                .check((seed, lines, length) -> {
                    long before = 0;
                    for (Step step : new MadeUpEvening(seed, 20, lines, length).script(HOUSE.wiring())) {
                        if (step.at() < before) {
                            return false;
                        }
                        before = step.at();
                    }
                    return true;
                });
    }

    @Test
    void rehearsingARecordedEveningGivesTheSameRings() {
        qt().withExamples(1_000)
                .forAll(integers().between(0, 1_000_000), integers().between(1, 40))
                .check((seed, lines) -> {
                    List<Step> recorded = new ArrayList<>();
                    List<String> live =
                            live(new MadeUpEvening(seed, 12, lines, 90_000).script(HOUSE.wiring()), recorded, seed);
                    Report again = Rehearsal.again(HOUSE, EngineState.fresh(seed), recorded, Calendars.NONE);
                    return again.rings().stream()
                            .map(each -> each.number() + " " + each.cueId() + " " + each.start() + " " + each.end()
                                    + " " + each.note())
                            .toList()
                            .equals(live);
                });
    }

    /** Plays an evening as a live one: clips are made at odd moments, one in three fails, and Hush is pulled once; what went in is recorded. */
    private static List<String> live(List<Step> script, List<Step> recorded, int seed) {
        Engine engine = Show.engine(HOUSE, EngineState.fresh(seed), 60, Calendars.NONE);
        List<Outcome> outcomes = new ArrayList<>();
        List<Step> late = new ArrayList<>();
        for (int i = 0; i < script.size(); i++) {
            long at = script.get(i).at();
            List<Step> now = new ArrayList<>(
                    late.stream().filter(each -> each.at() <= at).toList());
            late.removeAll(now);
            now.replaceAll(
                    each -> new Step.Reported(at, ((Step.Reported) each).partRun(), ((Step.Reported) each).result()));
            now.add(script.get(i));
            if (i == seed % 50) {
                now.add(new Step.Hush(at, Actor.HOST));
            }
            for (Step step : now) {
                recorded.add(step);
                Outcome outcome = step.play(engine);
                outcomes.add(outcome);
                for (Directive directive : outcome.directives()) {
                    if (directive instanceof MakeClip clip) {
                        late.add(new Step.Reported(
                                at + 700 + seed % 4_000,
                                clip.partRun(),
                                seed % 3 == 0 ? Completion.failed("no") : Completion.ended(Map.of("address", "a"))));
                    }
                }
            }
        }
        outcomes.add(engine.wake(script.get(script.size() - 1).at() + 900_000));
        return outcomes.stream()
                .flatMap(each -> each.now(Books.RINGS).stream())
                .filter(ring -> !ring.state().isActive())
                .sorted((one, other) -> Long.compare(one.number(), other.number()))
                .map(ring -> ring.number() + " " + ring.cueId() + " " + ring.start() + " "
                        + ring.state().name().toLowerCase(Locale.ROOT) + " " + ring.note())
                .toList();
    }

    @Test
    void theReportTellsWhatRangWhatWasHeldAndWhatWaited() {
        CueBook book = Samples.book(
                Samples.cue(
                        "pour",
                        List.of("!pour"),
                        List.of(new CooldownGate(5_000, 0)),
                        Samples.card("card", new Anchor.At(0), 4_000)),
                Samples.cue("wave", List.of("!wave"), List.of(), Samples.card("card", new Anchor.At(0), 2_000)),
                Samples.cue(
                        "dye",
                        List.of("!dye"),
                        List.of(new PriceGate(5)),
                        Samples.card("card", new Anchor.At(0), 2_000, "corner")),
                Samples.cue("never", List.of("!never"), List.of(), Samples.reply("r", new Anchor.At(0))));
        Report report = run(
                book,
                List.of(
                        says(0, "a", "!pour"),
                        says(1_000, "b", "!pour"),
                        says(1_500, "b", "!wave"),
                        says(2_000, "c", "!dye"),
                        says(3_000, "c", "hello")));
        assertThat(report.cues()).extracting(Report.CueTally::rang).containsExactly(1, 1, 0, 0);
        assertThat(report.cues())
                .extracting(Report.CueTally::held)
                .containsExactly(Map.of("cooldown", 1), Map.of(), Map.of("price", 1), Map.of());
        assertThat(report.cues())
                .filteredOn(Report.CueTally::silent)
                .extracting(Report.CueTally::name)
                .containsExactly("Dye", "Never");
        assertThat(report.cues().get(1).longestMs()).isEqualTo(2_500);
        assertThat(report.places()).containsExactly(new Report.PlaceTally("main/lower-third", "Lower third", 6_000, 2));
        assertThat(report.decisions()).hasSize(4);
        assertThat(report.together()).isEmpty();
    }

    @Test
    void whatPlaysAtTheSameTimeIsPaired() {
        CueBook book = Samples.book(
                Samples.cue("pour", List.of("!pour"), List.of(), Samples.card("card", new Anchor.At(0), 4_000)),
                Samples.cue(
                        "wave", List.of("!wave"), List.of(), Samples.card("card", new Anchor.At(0), 2_000, "corner")));
        Report report = run(
                book,
                List.of(
                        says(0, "a", "!pour"),
                        says(1_000, "b", "!wave"),
                        says(2_000, "b", "!wave"),
                        says(9_000, "b", "!wave")));
        assertThat(report.together()).containsExactly(new Report.Pair("Pour", "Wave", 2));
    }

    @Test
    void twoWiringsAreComparedWithWhatDiffersMostFirst() {
        Cue pour = Samples.cue("pour", List.of("!pour"), List.of(), Samples.card("card", new Anchor.At(0), 1_000));
        Cue rests = Samples.cue(
                "pour",
                List.of("!pour"),
                List.of(new CooldownGate(60_000, 0)),
                Samples.card("card", new Anchor.At(0), 1_000));
        Cue wave = Samples.cue("wave", List.of("!wave"), List.of(), Samples.reply("r", new Anchor.At(0)));
        List<Step> script = List.of(says(0, "a", "!pour"), says(5_000, "a", "!pour"), says(9_000, "a", "!wave"));
        Comparison compared =
                Comparison.of(run(Samples.book(pour, wave), script), run(Samples.book(rests, wave), script));
        assertThat(compared.differences())
                .singleElement()
                .isEqualTo(new Comparison.Difference("pour", "Pour", 2, 1, 0, 1, 0, 0, 0, 0));
        assertThat(compared.same()).isEqualTo(1);
        assertThat(Comparison.of(run(Samples.book(pour, wave), script), run(Samples.book(pour), script))
                        .differences())
                .extracting(Comparison.Difference::id)
                .containsExactly("wave");
    }

    @Test
    void itCanBeCancelledAndThenTellsWhatWasPlayed() {
        List<Step> script = new MadeUpEvening(1, 50, 2_000, 600_000).script(HOUSE.wiring());
        List<Integer> told = new ArrayList<>();
        Report report = Rehearsal.run(HOUSE, script, 1, Calendars.NONE, told::add, () -> told.size() < 2);
        assertThat(report.steps()).isEqualTo(1_000).isLessThan(script.size());
        assertThat(told).isSorted();
    }

    @Test
    void aLogOfAnIrcChannelIsAScript() {
        List<Step> steps = IrcLog.read(List.of(
                "23:59:58 <@captain_sedge> !pour",
                "* wickerby waves",
                "[23:59:59] <wickerby> good  evening",
                "00:00:02 <lou> !pour",
                "nonsense"));
        assertThat(steps).extracting(Step::at).containsExactly(0L, 1_000L, 4_000L);
        assertThat(steps)
                .extracting(each -> ((ChatLine) ((Step.Happens) each).event()).text())
                .containsExactly("!pour", "good evening", "!pour");
        assertThat(IrcLog.read(List.of())).isEmpty();
    }

    @Test
    void anotherWiringTakesTheLinesOfARecordedEveningAndNothingElse() {
        Cue pour = Samples.cue("pour", List.of("!pour"), List.of(), Samples.reply("r", new Anchor.At(0)));
        Cue rests = Samples.cue(
                "pour", List.of("!pour"), List.of(new CooldownGate(60_000, 0)), Samples.reply("r", new Anchor.At(0)));
        WiringPatch edit = WiringPatch.of(rests);
        List<Step> recorded = List.of(
                new Step.Led(0, 80),
                says(0, "a", "!pour"),
                new Step.Rewired(1_000, edit),
                says(2_000, "a", "!pour"),
                says(3_000, "a", "!pour"),
                new Step.Reported(4_000, "1.none", Completion.ended()));
        Report asItWas = Rehearsal.again(Samples.book(pour), EngineState.fresh(1), recorded, Calendars.NONE);
        assertThat(asItWas.cues())
                .singleElement()
                .extracting(Report.CueTally::rang, Report.CueTally::held)
                .containsExactly(2, Map.of("cooldown", 1));
        Report now = Rehearsal.from(
                Samples.book(pour),
                EngineState.fresh(1),
                recorded,
                false,
                Calendars.NONE,
                Scripts.NONE,
                percent -> {},
                () -> true);
        assertThat(now.cues())
                .singleElement()
                .extracting(Report.CueTally::rang, Report.CueTally::held)
                .containsExactly(3, Map.of());
        assertThat(now.steps()).isEqualTo(4);
    }

    @Test
    void aRingTellsItsPartsAndTheDecisionThatLetItThrough() {
        CueBook book = Samples.book(Samples.cue(
                "pour",
                List.of("!pour"),
                List.of(),
                Samples.card("card", new Anchor.At(0), 4_000),
                Samples.reply("thanks", new Anchor.After("card", 100))));
        Report report = run(book, List.of(says(0, "a", "hello"), says(500, "a", "!pour")));
        Report.PlayedRing ring = report.rings().get(0);
        assertThat(ring.decision()).isEqualTo(2);
        assertThat(ring.parts())
                .containsExactly(
                        new Report.PlayedPart("card", Lane.SCREEN, "main/lower-third", 560, 4_560, "ended"),
                        new Report.PlayedPart("thanks", Lane.CHAT, "", 4_660, 4_660, "ended"));
        assertThat(report.decisions()).extracting(Decision::number).containsExactly(2L);
    }

    @Test
    void aScriptCountsItsLinesInEqualSpans() {
        Script script = new Script(
                Optional.empty(),
                List.of(
                        says(1_000, "a", "x"),
                        says(2_000, "a", "x"),
                        new Step.Hush(6_000, Actor.HOST),
                        says(11_000, "a", "x")));
        assertThat(script.lines(5, 11_000)).containsExactly(2, 0, 0, 0, 1);
        assertThat(script.lines(2, 2_000)).containsExactly(1, 1);
        assertThat(script.lengthMs()).isEqualTo(10_000);
        assertThat(new Script(Optional.empty(), List.of()).lines(3, 0)).containsExactly(0, 0, 0);
    }
}
