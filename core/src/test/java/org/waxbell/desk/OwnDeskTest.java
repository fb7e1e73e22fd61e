package org.waxbell.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.Frame;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Books;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.Surroundings;
import org.waxbell.points.LedgerEntry;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.stage.Stage;
import org.waxbell.state.Book;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** What any desk may do that a wheel does not: hear lines, wake at its moment, move points, tell facts that cues wait for. */
class OwnDeskTest {
    private static final WheelFixture DOCUMENT = new WheelFixture(
            "dyes",
            "Dyes",
            new Frame(0, 0, 100, 100, 0, false),
            List.of(new WheelFixture.Segment("Sage", "#3f6f5f", 1), new WheelFixture.Segment("Rose", "#a45a63", 1)),
            false,
            false);
    private final Engine engine = engine(EngineState.fresh(4));

    /** Three seconds after a line it thanks its writer with five points, and says so once. */
    private static final class Thanking implements Desk<WheelFixture, String> {
        private static final Book<String> BOOK = new Book<>(WheelFixture.DESK, String.class);

        @Override
        public String title() {
            return "Thanking";
        }

        @Override
        public Class<WheelFixture> documents() {
            return WheelFixture.class;
        }

        @Override
        public Book<String> book() {
            return BOOK;
        }

        @Override
        public String fresh(WheelFixture document) {
            return "";
        }

        @Override
        public Answer<String> ask(WheelFixture document, String now, Ask ask, Surroundings evening) {
            return Answer.nothing(now);
        }

        @Override
        public boolean hears(ShowEvent event) {
            return event instanceof ChatLine;
        }

        @Override
        public Answer<String> hear(WheelFixture document, String now, long at, ShowEvent event, Surroundings evening) {
            return now.isEmpty()
                    ? Answer.becomes(at + 3_000 + " " + event.by().orElseThrow().id())
                    : Answer.nothing(now);
        }

        @Override
        public long nextWake(WheelFixture document, String now) {
            return now.isEmpty() ? Long.MAX_VALUE : Long.parseLong(now.substring(0, now.indexOf(' ')));
        }

        @Override
        public Answer<String> wake(WheelFixture document, String now, long at, Surroundings evening) {
            return Answer.becomes("")
                    .moving(List.of(new PointsMove(now.substring(now.indexOf(' ') + 1), 5, "thanks")))
                    .telling(List.of(DeskFacts.WHEEL_STOPPED.by(Actor.PROGRAM, document.name(), "thanked")));
        }
    }

    private static Engine engine(EngineState state) {
        Cue cue = Samples.cue("told", List.of("!told"), List.of(), Samples.says("r", new Anchor.At(0), "it was told"))
                .withPulls(List.of(new EventPull("wheelStopped", Map.of(), Map.of())));
        Stage stage = new Stage(
                Stage.FORMAT,
                "main",
                "Main",
                1280,
                720,
                "",
                Samples.MAIN.spots(),
                Samples.MAIN.outlets(),
                List.of(DOCUMENT));
        Wiring wiring =
                new Wiring(Samples.house(), List.of(Samples.BENCH), List.of(cue), List.of(stage), Samples.SHELF);
        return new Engine(new CueBook(wiring), state, 60, Calendars.NONE, List.of(new Thanking()));
    }

    private static void thanked(Outcome outcome) {
        assertThat(outcome.now(Books.ENTRIES)).extracting(LedgerEntry::amount).containsExactly(5L);
        assertThat(outcome.directives().stream()
                        .filter(SayInChat.class::isInstance)
                        .map(each -> ((SayInChat) each).text()))
                .containsExactly("it was told");
    }

    @Test
    void itWakesAtItsMomentMovesPointsAndTellsCues() {
        engine.accept(1_000, Samples.line(Samples.INES, "good evening"));
        engine.accept(2_000, Samples.line(Samples.WICKERBY, "and to you"));
        assertThat(engine.nextWake()).isEqualTo(4_000);
        assertThat(engine.wake(3_999).directives()).isEmpty();
        thanked(engine.wake(5_000));
        assertThat(engine.nextWake()).isEqualTo(Long.MAX_VALUE);
    }

    @Test
    void itsMomentOutlastsARestart() {
        engine.accept(1_000, Samples.line(Samples.INES, "good evening"));
        Engine again = engine(engine.save());
        assertThat(again.save()).isEqualTo(engine.save());
        thanked(again.wake(5_000));
    }
}
