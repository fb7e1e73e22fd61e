package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;
import static org.waxbell.Samples.INES;
import static org.waxbell.Samples.line;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Urgency;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowCard;
import org.waxbell.gate.CooldownGate;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

class RestartTest {
    private static final long T0 = 1_000_000;
    private static final List<BusyRule> RULES =
            List.of(new BusyRule.Wait(5, 20_000), new BusyRule.TakeOver(3, 4_000), new BusyRule.GiveWay());

    private static Engine restarted(Engine engine, Cue... cues) {
        return Samples.engine(Samples.book(cues), engine.save());
    }

    private static Cue two() {
        return Samples.cue(
                "two",
                List.of("!two"),
                List.of(new CooldownGate(0, 700)),
                Samples.card("card", new Anchor.At(0), 900),
                Samples.reply("r", new Anchor.With("card", 450)));
    }

    private Engine started() {
        Engine engine = Samples.engine(Samples.book(Samples.pour()), EngineState.fresh(7));
        engine.accept(T0, line(INES, "!pour"));
        return engine;
    }

    @Test
    void whatShouldStillBeSeenIsToldAgainForItsOwnMoment() {
        Outcome outcome = restarted(started(), Samples.pour()).resume(T0 + 3_000);
        assertThat(outcome.directives())
                .singleElement()
                .isInstanceOfSatisfying(
                        ShowCard.class, card -> assertThat(card.meantFor()).isEqualTo(T0 + 60));
    }

    @Test
    void whatIsOverIsNotDoneLate() {
        Engine engine = restarted(started(), Samples.pour());
        Outcome outcome = engine.resume(T0 + 10_000);
        assertThat(outcome.directives()).isEmpty();
        assertThat(outcome.now(Books.RINGS)).singleElement().satisfies(ring -> {
            assertThat(ring.state()).isEqualTo(RingState.ENDED);
            assertThat(ring.parts())
                    .extracting(PartRun::state)
                    .containsExactly(PartState.ENDED, PartState.ENDED, PartState.MISSED);
        });
    }

    @Test
    void theCooldownStillCounts() {
        Engine engine = restarted(started(), Samples.pour());
        engine.resume(T0 + 10_000);
        assertThat(engine.accept(T0 + 10_500, line(INES, "!pour"))
                        .decisions()
                        .get(0)
                        .sentence())
                .isEqualTo("held Pour the taper · resting, 4 s to go");
    }

    @Test
    void savingAndRestoringAtAnyMomentChangesNoLaterOutput() {
        qt().withExamples(1_000)
                .forAll(
                        lists().of(integers().between(0, 5_999)).ofSizeBetween(1, 20),
                        integers().between(0, 19))
                .check((numbers, cut) ->
                        RULES.stream().allMatch(rule -> play(rule, numbers, -1).equals(play(rule, numbers, cut))));
    }

    @Test
    void aPartThatFailedBeforeItBeganFreesItsPlaceWithOrWithoutARestart() {
        for (BusyRule rule : RULES) {
            assertThat(play(rule, List.of(0, 6, 1, 0, 0, 0), 2)).isEqualTo(play(rule, List.of(0, 6, 1, 0, 0, 0), -1));
        }
    }

    private static CueBook book(BusyRule rule) {
        Cue gift = Samples.cue(
                "gift", List.of("!gift"), List.of(), Urgency.URGENT, Samples.card("card", new Anchor.At(100), 1_500));
        return new CueBook(new Wiring(
                House.PLAIN,
                List.of(Samples.BENCH),
                List.of(Samples.pour(), two(), gift),
                List.of(Samples.stage(rule)),
                Samples.SHELF));
    }

    /** Plays lines at random gaps and restarts before line {@code cut}; what was told and decided, as text. */
    private static List<String> play(BusyRule rule, List<Integer> numbers, int cut) {
        Engine engine = Samples.engine(book(rule), EngineState.fresh(7));
        List<String> seen = new ArrayList<>();
        long at = T0;
        for (int i = 0; i < numbers.size(); i++) {
            if (i == cut) {
                engine = Samples.engine(book(rule), engine.save());
            }
            at += numbers.get(i);
            Outcome outcome = numbers.get(i) % 7 == 6
                    ? engine.completed(at, (1 + i / 2) + ".card", Completion.failed("no"))
                    : engine.accept(
                            at, line(INES, List.of("!pour", "!two", "!gift").get(numbers.get(i) % 3)));
            outcome.decisions().forEach(each -> seen.add(each.sentence()));
            outcome.directives().stream().map(Directive::toString).forEach(seen::add);
        }
        return seen;
    }
}
