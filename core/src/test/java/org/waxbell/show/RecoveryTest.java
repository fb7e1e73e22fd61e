package org.waxbell.show;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.BusyRule;
import org.waxbell.condition.Scope;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.Desk;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Books;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.GoldenHouseTest;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.Check;
import org.waxbell.gate.Gate;
import org.waxbell.gate.GateAnswer;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.Surroundings;
import org.waxbell.kind.Kind;
import org.waxbell.points.LedgerEntry;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.Draws;
import org.waxbell.score.Lane;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.PartCheck;
import org.waxbell.score.Settled;
import org.waxbell.score.Telling;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.state.Book;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** A gate, a part and a desk that throw at any step: what was kept is always what the engine remembers, and the evening goes on. */
class RecoveryTest {
    private static final int TRIES = 300;
    private static final Anchor NOW = new Anchor.At(0);
    private static final List<String> LINES =
            List.of("!bad", "!odd", "!dye", "!wave", "hello", "!count", "!red", "!clip", "!poor");

    /** Throws on its n-th use, and then each m-th. */
    private static final class Fuse {
        private int left;

        private Fuse(int left) {
            this.left = left;
        }

        private void burn() {
            if (--left == 0) {
                left = 5;
                throw new IllegalStateException("a bug");
            }
        }
    }

    private record BadGate(Fuse fuse) implements Gate {
        @Override
        public Kind<?> kind() {
            return Kind.of(BadGate.class, "bad", "bad", "Bad");
        }

        @Override
        public Said said(Naming names) {
            return Said.of("unless it is bad");
        }

        @Override
        public int order() {
            return 50;
        }

        @Override
        public Check ready(Scope scope) {
            return query -> {
                fuse.burn();
                return new GateAnswer("bad", true, "fine", Map.of());
            };
        }
    }

    /** @param how where it throws: as it is told, as its end is told, or as it is settled */
    private record BadPart(String id, Anchor start, Manner manner, Fuse fuse, int how) implements Part {
        @Override
        public Kind<?> kind() {
            return Kind.of(BadPart.class, "bad", "Bad", "Bad");
        }

        @Override
        public Lane lane() {
            return Lane.CHAT;
        }

        @Override
        public Settled settle(Shelf shelf, Draws draws) {
            if (how == 2) {
                fuse.burn();
            }
            return Settled.fixed(600, Media.NONE);
        }

        @Override
        public Optional<org.waxbell.event.Fact> ends(Map<String, String> values) {
            if (how == 1) {
                fuse.burn();
            }
            return Optional.empty();
        }

        @Override
        public @Nullable Directive direct(Telling telling) {
            if (how == 0) {
                fuse.burn();
            }
            return new SayInChat(telling.partRun(), telling.meantFor(), telling.link(), "", "bad");
        }

        @Override
        public String label(Telling telling, Naming names) {
            return "bad";
        }

        @Override
        public void check(PartCheck check) {}
    }

    /** Counts lines, and wakes once a second while a show is open. */
    private record BadDesk(Fuse hearing, Fuse waking) implements Desk<WheelFixture, Long> {
        private static final Book<Long> BOOK = new Book<>(WheelFixture.DESK, Long.class);

        @Override
        public String title() {
            return "Bad";
        }

        @Override
        public Class<WheelFixture> documents() {
            return WheelFixture.class;
        }

        @Override
        public Book<Long> book() {
            return BOOK;
        }

        @Override
        public Long fresh(WheelFixture document) {
            return 0L;
        }

        @Override
        public Answer<Long> ask(WheelFixture document, Long now, Ask ask, Surroundings evening) {
            return Answer.nothing(now);
        }

        @Override
        public boolean hears(ShowEvent event) {
            return event instanceof ChatLine;
        }

        @Override
        public Answer<Long> hear(WheelFixture document, Long now, long at, ShowEvent event, Surroundings evening) {
            hearing.burn();
            return Answer.becomes(now == 0 ? at : now);
        }

        @Override
        public long nextWake(WheelFixture document, Long now) {
            return now == 0 ? Long.MAX_VALUE : now + 1_000;
        }

        @Override
        public Answer<Long> wake(WheelFixture document, Long now, long at, Surroundings evening) {
            waking.burn();
            return Answer.becomes(at);
        }
    }

    /** An evening as the loop runs it: all that is decided is kept, and after a fault another engine is made of that. */
    private static final class Run {
        private final CueBook book;
        private final List<Desk<?, ?>> desks;
        private EngineState kept = EngineState.fresh(9);
        private Engine engine;
        private int faults;
        private final Map<Long, String> ended = new HashMap<>();
        private final List<LedgerEntry> entries = new ArrayList<>();

        Run(CueBook book, List<Desk<?, ?>> desks) {
            this.book = book;
            this.desks = desks;
            this.engine = make(kept);
            keep(engine.resume(0));
        }

        private Engine make(EngineState state) {
            return new Engine(book, state, 60, Calendars.NONE, desks);
        }

        private void keep(Outcome outcome) {
            kept = kept.after(outcome);
            outcome.now(Books.RINGS).stream()
                    .filter(ring -> !ring.state().isActive())
                    .forEach(ring -> ended.merge(ring.number(), ring.state().name(), (one, two) -> one + " " + two));
            outcome.now(Books.ENTRIES).forEach(entries::add);
        }

        void step(long at, Function<Engine, Outcome> what) {
            try {
                keep(engine.wake(at));
                keep(what.apply(engine));
            } catch (IllegalStateException fault) {
                faults++;
                Recovery recovery = Recovery.of(
                        kept, engine.atWork(), this::make, at, "a step", fault.getMessage(), List.of(BadDesk.BOOK));
                recovery.outcomes().forEach(this::keep);
                engine = recovery.engine();
            }
        }

