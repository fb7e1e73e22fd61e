package org.waxbell.engine;

import java.util.function.Consumer;
import org.waxbell.actor.Actor;
import org.waxbell.evening.Came;
import org.waxbell.evening.Evening;
import org.waxbell.evening.Schedules;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.port.Calendars;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;

/** Whether a show is open and on air, and what comes by itself as it goes on. */
final class Shows implements Handler {
    private final Schedules schedules;
    private Evening evening;

    Shows(EngineState state, CueBook book, Calendars calendars) {
        evening = state.evening();
        schedules = new Schedules(calendars, state.memory().all(Books.CAME));
        // What is new by that is kept as it is taken up.
        schedules.define(book.wiring().cues(), evening, evening.openedAt(), came -> {});
    }

    Evening evening() {
        return evening;
    }

    @Override
    public boolean takesLines() {
        return true;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof ChatLine && evening.open() && schedules.countsLines()) {
            become(evening.line(), turn);
            schedules.line(at, evening, keeping(turn));
        } else if (event instanceof Fact fact) {
            if (fact.is(Facts.AIR_ON) || fact.is(Facts.AIR_OFF)) {
                become(evening.air(fact.is(Facts.AIR_ON)), turn);
            } else if (fact.is(Facts.SHOW_OPENED) || fact.is(Facts.SHOW_CLOSED)) {
                move(at, fact.is(Facts.SHOW_OPENED), turn);
            }
        }
    }

    private void move(long at, boolean open, Turn turn) {
        if (open == evening.open()) {
            turn.refuse(open ? "a show is open already" : "no show is open");
            return;
        }
        become(open ? evening.opened(at) : evening.closed(at), turn);
        schedules.restart(evening, keeping(turn));
    }

    private void become(Evening next, Turn turn) {
        evening = next;
        turn.changed(Books.EVENING.put(Books.EVENING.name(), next));
    }

    private static Consumer<Came> keeping(Turn turn) {
        return came -> turn.changed(Books.CAME.put(key(came), came));
    }

    private static String key(Came came) {
        return came.cueId() + "/" + came.pull();
    }

    @Override
    public long nextWake() {
        return schedules.nextAt();
    }

    @Override
    public void wake(long at, Turn turn) {
        schedules
                .take(at, evening, keeping(turn))
                .ifPresent(timed -> turn.follows(
                        Facts.TIME.by(
                                Actor.PROGRAM,
                                timed.cueId(),
                                (long) timed.pull(),
                                timed.kind().words()),
                        0));
    }

    /** What passed before {@code now} is not made up for. */
    void skipTo(long now, Turn turn) {
        schedules.skipTo(now, evening, keeping(turn));
    }

    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        schedules.define(next.wiring().cues(), evening, at, keeping(turn));
    }

    @Override
    public void save(Memory memory) {
        memory.put(Books.EVENING, Books.EVENING.name(), evening);
        schedules.save().forEach(came -> memory.put(Books.CAME, key(came), came));
    }
}
