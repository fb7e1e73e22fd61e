package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.line;
import static org.waxbell.Samples.reply;
import static org.waxbell.Samples.viewer;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.evening.Scored;
import org.waxbell.event.Facts;
import org.waxbell.event.Viewer;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Records;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.Circle.By;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** Circles that keep themselves: who gave most tonight, who wrote most. */
class RanksTest {
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer MOTH = viewer("tallowmoth");
    private static final Viewer LOU = viewer("lowtide_lou");
    private long at = 1_000_000;
    private Engine engine = Samples.engine(book(By.GAVE, 2), EngineState.fresh(7));

    private static House house(By by, int first) {
        return Records.with(
                Samples.house(),
                Map.of("circles", List.of(new Circle("first", "The first", List.of(), by, first, ""))));
    }

    private static CueBook book(By by, int first) {
        WhoGate gate = new WhoGate(Set.of(), 0, List.of(), List.of(), List.of("first"));
        Wiring wiring = Samples.housed(cue("bell", List.of("!bell"), List.of(gate), reply("say", new Anchor.At(0))));
        return new CueBook(
                new Wiring(house(by, first), wiring.racks(), wiring.cues(), wiring.stages(), wiring.shelf()));
    }

    private boolean rings(Viewer who) {
        return engine.accept(++at, line(who, "!bell"))
                .decisions()
                .get(0)
                .sentence()
                .startsWith("rang");
    }

    private void gives(Viewer who, long worth) {
        engine.accept(++at, Facts.GIFT.from("practice", who, "Sprig", worth, 1L));
    }

    @Test
    void theTwoWhoGaveMostMayRingAndThatChangesWhileGiftsCome() {
        assertThat(rings(OTTER)).isFalse();
        gives(OTTER, 10);
        gives(MOTH, 5);
        gives(LOU, 3);
        assertThat(List.of(rings(OTTER), rings(MOTH), rings(LOU))).containsExactly(true, true, false);
        engine.accept(++at, Facts.TIP.from("practice", LOU, 4L));
        assertThat(List.of(rings(OTTER), rings(MOTH), rings(LOU))).containsExactly(true, false, true);
    }

    @Test
    void ofEqualOnesWhoCameToItFirst() {
        gives(OTTER, 10);
        gives(MOTH, 5);
        gives(LOU, 5);
        assertThat(List.of(rings(MOTH), rings(LOU))).containsExactly(true, false);
        assertThat(Scored.first(
                        List.of(
                                new Scored(By.GAVE, "a", "a", 5, 20),
                                new Scored(By.GAVE, "b", "b", 5, 10),
                                new Scored(By.GAVE, "c", "c", 9, 30)),
                        2))
                .extracting(Scored::person)
                .containsExactly("c", "b");
    }

    @Test
    void aRestartKeepsItAndANewShowBeginsAnew() {
        gives(OTTER, 10);
        engine = Samples.engine(book(By.GAVE, 2), engine.save());
        assertThat(rings(OTTER)).isTrue();
        engine.accept(++at, Facts.show(Actor.HOST, true));
        assertThat(rings(OTTER)).isFalse();
    }

    @Test
    void whoWroteMostIsCountedWhileACircleAsks() {
        engine = Samples.engine(book(By.WROTE, 1), EngineState.fresh(7));
        engine.accept(++at, line(MOTH, "good evening"));
        engine.accept(++at, line(MOTH, "all"));
        assertThat(rings(OTTER)).isFalse();
        assertThat(rings(MOTH)).isTrue();
        engine = Samples.engine(book(By.GAVE, 1), EngineState.fresh(7));
        engine.accept(++at, line(MOTH, "good evening"));
        assertThat(engine.save().memory().all(Books.SCORES)).isEmpty();
    }

    @Test
    void whoIsInByWhatIsKeptOfThemIsToldAndKept() {
        engine = Samples.engine(book(By.WROTE_EVER, 2), EngineState.fresh(7));
        assertThat(rings(OTTER)).isFalse();
        engine.accept(++at, Facts.CIRCLED.by(Actor.PROGRAM, "first", OTTER.id() + "\n" + MOTH.id(), ""));
        engine = Samples.engine(book(By.WROTE_EVER, 2), engine.save());
        assertThat(List.of(rings(OTTER), rings(MOTH), rings(LOU))).containsExactly(true, true, false);
        assertThat(engine.accept(++at, Facts.CIRCLED.by(Actor.PROGRAM, "first", LOU.id(), OTTER.id()))
                        .decisions())
                .as("it is no news for the journal")
                .isEmpty();
        assertThat(List.of(rings(OTTER), rings(MOTH), rings(LOU))).containsExactly(false, true, true);
    }

    @Test
    void aCircleThatIsByHandAgainForgetsThem() {
        engine = Samples.engine(book(By.LONGEST, 2), EngineState.fresh(7));
        engine.accept(++at, Facts.CIRCLED.by(Actor.PROGRAM, "first", OTTER.id(), ""));
        engine.rewire(++at, book(By.HAND, 2));
        assertThat(rings(OTTER)).isFalse();
        assertThat(engine.save().memory().all(Books.CIRCLED)).isEmpty();
    }

    @Test
    void howManyIsBounded() {
        Problems problems = new Problems();
        house(By.GAVE, 0).check(problems);
        house(By.WROTE, 101).check(problems);
        house(By.HAND, 0).check(problems);
        assertThat(problems.found()).extracting(Problem::path).containsExactly("circles[0].first", "circles[0].first");
    }
}
