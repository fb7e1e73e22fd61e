package org.waxbell.clock;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.Desk;
import org.waxbell.event.Fact;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;
import org.waxbell.time.Spans;

/** Runs clocks. Nothing ticks here: one moment is kept, and all else is worked out from it. */
public final class ClockDesk implements Desk<Clock, ClockState> {
    private static final Book<ClockState> BOOK = new Book<>(Clock.DESK, ClockState.class);

    @Override
    public String title() {
        return "Clocks";
    }

    @Override
    public Class<Clock> documents() {
        return Clock.class;
    }

    @Override
    public Book<ClockState> book() {
        return BOOK;
    }

    @Override
    public ClockState fresh(Clock clock) {
        return ClockStep.fresh(clock);
    }

    @Override
    public Answer<ClockState> ask(Clock clock, ClockState now, Ask ask, Surroundings evening) {
        return new ClockStep(clock, current(clock, now), ask.at()).ask(ask);
    }

    /** One that was not started, nor set by hand, stands as it is written now; so does one whose rounds are no more. */
    private static ClockState current(Clock clock, ClockState now) {
        return now.isAsWritten() || now.turn() >= clock.rounds().turns()
                ? ClockStep.fresh(clock).undoingAs(now)
                : now;
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof Fact fact && fact.what().ofChannel();
    }

    @Override
    public Answer<ClockState> hear(Clock clock, ClockState now, long at, ShowEvent event, Surroundings evening) {
        return new ClockStep(clock, current(clock, now), at).hear((Fact) event);
    }

    @Override
    public long nextWake(Clock clock, ClockState now) {
        return ClockStep.nextWake(clock, current(clock, now));
    }

    @Override
    public Answer<ClockState> wake(Clock clock, ClockState now, long at, Surroundings evening) {
        return new ClockStep(clock, current(clock, now), at).wake();
    }

    @Override
    public Map<String, Object> values(Clock clock, ClockState kept, long at, String person) {
        ClockState now = current(clock, kept);
        long shows = ClockStep.shows(clock, now, at);
        return Map.of(
                clock.value("Left"),
                ClockStep.inWords(clock, now, at),
                clock.value("Seconds"),
                clock.up() ? shows / 1_000 : (shows + 999) / 1_000,
                clock.value("State"),
                state(now),
                clock.value("Round"),
                round(clock, now));
    }

    private static String state(ClockState now) {
        return switch (now.phase()) {
            case READY -> "not started";
            case RUNNING -> "running";
            case PAUSED -> "paused";
            case OVER -> "over";
        };
    }

    @Override
    public String brief(Clock clock, ClockState kept, long at) {
        ClockState now = current(clock, kept);
        String round = round(clock, now);
        return state(now) + (round.isEmpty() || now.phase() == ClockState.Phase.READY ? "" : " · " + round);
    }

    private static String round(Clock clock, ClockState now) {
        return clock.way() == Way.ROUNDS && now.turn() < clock.rounds().turns()
                ? clock.rounds().inWords(now.turn())
                : "";
    }

    private static ClockFace shown(Clock clock, ClockState now) {
        return new ClockFace(
                now.phase(),
                clock.up(),
                now.moment(),
                now.stands(),
                Math.max(now.whole(), now.stands()),
                round(clock, now),
                clock.way() == Way.ROUNDS && Rounds.rests(now.turn()));
    }

    @Override
    public Optional<Face> face(Clock clock, ClockState now, long at) {
        return Optional.of(shown(clock, current(clock, now)));
    }

    @Override
    public ClockBoard board(Clock clock, ClockState kept, long at) {
        ClockState now = current(clock, kept);
        return new ClockBoard(
                shown(clock, now),
                lines(clock).stream().map(Adding::inWords).toList(),
                IntStream.range(0, lines(clock).size())
                        .mapToObj(line -> inWords(now.added().getOrDefault(line, 0L)))
                        .toList(),
                inWords(now.addedInAll()),
                now.before().isPresent());
    }

    /** The lines of its table that mean anything: nothing is added to what counts up. */
    private static List<Adding> lines(Clock clock) {
        return clock.up() ? List.of() : clock.adding();
    }

    private static String inWords(long ms) {
        return ms == 0 ? "" : Spans.inWords(ms);
    }

    @Override
    public List<Cue> starters(Clock clock, String about, String rack) {
        return new ClockStarters(clock, about, rack).all();
    }
}
