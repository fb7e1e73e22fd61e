package org.waxbell.turns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.event.Facts;
import org.waxbell.kind.Records;
import org.waxbell.port.Calendars;
import org.waxbell.rehearsal.Comparison;
import org.waxbell.rehearsal.Rehearsal;
import org.waxbell.rehearsal.Report;
import org.waxbell.rehearsal.Step;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** An evening of turns rehearsed: with the same queue to the same end, and with one half as long to another, which is told. */
class DeskRehearsalTest {
    private static final long BEGIN = 1_700_000_000_000L;

    /** With a cue that waits for whoever joins. */
    private static CueBook book(int most) {
        Queue queue = Records.with(OnQueue.BENCH, Map.of("most", most));
        Wiring wiring = OnQueue.wiring(queue);
        List<Cue> cues = new ArrayList<>(wiring.cues());
        cues.add(Samples.pulledBy(
                Samples.cue(
                        "welcome", List.of("!x"), List.of(), Samples.says("r", new Anchor.At(0), "welcome, {viewer}")),
                new EventPull("turnJoined", Map.of(), Map.of("deskName", "At the bench"))));
        return new CueBook(
                new Wiring(wiring.house(), wiring.racks(), cues, wiring.stages(), wiring.desks(), wiring.shelf()));
    }

    private static List<Step> evening() {
        List<Step> steps = new ArrayList<>();
        steps.add(asked(BEGIN, "open"));
        for (int i = 0; i < 10; i++) {
            steps.add(new Step.Happens(
                    BEGIN + 1_000 + i * 1_000L, Samples.line(OnQueue.viewer("viewer_" + i), "!bench sage")));
        }
        steps.add(asked(BEGIN + 60_000, "next"));
        steps.add(asked(BEGIN + 200_000, "done"));
        steps.add(asked(BEGIN + 201_000, "random"));
        return steps;
    }

    private static Step asked(long at, String act) {
        return new Step.Happens(at, Facts.ASKED.by(Actor.HOST, Queue.DESK, "bench", act, Map.of(), act));
    }

    @Test
    void theSameEveningGivesTheSameFacts() {
        CueBook book = book(8);
        Engine live = Samples.engine(book, EngineState.fresh(9));
        List<String> told = new ArrayList<>();
        for (Step step : evening()) {
            Step.Happens happens = (Step.Happens) step;
            live.accept(happens.at(), happens.event()).decisions().stream()
                    .filter(each -> !each.cues().isEmpty())
                    .forEach(each -> told.add(each.number() + " " + each.event().sentence()));
        }
        Report again = Rehearsal.again(book, EngineState.fresh(9), evening(), Calendars.NONE);
        assertThat(again.decisions())
                .extracting(each -> each.number() + " " + each.event().sentence())
                .isEqualTo(told)
                .contains("4 viewer_0 joins At the bench");
    }

    @Test
    void aQueueHalfAsLongTellsWhatWouldHaveBeenDifferent() {
        Report was = Rehearsal.again(book(8), EngineState.fresh(9), evening(), Calendars.NONE);
        Report half = Rehearsal.again(book(4), EngineState.fresh(9), evening(), Calendars.NONE);
        assertThat(Comparison.of(was, half).differences()).singleElement().satisfies(each -> {
            assertThat(each.name()).isEqualTo("Welcome");
            assertThat(each.rangBefore()).isEqualTo(8);
            assertThat(each.rangAfter()).isEqualTo(4);
        });
        assertThat(Comparison.of(was, half).desks())
                .containsExactly(new Comparison.DeskDifference("At the bench", "someone joins a queue", 8, 4));
        assertThat(half.desks())
                .contains(
                        new Report.DeskTally("At the bench", "a queue opens", 1),
                        new Report.DeskTally("At the bench", "someone's turn comes", 2));
    }
}
