package org.waxbell.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.Frame;
import org.waxbell.check.Problem;
import org.waxbell.checkup.Checkup;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.ConditionGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.AskPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Score;
import org.waxbell.show.Desks;
import org.waxbell.show.Starters;
import org.waxbell.stage.Stage;
import org.waxbell.wheel.WheelDesk;
import org.waxbell.wheel.WheelFace;
import org.waxbell.wheel.WheelState;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.Wiring;

/** What holds for every desk, on the wheel: asked by cue and by hand, answered in words, kept and told. */
class DeskTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final WheelFixture WHEEL = new WheelFixture(
            "dyes",
            "Dyes",
            new Frame(0, 0, 100, 100, 0, false),
            List.of(
                    new WheelFixture.Segment("Sage", "#3f6f5f", 1),
                    new WheelFixture.Segment("Rose", "#a45a63", 1),
                    new WheelFixture.Segment("Sea", "#3d5c7c", 1)),
            true,
            false);
    private Engine engine;
    private long at = 1_000;

    private static AskPart ask(String act, Map<String, String> with, Manner manner) {
        return new AskPart("ask", NOW, "wheel", "main/dyes", act, with, manner);
    }

    private static Cue word(String id, AskPart ask, String says) {
        return Samples.cue(id, List.of("!" + id), List.of(), ask, Samples.says("r", new Anchor.After("ask", 0), says));
    }

    private static Wiring wiring(Cue... cues) {
        Stage stage = new Stage(
                Stage.FORMAT,
                "main",
                "Main",
                1280,
                720,
                "",
                Samples.MAIN.spots(),
                Samples.MAIN.outlets(),
                List.of(WHEEL));
        return new Wiring(Samples.house(), List.of(Samples.BENCH), List.of(cues), List.of(stage), Samples.SHELF);
    }

    @BeforeEach
    void start() {
        Cue draw = word(
                "draw",
                ask("spin", Map.of("times", "{argument}"), Manner.PLAIN),
                "{outcome}: {answer}; {dyesLeft, plural, one {# left} other {# left}}");
        Cue fill = word("fill", ask("fill", Map.of(), Manner.PLAIN), "{answer}");
        Cue left = Samples.cue(
                "left",
                List.of("!left"),
                List.of(new ConditionGate("dyes.left == 3")),
                Samples.says("r", NOW, "all in, last {dyesLast}"));
        engine = Samples.engine(new CueBook(wiring(draw, fill, left)), EngineState.fresh(4));
    }

    private Outcome say(String line) {
        at += 1_000;
        return engine.accept(at, Samples.line(Samples.INES, line));
    }

    private static List<String> said(Outcome outcome) {
        return outcome.directives().stream()
                .filter(SayInChat.class::isInstance)
                .map(each -> ((SayInChat) each).text())
                .toList();
    }

    @Test
    void aChatWordAsksAndItsAnswerIsThereForTheNextPart() {
        String answer = said(say("!draw 2")).get(0);
        assertThat(answer).matches("drawn: Dyes: (Sage|Rose|Sea), (Sage|Rose|Sea); 1 left");
        assertThat(said(say("!left"))).isEmpty();
        assertThat(said(say("!fill"))).containsExactly("everything is in Dyes again");
        assertThat(said(say("!left"))).singleElement().asString().matches("all in, last (Sage|Rose|Sea)");
    }

    @Test
    void whatIsNotUnderstoodIsRefusedAndChangesNothing() {
        Outcome outcome = say("!draw many");
        assertThat(outcome.changes()).noneMatch(change -> change.book().name().equals("wheel"));
        assertThat(said(outcome))
                .singleElement()
                .asString()
                .startsWith("notUnderstood: How many times is a whole number from 1 to 10.");
    }

    @Test
    void anotherTakeMayBePlayedWhereItIsRefused() {
        Manner orOther = new Manner(Manner.IfFails.OTHER_TAKE, false, false);
        Take asks = new Take(
                "asks",
                "Asks",
                "",
                1,
                "sorry",
                new Score(List.of(ask("spin", Map.of("times", "{argument}"), orOther))));
        Take sorry =
                new Take("sorry", "Sorry", "", 0, "", new Score(List.of(Samples.says("r", NOW, "that was no number"))));
        Cue cue = Samples.taking(
                Samples.cue("draw", List.of("!draw"), List.of(), Samples.says("x", NOW, "x")),
                TakeRule.FIRST,
                asks,
                sorry);
        engine = Samples.engine(new CueBook(wiring(cue)), EngineState.fresh(4));
        assertThat(said(say("!draw many"))).containsExactly("that was no number");
    }

    @Test
    void aPersonAsksByHandAndWhoMayNotIsRefused() {
        say("!draw 3");
        Outcome refused = engine.accept(
                at,
                Facts.ASKED.by(
                        Actor.viewer("practice:lowtide_lou"), "wheel", "main/dyes", "fill", Map.of(), "fill Dyes"));
        assertThat(refused.decisions())
                .singleElement()
                .satisfies(each -> assertThat(each.note()).contains("may not"));
        assertThat(refused.changes()).isEmpty();
        Outcome filled =
                engine.accept(at, Facts.ASKED.by(Actor.HOST, "wheel", "main/dyes", "fill", Map.of(), "fill Dyes"));
        assertThat(filled.decisions().get(0).sentence()).isEqualTo("everything is in Dyes again");
    }

    @Test
    void howItStandsIsKeptByPlaceAndTakenUpAgain() {
        Outcome outcome = say("!draw 2");
        var book = Desks.ALL.get(0).book();
        assertThat(outcome.now(book))
                .singleElement()
                .isInstanceOfSatisfying(
                        WheelState.class, state -> assertThat(state.out()).hasSize(2));
        Engine again = Samples.engine(engine.book(), engine.save());
        assertThat(again.save()).isEqualTo(engine.save());
        assertThat(said(again.accept(at + 5_000, Samples.line(Samples.INES, "!draw 1")))
                        .get(0))
                .endsWith("0 left");
    }

    @Test
    void whatCannotBeAskedIsMarkedBeforeItIsSaved() {
        Wiring ground = wiring();
        assertThat(CueCheck.check(ground, word("a", ask("dance", Map.of(), Manner.PLAIN), "x"), Calendars.NONE))
                .extracting(Problem::path)
                .containsExactly("takes[0].score.parts[0].act");
        assertThat(CueCheck.check(
                        ground, word("a", ask("spin", Map.of("times", "40"), Manner.PLAIN), "x"), Calendars.NONE))
                .extracting(Problem::path)
                .containsExactly("takes[0].score.parts[0].with.times");
        assertThat(CueCheck.check(
                        ground,
                        word("a", new AskPart("ask", NOW, "wheel", "main/gone", "fill", Map.of(), Manner.PLAIN), "x"),
                        Calendars.NONE))
                .extracting(Problem::path)
                .containsExactly("takes[0].score.parts[0].about");
        assertThat(CueCheck.check(
                        ground,
                        word("a", ask("spin", Map.of("times", "2"), Manner.PLAIN), "{askAnswer} {answer} {dyesLast}"),
                        Calendars.NONE))
                .isEmpty();
    }

    @Test
    void theCheckUpKnowsWhatDesksBring() {
        Cue cue = word("a", ask("fill", Map.of(), Manner.PLAIN), "{answer} {askOutcome} {dyesLast} {nothing}");
        assertThat(Checkup.of(wiring(cue)))
                .filteredOn(each -> each.message().contains("Nothing brings"))
                .singleElement()
                .satisfies(each -> assertThat(each.message()).contains("{nothing}"));
    }

    @Test
    void aWheelBringsItsChatWordsAsOrdinaryCues() {
        Wiring ground = wiring();
        Starters starters = Starters.of(ground, "wheel", "main/dyes").orElseThrow();
        assertThat(starters.rack().name()).isEqualTo("Dyes");
        Wiring with = new Wiring(
                ground.house(),
                List.of(Samples.BENCH, starters.rack()),
                starters.cues(),
                ground.stages(),
                ground.shelf());
        assertThat(starters.cues())
                .allSatisfy(cue ->
                        assertThat(CueCheck.check(with, cue, Calendars.NONE)).isEmpty());
        engine = Samples.engine(new CueBook(with), EngineState.fresh(4));
        assertThat(said(say("!dyesleft"))).containsExactly("3 are left on Dyes, last drawn: nothing yet");
        say("!dyes");
        assertThat(said(engine.wake(at + 10_000)))
                .singleElement()
                .asString()
                .matches("marshlight_ines: (Sage|Rose|Sea)");
        at += 60_000;
        assertThat(said(say("!dyesleft"))).singleElement().asString().startsWith("2 are left on Dyes, last drawn: ");
        assertThat(said(say("!dyesfill"))).isEmpty();
        at += 1_000;
        assertThat(said(engine.accept(at, Samples.line(Samples.SEDGE, "!dyesfill"))))
                .containsExactly("everything is in Dyes again");
    }

    @Test
    void aWheelThatWasMadeSmallerStandsForWhatIsStillThere() {
        WheelFixture smaller = new WheelFixture(
                WHEEL.id(), WHEEL.name(), WHEEL.frame(), WHEEL.segments().subList(0, 2), true, false);
        WheelState before = new WheelState(2, List.of(1, 2));
        WheelDesk desk = new WheelDesk();
        assertThat(desk.values(WHEEL, before, 0, ""))
                .containsEntry("dyesLast", "Sea")
                .containsEntry("dyesLeft", 1L);
        assertThat(desk.values(smaller, before, 0, ""))
                .containsEntry("dyesLast", "nothing yet")
                .containsEntry("dyesLeft", 1L);
        assertThat(desk.face(WHEEL, before, 0)).contains(new WheelFace(2, List.of(1, 2)));
        assertThat(desk.face(smaller, before, 0)).contains(new WheelFace(-1, List.of(1)));
    }

    @Test
    void wordsAndIdsThatAreTakenGetANumber() {
        Cue there = word("dyes", ask("fill", Map.of(), Manner.PLAIN), "{answer}");
        assertThat(Starters.of(wiring(there), "wheel", "main/dyes")
                        .orElseThrow()
                        .cues())
                .extracting(Cue::id, cue -> cue.pulls().get(0).chatWords("!"))
                .contains(tuple("dyes-2", List.of("!dyes2")), tuple("dyes-left", List.of("!dyesleft")));
        assertThat(Starters.of(wiring(), "wheel", "main/gone")).isEmpty();
    }
}
