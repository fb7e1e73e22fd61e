package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;
import static org.waxbell.Samples.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.quicktheories.core.Gen;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Urgency;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowCard;
import org.waxbell.event.Standing;
import org.waxbell.gate.CooldownGate;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;

/** What holds for every evening, however it goes: each is tried on at least a thousand made-up ones. */
class EnginePropertiesTest {
    private static final int TRIES = 1_000;
    private static final Cue[] CUES = {
        Samples.cue("short", List.of("!short"), List.of(), Samples.card("card", new Anchor.At(0), 700)),
        Samples.cue(
                "long",
                List.of("!long"),
                List.of(new CooldownGate(300, 0)),
                Samples.card("card", new Anchor.At(200), 2_500)),
        Samples.cue(
                "both",
                List.of("!both"),
                List.of(new CooldownGate(0, 900)),
                Samples.card("card", new Anchor.At(0), 900),
                Samples.card("second", new Anchor.After("card", 100), 800, "corner"),
                Samples.reply("r", new Anchor.After("second", 0))),
        Samples.cue("gift", List.of("!gift"), List.of(), Urgency.URGENT, Samples.card("card", new Anchor.At(0), 1_200)),
        Samples.cue(
                "mods",
                List.of("!mods"),
                List.of(Samples.only(Standing.MODERATOR)),
                Samples.card("card", new Anchor.At(0), 500)),
    };
    private static final Map<String, Urgency> URGENCY = Map.of("gift", Urgency.URGENT);

    /** An evening: each number is one line, its gap and its word. */
    private static Gen<List<Integer>> evenings() {
        return lists().of(integers().between(0, 4_999)).ofSizeBetween(1, 30);
    }

    private static final class Evening {
        private final Engine engine = Samples.engine(new CueBook(Samples.wiring(CUES)), EngineState.fresh(3));
        private final List<Directive> told = new ArrayList<>();
        private final Map<Long, Ring> rings = new TreeMap<>();
        private long at = 1_000_000;

        Evening play(List<Integer> numbers) {
            for (int number : numbers) {
                at += number / 5;
                keep(engine.accept(at, line(Samples.viewer("viewer" + number % 3), "!" + CUES[number % 5].id())));
            }
            keep(engine.wake(at + 600_000));
            return this;
        }

        Outcome keep(Outcome outcome) {
            told.addAll(outcome.directives());
            outcome.now(Books.RINGS).forEach(ring -> rings.put(ring.number(), ring));
            return outcome;
        }

        List<ShowCard> cards() {
            return told.stream()
                    .filter(ShowCard.class::isInstance)
                    .map(ShowCard.class::cast)
                    .toList();
        }
    }

    @Test
    void noTwoCardsStandOnOneSpotThatTakesOne() {
        qt().withExamples(TRIES).forAll(evenings()).check(numbers -> {
            Map<String, Long> until = new HashMap<>();
            List<ShowCard> cards = new Evening()
                    .play(numbers).cards().stream()
                            .sorted((one, other) -> Long.compare(one.meantFor(), other.meantFor()))
                            .toList();
            for (ShowCard card : cards) {
                if (card.meantFor() < until.getOrDefault(card.spot(), 0L)) {
                    return false;
                }
                until.put(card.spot(), card.over());
            }
            return true;
        });
    }

    @Test
    void withinOneUrgencyNobodyOvertakes() {
        qt().withExamples(TRIES).forAll(evenings()).check(numbers -> {
            Map<Urgency, Long> last = new HashMap<>();
            for (Ring ring : new Evening().play(numbers).rings.values()) {
                Urgency urgency = URGENCY.getOrDefault(ring.cueId(), Urgency.USUAL);
                long first = ring.start() + ring.parts().get(0).fromMs();
                if (ring.state() == RingState.ENDED && first < last.getOrDefault(urgency, 0L)) {
                    return false;
                }
                if (ring.state() == RingState.ENDED) {
                    last.put(urgency, first);
                }
            }
            return true;
        });
    }

    @Test
    void nobodyWaitsLongerThanTheSpotAllowsAndEveryRingComesToAnEnd() {
        qt().withExamples(TRIES)
                .forAll(evenings())
                .check(numbers -> new Evening()
                        .play(numbers).rings.values().stream()
                                .allMatch(ring -> !ring.state().isActive()
                                        && (ring.state() != RingState.ENDED
                                                || ring.start() - ring.arrived() <= 20_000 + 60)));
    }

    @Test
    void whatIsHeldLeavesTheStateAsItWas() {
        qt().withExamples(TRIES).forAll(evenings()).check(numbers -> {
            Evening evening = new Evening().play(numbers);
            EngineState before = evening.engine.save();
            Outcome held = evening.engine.accept(evening.at + 600_000, line(Samples.viewer("nobody"), "!mods"));
            EngineState after = evening.engine.save();
            return held.now(Books.RINGS).isEmpty()
                    && held.directives().isEmpty()
                    && after.rings().equals(before.rings())
                    && List.of(Books.LETS, Books.DRAWN, Books.SLATE, Books.PENDING).stream()
                            .allMatch(book -> after.memory()
                                    .all(book)
                                    .equals(before.memory().all(book)))
                    && after.nextRing() == before.nextRing();
        });
    }

    @Test
    void everyPartIsToldOnceAheadOfItsMomentOrNeverLate() {
        qt().withExamples(TRIES).forAll(evenings()).check(numbers -> {
            Evening evening = new Evening().play(numbers);
            long different =
                    evening.told.stream().map(Directive::partRun).distinct().count();
            long expected = evening.rings.values().stream()
                    .filter(ring -> ring.state() == RingState.ENDED)
                    .mapToLong(ring -> ring.parts().size())
                    .sum();
            return different == evening.told.size() && different == expected;
        });
    }

    @Test
    void hushAtAnyMomentLeavesNothingThatCouldStillBeSeen() {
        qt().withExamples(TRIES).forAll(evenings()).check(numbers -> {
            Evening evening = new Evening();
            for (int number : numbers) {
                evening.at += number / 5;
                evening.keep(evening.engine.accept(evening.at, line(Samples.WICKERBY, "!" + CUES[number % 5].id())));
            }
            evening.keep(evening.engine.hush(evening.at, Actor.HOST));
            return evening.engine.nextWake() == Long.MAX_VALUE
                    && evening.engine.save().rings().isEmpty()
                    && evening.engine.wake(evening.at + 600_000).isEmpty();
        });
    }

    @Test
    void theDemoOfPropertiesReallyRingsAndWaitsAndHolds() {
        Evening evening = new Evening().play(List.of(0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11));
        assertThat(evening.rings.values()).extracting(Ring::state).contains(RingState.ENDED);
        assertThat(evening.cards()).hasSizeGreaterThan(4);
    }
}
