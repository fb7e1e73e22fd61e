package org.waxbell.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.draft.Names;
import org.waxbell.draft.Sentence;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.show.Starters;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** Clocks within the engine: what they tell, show and refuse, and that nothing about them ticks. */
class ClockTest {
    private static final Clock WAX = Records.with(
            (Clock) Clock.KIND.fresh().apply(Fresh.NOTHING),
            Map.of(
                    "id",
                    "wax",
                    "name",
                    "Until the wax is cool",
                    "lengthMs",
                    45 * 60_000L,
                    "adding",
                    List.of(
                            new Adding("gift", "Lantern", 120_000, 1, "count", 0),
                            new Adding("membership", "", 60_000, 1, "months", 3_600_000)),
                    "mostMs",
                    80 * 60_000L));
    private static final Clock ROUNDS = Records.with(
            WAX,
            Map.of(
                    "id",
                    "rounds",
                    "name",
                    "Bench rounds",
                    "way",
                    Way.ROUNDS,
                    "nearMs",
                    0L,
                    "adding",
                    List.of(),
                    "rounds",
                    new Rounds(25 * 60_000, 5 * 60_000, 3, 15 * 60_000, 2)));
    private static final Viewer OTTER = new Viewer("practice:brine_otter", "brine_otter", Set.of(Standing.FOLLOWER), 0);
    private static final long BEGIN = 1_700_000_000_000L;
    private Engine engine;
    private long at = BEGIN;

    private static Wiring wiring(Clock... clocks) {
        Wiring bare = Samples.wiring().withDesks(List.of(clocks));
        List<Cue> cues = new ArrayList<>();
        for (Clock clock : clocks) {
            cues.addAll(Starters.of(bare, Clock.DESK, clock.id()).orElseThrow().cues());
        }
        List<Rack> racks = new ArrayList<>(bare.racks());
        cues.stream().map(Cue::rack).distinct().forEach(id -> racks.add(new Rack(1, id, id, true)));
        return new Wiring(bare.house(), racks, cues, bare.stages(), bare.desks(), bare.shelf());
    }

    @BeforeEach
    void start() {
        engine = Samples.engine(new CueBook(wiring(WAX, ROUNDS)), EngineState.fresh(4));
    }

    private String ask(String clock, String act, String... time) {
        Outcome outcome = engine.accept(
                at,
                Facts.ASKED.by(
                        Actor.HOST,
                        Clock.DESK,
                        clock,
                        act,
                        time.length == 0 ? Map.of() : Map.of("time", time[0]),
                        act));
        return outcome.decisions().get(0).note();
    }

    private List<String> told(Outcome outcome) {
        return outcome.decisions().stream()
                .filter(each -> each.event().kind().startsWith("clock"))
                .map(each -> (each.at() - BEGIN) / 1_000 + " " + each.event().sentence())
                .toList();
    }

    private List<String> pass(long seconds) {
        at += seconds * 1_000;
        return told(engine.wake(at));
    }

    /** How it stands, as words would say it. */
    private String stands(String id) {
        Clock clock = (Clock) engine.book().wiring().desk(id).orElseThrow();
        ClockDesk desk = new ClockDesk();
        Map<String, Object> values =
                desk.values(clock, engine.save().memory().get(desk.book(), id).orElseThrow(), at, "");
        String round = values.get(clock.value("Round")).toString();
        return values.get(clock.value("Left")) + (round.isEmpty() ? "" : ", " + round) + " ("
                + values.get(clock.value("State")) + ")";
    }

    @Test
    void itRunsDownAndTellsWhatHappensAtItsMoments() {
        assertThat(ask("wax", "start")).isEqualTo("Until the wax is cool runs: 45:00");
        assertThat(ask("wax", "start")).isEqualTo("Until the wax is cool runs already: 45:00");
        assertThat(pass(43 * 60)).isEmpty();
        assertThat(pass(10 * 60))
                .containsExactly("2640 Until the wax is cool is nearly over", "2700 Until the wax is cool is over");
        assertThat(stands("wax")).isEqualTo("0:00 (over)");
        assertThat(engine.nextWake()).isGreaterThan(at + 1_000_000);
    }

    @Test
    void pausedItStandsAndGoesOnWithTheSame() {
        ask("wax", "start");
        pass(60);
        assertThat(ask("wax", "pause")).isEqualTo("Until the wax is cool is paused: 44:00");
        pass(3_600);
        assertThat(stands("wax")).isEqualTo("44:00 (paused)");
        assertThat(ask("wax", "start")).isEqualTo("Until the wax is cool goes on: 44:00");
        assertThat(pass(44 * 60)).last().asString().endsWith("is over");
    }

