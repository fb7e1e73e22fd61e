package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.journal.CueAnswer;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;

/** Greeting at a first line tonight: which line spends it, and which does not. */
class FirstLineTest {
    private static final long T0 = 5_000_000;
    private static final Viewer GUEST = Samples.viewer("guest");

    /** A show that was just opened, with one cue that greets behind a gate. */
    private static Engine show(FirstLinePull pull, Gate gate) {
        Cue greet = Samples.pulledBy(
                Samples.cue("greet", List.of("!x"), List.of(gate), Samples.reply("r", new Anchor.At(0))), pull);
        Engine engine = Samples.engine(new CueBook(Samples.housed(greet)), EngineState.fresh(9));
        engine.accept(T0, Facts.show(Actor.HOST, true));
        return engine;
    }

    private static List<CueAnswer> says(Engine engine, long at, String text) {
        return engine.accept(T0 + at, Samples.line(GUEST, text))
                .decisions()
                .get(0)
                .cues();
    }

    @Test
    void aFirstLineMayBeSpentEvenWhenHeld() {
        for (boolean spentWhenHeld : new boolean[] {true, false}) {
            Engine engine = show(
                    new FirstLinePull(FirstLinePull.Whose.EACH, "", spentWhenHeld),
                    new ConditionGate("line == 'open'"));
            assertThat(says(engine, 1, "closed")).singleElement().matches(CueAnswer::held);
            assertThat(says(engine, 2, "open")).hasSize(spentWhenHeld ? 0 : 1);
        }
    }

    @ParameterizedTest
    @EnumSource(FirstLinePull.Whose.class)
    void whomACueIsNotForIsToldSoAtTheirFirstLineAlone(FirstLinePull.Whose whose) {
        Engine engine = show(
                new FirstLinePull(whose, whose == FirstLinePull.Whose.NAMED ? GUEST.name() : "", false),
                new WhoGate(Set.of(Standing.MEMBER), 0, List.of(), List.of(), List.of()));
        assertThat(says(engine, 1, "good evening")).singleElement().matches(CueAnswer::held);
        assertThat(says(engine, 2, "how are you"))
                .as("the very first of the show waits for one that may")
                .hasSize(whose == FirstLinePull.Whose.FIRST_OF_ALL ? 1 : 0);
    }
}