        boolean keptIsRemembered() {
            return make(kept).save().equals(engine.save());
        }
    }

    private static Run run(int first, int how, BadDesk desk) {
        Cue bad = Samples.cue(
                "bad", List.of("!bad"), List.of(new BadGate(new Fuse(first))), Samples.card("card", NOW, 1_000));
        Cue odd = Samples.cue(
                "odd",
                List.of("!odd"),
                List.of(),
                Samples.card("card", NOW, 1_500),
                new BadPart("bad", new Anchor.At(200), Manner.PLAIN, new Fuse(first), how),
                Samples.says("r", new Anchor.After("bad", 100), "over"));
        Cue poor = Samples.cue(
                "poor",
                List.of("!poor"),
                List.of(new PriceGate(10)),
                new BadPart("bad", new Anchor.At(300), Manner.PLAIN, new Fuse(first), how),
                Samples.card("card", new Anchor.At(400), 1_000));
        CueBook golden = GoldenHouseTest.book(new BusyRule.Wait(4, 9_000), true);
        List<Cue> cues = new ArrayList<>(golden.wiring().cues());
        cues.addAll(List.of(bad, odd, poor));
        Stage plain = golden.wiring().stages().get(0);
        WheelFixture wheel = new WheelFixture(
                "dyes",
                "Dyes",
                new org.waxbell.booking.Frame(0, 0, 10, 10, 0, false),
                List.of(new WheelFixture.Segment("a", "#000000", 1), new WheelFixture.Segment("b", "#000000", 1)),
                false,
                false);
        Stage stage = new Stage(
                Stage.FORMAT,
                plain.id(),
                plain.name(),
                plain.width(),
                plain.height(),
                "",
                plain.spots(),
                plain.outlets(),
                List.of(wheel));
        CueBook book = new CueBook(new Wiring(
                golden.wiring().house(),
                golden.wiring().racks(),
                cues,
                List.of(stage),
                golden.wiring().shelf()));
        return new Run(book, List.of(desk));
    }

    private static Run played(List<Integer> numbers, int first, int how) {
        Run run = run(first, how, new BadDesk(new Fuse(first * 3), new Fuse(first + 1)));
        run.step(1, engine -> engine.accept(1, Facts.show(Actor.HOST, true)));
        long at = 10;
        for (int number : numbers) {
            at += number / LINES.size() * 13L;
            long now = at;
            ShowEvent line = Samples.line(Samples.viewer("viewer" + number % 3), LINES.get(number % LINES.size()));
            run.step(now, engine -> engine.accept(now, line));
        }
        return run;
    }

    @Test
    void whateverThrowsWhereverItDoesWhatWasKeptIsWhatIsRemembered() {
        qt().withExamples(TRIES)
                .forAll(
                        lists().of(integers().between(0, 900)).ofSizeBetween(1, 30),
                        integers().between(1, 12),
                        integers().between(0, 2))
                .check((numbers, first, how) -> played(numbers, first, how).keptIsRemembered());
    }

    @Test
    void afterAFaultTheEveningGoesOnToItsEndAndEveryRingIsOverOnce() {
        qt().withExamples(TRIES)
                .forAll(
                        lists().of(integers().between(0, 900)).ofSizeBetween(1, 30),
                        integers().between(1, 12),
                        integers().between(0, 2))
                .check((numbers, first, how) -> {
                    Run run = played(numbers, first, how);
                    for (long at = 100_000; at < 160_000; at += 2_000) {
                        long now = at;
                        run.step(now, engine -> engine.wake(now));
                    }
                    // The first of these may meet a fault itself; the next one is answered.
                    List<String> answers = new ArrayList<>();
                    for (long at = 170_000; at < 190_000; at += 5_000) {
                        long now = at;
                        run.step(now, engine -> {
                            Outcome outcome = engine.accept(now, Samples.line(Samples.INES, "!wave"));
                            outcome.decisions().forEach(each -> answers.add(each.sentence()));
                            return outcome;
                        });
                    }
                    return answers.stream().anyMatch(each -> each.startsWith("rang"))
                            && run.ended.values().stream().noneMatch(each -> each.contains(" "))
                            && run.kept.memory().all(Books.PENDING).isEmpty()
                            && run.entries.stream()
                                            .mapToLong(LedgerEntry::amount)
                                            .sum()
                                    >= 0;
                });
    }

    @Test
    void theFaultIsToldOnceAndWhatWasAtWorkIsGivenUp() {
        Run run = run(1, 0, new BadDesk(new Fuse(0), new Fuse(0)));
        run.step(1, engine -> engine.accept(1, Facts.show(Actor.HOST, true)));
        run.step(100, engine -> engine.accept(100, Samples.line(Samples.INES, "!odd")));
        run.step(2_000, engine -> engine.wake(2_000));
        assertThat(run.faults).isEqualTo(1);
        assertThat(run.ended).containsValue("HUSHED");
        run.step(9_000, engine -> engine.wake(9_000));
        assertThat(run.faults).isEqualTo(1);
        assertThat(run.keptIsRemembered()).isTrue();
    }

    @Test
    void theTestsReallyMeetFaults() {
        int faults = 0;
        for (int how = 0; how < 3; how++) {
            faults += played(List.of(0, 1, 8, 101, 200, 301, 400, 501, 603, 705, 803), 1, how).faults;
        }
        assertThat(faults).isGreaterThan(6);
    }
}
