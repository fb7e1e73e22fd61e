package org.waxbell.chapter;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.act.Asking;
import org.waxbell.act.DeskSheet;
import org.waxbell.actor.Actor;
import org.waxbell.clock.Clock;
import org.waxbell.clock.ClockDesk;
import org.waxbell.clock.ClockState;
import org.waxbell.cue.Cue;
import org.waxbell.desk.OnDesk;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SetTarget;
import org.waxbell.engine.Books;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.score.Anchor;
import org.waxbell.turns.Queue;
import org.waxbell.turns.TurnsDesk;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.ShutterRule;
import org.waxbell.wiring.Wiring;

/** An evening in its order: what chapters set, that leaving one undoes it, and how late it is. */
class OrderTest {
    private static final long T0 = 1_700_000_000_000L;
    private static final long MINUTE = 60_000;
    private static final Target SCENE = new Target(Target.Kind.SCENE, "");
    private static final Target LAMP = new Target(Target.Kind.LAMP, "Bench");
    private static final Target RACK = new Target(Target.Kind.RACK, "bench");
    private static final Clock COOL = Records.with(
            (Clock) Clock.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "cool", "name", "Until the wax is cool"));
    private static final Queue TURNS = Records.with(
            (Queue) Queue.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "turns", "name", "At the bench"));
    private static final Chapter WAITING = Chapter.plain("waiting", "Waiting", 10 * MINUTE);
    private static final Chapter POURING = new Chapter(
            "pouring",
            "Pouring",
            40 * MINUTE,
            ChapterEnd.HAND,
            "",
            true,
            List.of(new Setting(SCENE, "bench")),
            List.of(new Asking("queue", "turns", "open", Map.of())));
    private static final Chapter BREAK = new Chapter(
            "break",
            "Break",
            10 * MINUTE,
            ChapterEnd.CLOCK,
            "cool",
            false,
            List.of(new Setting(SCENE, "soon"), new Setting(LAMP, "off"), new Setting(RACK, "off")),
            List.of(new Asking("clock", "cool", "start", Map.of()), new Asking("queue", "turns", "close", Map.of())));
    private static final Chapter CLOSE = Chapter.plain("close", "Close", 0);
    private static final EveningOrder EVENING =
            new EveningOrder(1, "evening", "Evening", "", "UTC", true, List.of(WAITING, POURING, BREAK, CLOSE));

    private Wiring wiring = wiring(EVENING);
    private Engine engine = Samples.engine(new CueBook(wiring), EngineState.fresh(4));
    private long at = T0;

    private static Wiring wiring(EveningOrder order) {
        return OnDesk.wiring(order).withDesks(List.<DeskSheet>of(order, COOL, TURNS));
    }

    private Outcome host(String act, String chapter) {
        return engine.accept(
                at,
                Facts.ASKED.by(
                        Actor.HOST,
                        "order",
                        "evening",
                        act,
                        chapter.isEmpty() ? Map.of() : Map.of("chapter", chapter),
                        act));
    }

    private Outcome enter(String chapter) {
        return host("enter", chapter);
    }

    private static Map<Target, String> set(Outcome outcome) {
        Map<Target, String> all = new LinkedHashMap<>();
        for (Directive each : outcome.directives()) {
            if (each instanceof SetTarget wanted) {
                assertThat(all.put(wanted.target(), wanted.value()))
                        .as("switched once")
                        .isNull();
            }
        }
        return all;
    }

    private static String switched(Outcome outcome) {
        return outcome.directives().stream()
                .filter(SetTarget.class::isInstance)
                .toList()
                .toString();
    }

    private static List<String> told(Outcome outcome) {
        return outcome.decisions().stream()
                .map(each -> ((Fact) each.event()).sentence())
                .toList();
    }

    private OrderState state() {
        return new OrderDesk().restored("evening", engine.save().memory());
    }

    private boolean queueIsOpen() {
        return new TurnsDesk().restored("turns", engine.save().memory()).head().open();
    }

    private ClockState.Phase clock() {
        return new ClockDesk().restored("cool", engine.save().memory()).phase();
    }

    private OrderBoard board() {
        return new OrderDesk().board(EVENING, state(), at);
    }

    private void stands(Target target, String value) {
        engine.accept(at, Facts.switched(Actor.MIXER, target, value));
    }

    private void restart() {
        engine = Samples.engine(new CueBook(wiring), engine.save());
        engine.resume(at);
    }

    @Test
    void aChapterSetsWhatItSaysAndLeavingItUndoesThat() {
        stands(SCENE, "kettle");
        stands(LAMP, "on");
        enter("Waiting");
        Outcome on = enter("break");
        assertThat(set(on)).containsExactly(Map.entry(SCENE, "soon"), Map.entry(LAMP, "off"));
        assertThat(told(on)).contains("Evening asks Until the wax is cool: Start it, or let it go on");
        assertThat(clock()).isEqualTo(ClockState.Phase.RUNNING);
        at += MINUTE;
        assertThat(set(enter("close"))).containsExactly(Map.entry(SCENE, "kettle"), Map.entry(LAMP, "on"));
        assertThat(clock()).isEqualTo(ClockState.Phase.READY);
        assertThat(state().undo()).isEmpty();
    }

    @Test
    void whatStoodSoAlreadyIsLeftSoAndFromOneChapterToTheNextNothingFlickers() {
        stands(SCENE, "kettle");
        assertThat(set(enter("pouring"))).containsExactly(Map.entry(SCENE, "bench"));
        assertThat(queueIsOpen()).isTrue();
        assertThat(set(enter("break"))).as("straight to the next scene").containsOnlyKeys(SCENE, LAMP);
        assertThat(queueIsOpen())
                .as("what pouring opened is closed, and break had nothing to close")
                .isFalse();
        assertThat(state().undo()).extracting(Asking::act).containsExactly("reset");
        assertThat(set(host("end", ""))).containsEntry(SCENE, "kettle");
        assertThat(queueIsOpen()).isFalse();
    }

    @Test
    void aRackIsOffForAChapterAndOnAgainBehindIt() {
        Cue pour = Samples.cue("pour", List.of("!pour"), List.of(), Samples.reply("r", new Anchor.At(0)));
        List<Cue> cues = new ArrayList<>(wiring.cues());
        cues.add(pour);
        wiring = new Wiring(wiring.house(), wiring.racks(), cues, wiring.stages(), wiring.desks(), wiring.shelf());
        engine = Samples.engine(new CueBook(wiring), EngineState.fresh(4));
        enter("break");
        assertThat(says()).isEqualTo("held Pour · its rack At the bench is off");
        enter("close");
        assertThat(says()).isEqualTo("rang Pour");
    }

    private String says() {
        at += MINUTE / 10;
        return engine.accept(at, Samples.line(Samples.SEDGE, "!pour"))
                .decisions()
                .get(0)
                .cues()
                .get(0)
                .sentence();
    }

    @Test
    void whatAPersonSwitchesIsTheirsAndIsNotPutBack() {
        stands(SCENE, "kettle");
        stands(LAMP, "on");
        enter("break");
        stands(SCENE, "hearth");
        assertThat(state().held()).extracting(Setting::target).doesNotContain(SCENE);
        assertThat(set(enter("close"))).containsExactly(Map.entry(LAMP, "on"));
    }

    @Test
    void hushEndsNoChapter() {
        stands(SCENE, "kettle");
        enter("break");
        assertThat(set(engine.hush(at, Actor.HOST))).isEmpty();
        assertThat(state().chapter()).isEqualTo("break");
        assertThat(set(enter("close"))).containsEntry(SCENE, "kettle");
    }

    @Test
    void killedInTheBreakItComesBackInIt() {
        stands(SCENE, "kettle");
        stands(LAMP, "on");
        enter("break");
        at += MINUTE;
        restart();
        assertThat(state().chapter()).isEqualTo("break");
        assertThat(set(enter("close"))).containsExactly(Map.entry(SCENE, "kettle"), Map.entry(LAMP, "on"));
        assertThat(clock()).isEqualTo(ClockState.Phase.READY);
    }

    @Test
    void aClockATimeASceneOrAShowGoesOn() {
        engine.accept(at, Facts.show(Actor.HOST, true));
        assertThat(state().chapter()).as("the show opens").isEqualTo("waiting");
        stands(SCENE, "bench");
        assertThat(state().chapter()).as("its scene is put on").isEqualTo("pouring");
        enter("break");
        at += 10 * MINUTE;
        engine.wake(at);
        assertThat(state().chapter()).as("its clock is over").isEqualTo("close");
        engine.accept(at, Facts.show(Actor.HOST, false));
        assertThat(state().chapter()).as("the show closes").isEmpty();
    }

    @Test
    void thatItsTimeIsUpIsToldOnceAndOneThatGoesOnByItselfDoes() {
        enter("waiting");
        at += 10 * MINUTE;
        assertThat(told(engine.wake(at))).containsExactly("Waiting has had its time");
        at += MINUTE;
        assertThat(engine.wake(at).decisions()).isEmpty();
        Chapter byItself =
                new Chapter("waiting", "Waiting", 10 * MINUTE, ChapterEnd.TIME, "", false, List.of(), List.of());
        wiring = wiring(Records.with(EVENING, Map.of("chapters", List.of(byItself, CLOSE))));
        engine = Samples.engine(new CueBook(wiring), EngineState.fresh(4));
        enter("waiting");
        at += 10 * MINUTE;
        engine.wake(at);
        assertThat(state().chapter()).isEqualTo("close");
    }

    @Test
    void itSaysHowLateItIs() {
        enter("waiting");
        at += 16 * MINUTE;
        assertThat(new OrderDesk().brief(EVENING, state(), at)).isEqualTo("Waiting · 6 min late");
        enter("pouring");
        assertThat(board().lateMs()).isEqualTo(6 * MINUTE);
        assertThat(board().spans())
                .extracting(each -> each.to() - each.from())
                .containsExactly(16 * MINUTE, 40 * MINUTE, 10 * MINUTE, 0L);
        at += 20 * MINUTE;
        assertThat(new OrderDesk().values(EVENING, state(), at, ""))
                .containsEntry("eveningLate", "6 min late")
                .containsEntry("eveningNext", "Break");
        enter("break");
        assertThat(new OrderDesk().brief(EVENING, state(), at)).isEqualTo("Break · 14 min early");
        EveningOrder planned = Records.with(EVENING, Map.of("begins", "22:00"));
        assertThat(planned.planned(T0))
                .as("22:13 is nearest to 22:00 of that day")
                .isEqualTo(T0 - 800_000);
    }

    @Test
    void whatCannotBeIsRefusedWithTheRemedy() {
        assertThat(host("end", "").decisions().get(0).note()).isEqualTo("No chapter is on.");
        assertThat(enter("supper").decisions().get(0).note())
                .isEqualTo("There is no chapter “supper”; there are Waiting, Pouring, Break, Close.");
        enter("close");
        assertThat(enter("close").decisions().get(0).note()).startsWith("Close is on since");
        assertThat(host("next", "").decisions().get(0).note()).isEqualTo("Close is the last chapter.");
    }

    @Test
    void anOrderThatIsTakenAwayHoldsNothing() {
        stands(SCENE, "kettle");
        enter("break");
        Outcome gone = engine.rewire(at, new CueBook(wiring.withDesks(List.of(COOL, TURNS))));
        assertThat(set(gone)).containsEntry(SCENE, "kettle");
    }

    /** An order hears of every switch; that must not make a switch look like a press of somebody. */
    @Test
    void whyTheShuttersAreDownIsKnownAlsoWhereAnOrderHears() {
        wiring = new Wiring(
                Records.with(wiring.house(), Map.of("shutters", new ShutterRule(3, 60_000))),
                wiring.racks(),
                wiring.cues(),
                wiring.stages(),
                wiring.desks(),
                wiring.shelf());
        engine = Samples.engine(new CueBook(wiring), EngineState.fresh(4));
        engine.accept(at, Facts.show(Actor.HOST, true));
        for (int i = 0; i < 3; i++) {
            engine.accept(at, Samples.line(OnDesk.viewer("moth_" + i), "!kiln"));
        }
        assertThat(engine.save().memory().all(Books.SHUTTERS))
                .singleElement()
                .satisfies(shut -> assertThat(shut.why()).isEqualTo("3 lines of strangers in 10 s"));
    }

    @Test
    void anotherOrderEndsThisOne() {
        EveningOrder other = Records.with(EVENING, Map.of("id", "sunday", "name", "Sunday"));
        wiring = wiring.withDesks(List.of(EVENING, other, COOL, TURNS));
        engine = Samples.engine(new CueBook(wiring), EngineState.fresh(4));
        enter("pouring");
        engine.accept(at, Facts.ASKED.by(Actor.HOST, "order", "sunday", "enter", Map.of("chapter", "Break"), "enter"));
        assertThat(state().chapter()).isEmpty();
        assertThat(queueIsOpen()).isFalse();
    }

    /** Whatever comes and whenever it is killed, after the end everything stands as before, and both go the same way. */
    @RepeatedTest(40)
    void afterTheEndEverythingStandsAsBefore(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        stands(SCENE, "kettle");
        stands(LAMP, "on");
        Engine other = Samples.engine(new CueBook(wiring), engine.save());
        List<String> chapters = List.of("waiting", "pouring", "break", "close");
        List<String> killed = new ArrayList<>();
        List<String> lived = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            at += random.nextInt(8) * MINUTE + 1;
            String chapter = chapters.get(random.nextInt(4));
            killed.add(switched(enter(chapter)));
            lived.add(switched(other.accept(
                    at, Facts.ASKED.by(Actor.HOST, "order", "evening", "enter", Map.of("chapter", chapter), "enter"))));
            if (random.nextInt(3) == 0) {
                restart();
            }
        }
        host("end", "");
        assertThat(killed).isEqualTo(lived);
        assertThat(engine.save().memory().all(Books.TARGETS))
                .filteredOn(each -> each.target().equals(SCENE) || each.target().equals(LAMP))
                .extracting(each -> each.shown())
                .containsExactlyInAnyOrder("kettle", "on");
    }
}