    @Test
    void whatWasNotStartedFollowsWhatIsWrittenUnlessItWasSetByHand() {
        ask("wax", "start");
        assertThat(ask("wax", "reset")).endsWith("45:00");
        engine.rewire(at, new CueBook(wiring(Records.with(WAX, Map.of("lengthMs", 30 * 60_000L)), ROUNDS)));
        assertThat(stands("wax")).isEqualTo("30:00 (not started)");
        assertThat(ask("wax", "start")).endsWith("30:00");
        ask("wax", "reset");
        ask("wax", "set", "10:00");
        engine.rewire(at, new CueBook(wiring(WAX, ROUNDS)));
        assertThat(ask("wax", "start")).endsWith("10:00");
        ask("rounds", "skip");
        assertThat(ask("rounds", "start")).isEqualTo("Bench rounds runs: 5:00");
        assertThat(pass(300)).containsExactly("300 Bench rounds comes to work, 2 of 3");
    }

    @Test
    void timeIsAddedTakenAndSetAndEveryStepOfAPersonIsTakenBack() {
        assertThat(ask("wax", "set", "2 min")).isEqualTo("Until the wax is cool is set: 2:00");
        ask("wax", "start");
        assertThat(ask("wax", "add", "90")).isEqualTo("Until the wax is cool gets 1 min 30 s more: 3:30");
        assertThat(ask("wax", "undo")).isEqualTo("Until the wax is cool is as it was: 2:00");
        assertThat(ask("wax", "undo")).isEqualTo("Until the wax is cool has no step to take back");
        assertThat(ask("wax", "take", "1:00")).endsWith("1:00");
        assertThat(ask("wax", "take", "5:00")).endsWith("0:00");
        assertThat(pass(0)).isEmpty();
        assertThat(stands("wax")).endsWith("(over)");
        assertThat(ask("wax", "add", "1h")).endsWith("1:00:00");
        assertThat(stands("wax")).endsWith("(running)");
        assertThat(ask("wax", "add", "soon")).startsWith("“soon” is no time.");
        assertThat(ask("wax", "add", "until 21:00")).startsWith("A length is wanted");
        assertThat(ask("wax", "skip")).isEqualTo("Until the wax is cool has no rounds");
    }

    private List<String> gift(String item, int count) {
        return told(engine.accept(at, Facts.GIFT.from("practice", OTTER, item, 10L, (long) count)));
    }

    @Test
    void eventsAddTimeByTheTableWithinItsBounds() {
        assertThat(gift("Lantern", 1)).isEmpty();
        ask("wax", "start");
        assertThat(gift("lantern", 2)).containsExactly("0 Until the wax is cool gets 4 min for lantern");
        assertThat(gift("Honeycomb", 2)).isEmpty();
        Viewer old = new Viewer("practice:ines", "ines", Set.of(Standing.MEMBER), 90);
        assertThat(told(engine.accept(at, Facts.MEMBERSHIP.from("practice", old, 90L, 1L, ""))))
                .containsExactly("0 Until the wax is cool gets 1 h for ines is a member for 90 months");
        assertThat(told(engine.accept(at, Facts.MEMBERSHIP.from("practice", old, 1L, 1L, ""))))
                .isEmpty();
        assertThat(gift("Lantern", 1_000_000)).containsExactly("0 Until the wax is cool gets 16 min for Lantern");
        assertThat(gift("Lantern", 1)).isEmpty();
        assertThat(stands("wax")).endsWith("2:05:00 (running)");
    }

    @Test
    void eventsNeverCarryItBeyondTheLatestHour() {
        // 22:13:20 UTC: an hour and three quarters before midnight.
        Clock late = Records.with(WAX, Map.of("latest", "24:00", "mostMs", 0L));
        engine = Samples.engine(new CueBook(wiring(late)), EngineState.fresh(4));
        ask("wax", "start");
        assertThat(gift("Lantern", 60)).containsExactly("0 Until the wax is cool gets 1 h 1 min 40 s for Lantern");
        assertThat(gift("Lantern", 1)).isEmpty();
        assertThat(ask("wax", "add", "1h")).endsWith("2:46:40");
    }

    @Test
    void workAndRestFollowOneAnotherWithoutDriftingHoweverLateTheyAreLookedAt() {
        ask("rounds", "start");
        assertThat(pass(4 * 3_600))
                .containsExactly(
                        "1500 Bench rounds comes to rest, 1 of 3",
                        "1800 Bench rounds comes to work, 2 of 3",
                        "3300 Bench rounds comes to long rest, 2 of 3",
                        "4200 Bench rounds comes to work, 3 of 3",
                        "5700 Bench rounds is over");
        ask("rounds", "restart");
        assertThat(ask("rounds", "skip")).isEqualTo("Bench rounds comes to rest, 1 of 3: 5:00");
        ask("rounds", "undo");
        assertThat(stands("rounds")).isEqualTo("25:00, work, 1 of 3 (running)");
    }

