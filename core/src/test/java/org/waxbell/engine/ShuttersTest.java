package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.INES;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.line;
import static org.waxbell.Samples.reply;
import static org.waxbell.Samples.viewer;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.evening.Shut;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.SwitchPart;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.ShutterRule;
import org.waxbell.wiring.Wiring;

/** The shutters: strangers who flood, by hand, by a cue, over a restart. */
class ShuttersTest {
    private static final long T0 = 1_000_000;
    private static final Target SHUTTERS = new Target(Target.Kind.SHUTTERS, "");
    private static final Viewer REGULAR = viewer("lowtide_lou");
    private Engine engine = engine(40, 60_000);
    private Outcome last = Outcome.NOTHING;

    private static CueBook book(int flood, long forMs) {
        Cue bell = cue("bell", List.of("!bell"), List.of(), reply("say", new Anchor.At(0)));
        Cue calm = cue(
                "calm",
                List.of("!calm"),
                List.of(),
                new SwitchPart("shut", new Anchor.At(0), 5_000, SHUTTERS, "down", false, Manner.PLAIN));
        Wiring wiring = Samples.housed(bell, calm);
        return new CueBook(new Wiring(
                Records.with(wiring.house(), Map.of("shutters", new ShutterRule(flood, forMs))),
                wiring.racks(),
                wiring.cues(),
                wiring.stages(),
                wiring.shelf()));
    }

    /** One that has seen the regular before the show that is open. */
    private static Engine engine(int flood, long forMs) {
        Engine fresh = Samples.engine(book(flood, forMs), EngineState.fresh(7));
        fresh.accept(T0 - 10_000, line(REGULAR, "good evening"));
        fresh.accept(T0 - 5_000, Facts.show(Actor.HOST, true));
        return fresh;
    }

    private String say(long after, Viewer who) {
        last = engine.accept(T0 + after, line(who, "!bell"));
        return last.decisions().get(0).sentence();
    }

    private static Viewer stranger(int number) {
        return viewer("moth" + number, number % 2 == 0 ? Standing.ANYONE : Standing.FOLLOWER);
    }

    private Shut shut() {
        List<Shut> now = engine.save().memory().all(Books.SHUTTERS);
        return now.get(0);
    }

    private void byHand(long after, String value) {
        last = engine.accept(T0 + after, Facts.switched(Actor.HOST, SHUTTERS, value));
    }

    @Test
    void aThousandStrangersInTenSecondsBringThemDownAndRegularsGoOn() {
        List<String> answers = IntStream.range(0, 1_000)
                .mapToObj(number -> say(number * 10L, stranger(number)))
                .toList();
        assertThat(answers.subList(0, 39)).allMatch(each -> each.startsWith("rang Bell"));
        assertThat(answers.subList(39, 1_000)).containsOnly("held: the shutters are down for strangers");
        assertThat(say(10_000, REGULAR)).startsWith("rang Bell");
        assertThat(say(10_050, INES)).as("a member of whom nobody knew").startsWith("rang Bell");
        assertThat(shut()).isEqualTo(new Shut(true, T0 + 390 + 60_000, "40 lines of strangers in 10 s", 961));
        assertThat(say(60_389, stranger(1))).startsWith("held");
        assertThat(say(60_400, stranger(1))).startsWith("rang Bell");
        assertThat(shut()).isEqualTo(Shut.UP);
    }

    @Test
    void asManySlowlyOrOfRegularsBringThemNotDown() {
        IntStream.range(0, 200)
                .forEach(number ->
                        assertThat(say(number * 300L, stranger(number))).startsWith("rang"));
        IntStream.range(0, 200)
                .forEach(number -> assertThat(say(70_000 + number, REGULAR)).startsWith("rang"));
        engine = engine(0, 60_000);
        IntStream.range(0, 1_000)
                .forEach(number -> assertThat(say(number, stranger(number)))
                        .as("never by themselves")
                        .startsWith("rang"));
    }

    @Test
    void onePressLetsThemDownAndOneLiftsThem() {
        assertThat(say(0, stranger(1))).startsWith("rang");
        byHand(100, "down");
        assertThat(last.now(Books.SHUTTERS)).containsExactly(new Shut(true, T0 + 60_100, "lowered by the host", 0));
        assertThat(say(200, stranger(1))).startsWith("held");
        Fact follow = Facts.FOLLOW.from("practice", stranger(3));
        assertThat(engine.accept(T0 + 250, follow).decisions().get(0).sentence())
                .as("what they cause rings nothing either")
                .contains("shutters are down");
        byHand(300, "up");
        assertThat(say(400, stranger(1))).startsWith("rang");
        assertThat(shut()).isEqualTo(Shut.UP);
    }

    @Test
    void aCueLowersThemForAWhileAndHushLiftsThem() {
        engine.accept(T0, line(REGULAR, "!calm"));
        engine.wake(T0 + 200);
        assertThat(say(1_000, stranger(1))).startsWith("held");
        engine.wake(T0 + 6_000);
        assertThat(say(6_100, stranger(1))).startsWith("rang");
        engine.accept(T0 + 7_000, line(REGULAR, "!calm"));
        engine.wake(T0 + 7_200);
        assertThat(say(7_300, stranger(1))).startsWith("held");
        engine.hush(T0 + 7_400, Actor.HOST);
        assertThat(say(7_500, stranger(1))).startsWith("rang");
    }

    @Test
    void theyStayDownOverARestartAndWhoIsAStrangerIsKnownStill() {
        say(0, stranger(1));
        byHand(100, "down");
        engine = Samples.engine(book(40, 60_000), engine.save());
        engine.resume(T0 + 500);
        assertThat(say(600, stranger(1))).startsWith("held");
        assertThat(say(700, REGULAR)).startsWith("rang");
        assertThat(say(60_200, stranger(1))).startsWith("rang");
        engine.accept(T0 + 70_000, Facts.show(Actor.HOST, false));
        engine.accept(T0 + 71_000, Facts.show(Actor.HOST, true));
        byHand(72_000, "down");
        assertThat(say(73_000, stranger(1))).as("known before this show").startsWith("rang");
    }
}