    @Test
    void whatRunsUntilATimeOfDayStillEndsThenThoughItStoodForAWhile() {
        Clock until = Records.with(WAX, Map.of("way", Way.UNTIL, "until", "23:00"));
        engine = Samples.engine(new CueBook(wiring(until)), EngineState.fresh(4));
        assertThat(ask("wax", "start")).endsWith("46:40");
        pass(60);
        ask("wax", "pause");
        pass(600);
        assertThat(ask("wax", "start")).endsWith("35:40");
        ask("wax", "pause");
        pass(3_600);
        assertThat(ask("wax", "start")).endsWith("0:00");
        assertThat(stands("wax")).endsWith("(over)");
    }

    @Test
    void whatCountsUpHasNoEnd() {
        Clock up = Records.with(WAX, Map.of("way", Way.UP));
        engine = Samples.engine(new CueBook(wiring(up)), EngineState.fresh(4));
        ask("wax", "start");
        assertThat(pass(90_000)).isEmpty();
        assertThat(ask("wax", "pause")).endsWith("25:00:00");
        assertThat(ask("wax", "take", "1h")).endsWith("24:00:00");
    }

    @Test
    void aShorterNearEndWrittenMeanwhileNeverTellsOfThePast() {
        ask("wax", "start");
        pass(44 * 60);
        Clock sooner = Records.with(WAX, Map.of("nearMs", 30 * 60_000L));
        engine.rewire(at, new CueBook(wiring(sooner, ROUNDS)));
        ask("wax", "add", "10:00");
        ask("wax", "undo");
        assertThat(pass(60)).last().asString().isEqualTo("2700 Until the wax is cool is over");
    }

    @Test
    void keptAndRestoredAtAnyStepNothingLaterIsOther() {
        Random random = new Random(11);
        for (int run = 0; run < 40; run++) {
            start();
            at = BEGIN;
            for (int i = 0; i < 30; i++) {
                at += random.nextInt(400_000);
                String act = List.of("start", "pause", "add", "take", "skip", "restart", "undo")
                        .get(random.nextInt(7));
                String clock = random.nextBoolean() ? "wax" : "rounds";
                Map<String, String> with = act.equals("add") || act.equals("take") ? Map.of("time", "1:40") : Map.of();
                var asked = Facts.ASKED.by(Actor.HOST, Clock.DESK, clock, act, with, act);
                Engine other = Samples.engine(new CueBook(wiring(WAX, ROUNDS)), engine.save());
                Outcome one = engine.accept(at, asked);
                Outcome two = other.accept(at, asked);
                assertThat(two.decisions()).isEqualTo(one.decisions());
                long before = 0;
                for (var decision : one.decisions()) {
                    assertThat(decision.at()).isGreaterThanOrEqualTo(before);
                    before = decision.at();
                }
            }
        }
    }

    @Test
    void whatCannotBeIsNamedWithAPlaceAndARemedy() {
        Clock wrong = Records.with(
                ROUNDS,
                Map.of(
                        "name",
                        "",
                        "zone",
                        "Nowhere/At_all",
                        "latest",
                        "25:61",
                        "rounds",
                        new Rounds(0, -1, 0, 0, 0),
                        "adding",
                        List.of(
                                new Adding("sneeze", "", 0, 0, "", 0),
                                new Adding("follow", "x", 1_000, 1, "months", 0))));
        Problems problems = new Problems();
        wrong.check(problems);
        assertThat(problems.found())
                .extracting(Problem::path)
                .contains(
                        "name",
                        "zone",
                        "latest",
                        "rounds.workMs",
                        "rounds.restMs",
                        "rounds.count",
                        "rounds.longEvery",
                        "adding[0].event",
                        "adding[0].addMs",
                        "adding[0].each",
                        "adding[1].per",
                        "adding[1].only");
        Problems none = new Problems();
        WAX.check(none);
        ROUNDS.check(none);
        assertThat(none.found()).isEmpty();
    }

    @Test
    void itReadsAsASentence() {
        assertThat(Sentence.text(WAX.sentence(new Names(Samples.wiring())))
                        .replaceAll("\\s+", " ")
                        .strip())
                .isEqualTo(
                        "Until the wax is cool counts down from 45 min and is nearly over 1 min before. Events add time"
                                + ": each Lantern adds 2 min; when a membership begins or is renewed, 1 min for every month,"
                                + " at most 1 h; in all at most 1 h 20 min and at any hour.");
        assertThat(Sentence.text(ROUNDS.sentence(new Names(Samples.wiring())))
                        .replaceAll("\\s+", " ")
                        .strip())
                .startsWith(
                        "Bench rounds goes round in 25 min of work and 5 min of rest, 3 times and is never nearly over.");
    }
}
