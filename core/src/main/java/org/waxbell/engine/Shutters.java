package org.waxbell.engine;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.waxbell.actor.Actor;
import org.waxbell.evening.Shut;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.state.Memory;
import org.waxbell.time.Spans;
import org.waxbell.wiring.ShutterRule;

/**
 * The shutters: while they are down, what strangers write or cause is counted and kept as ever, and neither desks nor cues hear of it.
 * They come down by hand, by a cue, or by themselves where strangers flood the chat.
 */
final class Shutters implements Handler {
    /** The time within which lines of strangers are counted, in milliseconds. */
    static final long WITHIN_MS = 10_000;

    private static final Target TARGET = new Target(Target.Kind.SHUTTERS, "");
    private static final String DOWN = "down";
    private final Wired wired;
    private final People people;
    private final Switchboard board;
    private final Runner runner;
    /** When strangers wrote lately, the oldest first. */
    private final Deque<Long> strange = new ArrayDeque<>();

    private Shut shut;
    private Shut told;

    Shutters(Memory memory, Wired wired, People people, Switchboard board, Runner runner) {
        this.wired = wired;
        this.people = people;
        this.board = board;
        this.runner = runner;
        this.shut = memory.all(Books.SHUTTERS).stream().findFirst().orElse(Shut.UP);
        this.told = shut;
    }

    @Override
    public boolean takesLines() {
        return true;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact
                && fact.is(Facts.SWITCHED)
                && fact.target().equals(TARGET)) {
            // What followed from a flood or a cue is known already, and why.
            if (turn.depth() > 0) {
                return;
            }
            byHand(at, fact);
        } else if (event.by().isPresent() && people.isStranger(event.by().get())) {
            if (!isDown() && event instanceof ChatLine) {
                flood(at, turn);
            }
            if (isDown()) {
                shut = shut.holding();
                turn.settle("held: the shutters are down for strangers");
            }
        }
    }

    private boolean isDown() {
        return board.shuttersDown();
    }

    private void byHand(long at, Fact fact) {
        shut = fact.text("value").equals(DOWN)
                ? new Shut(true, end(at), "lowered by " + fact.actor().inWords(), 0)
                : Shut.UP;
    }

    private long end(long at) {
        long forMs = rule().forMs();
        return forMs == 0 ? 0 : at + forMs;
    }

    private ShutterRule rule() {
        return wired.house().shutters();
    }

    private void flood(long at, Turn turn) {
        int bound = rule().floodLines();
        if (bound == 0) {
            return;
        }
        strange.addLast(at);
        while (strange.peekFirst() <= at - WITHIN_MS) {
            strange.removeFirst();
        }
        if (strange.size() >= bound) {
            String why = strange.size() + " lines of strangers in " + Spans.inWords(WITHIN_MS);
            strange.clear();
            become(DOWN, at, turn);
            shut = new Shut(true, end(at), why, 0);
        }
    }

    private void become(String value, long at, Turn turn) {
        List<String> ended = board.changedByHand(TARGET, value, turn);
        runner.loosen(ended, at, turn);
        turn.follows(Facts.switched(Actor.PROGRAM, TARGET, value), turn.depth() + 1);
    }

    @Override
    public long nextWake() {
        return shut.until() == 0 ? Long.MAX_VALUE : shut.until();
    }

    @Override
    public void wake(long at, Turn turn) {
        shut = Shut.UP;
        become("up", at, turn);
    }

    /** The step is over: how they stand is kept where that is otherwise, whoever lowered or lifted them. */
    void tell(Turn turn) {
        if (isDown() && !shut.down()) {
            shut = new Shut(true, 0, "lowered by a cue", 0);
        } else if (!isDown() && shut.down()) {
            shut = Shut.UP;
        }
        if (!shut.equals(told)) {
            told = shut;
            turn.changed(Books.SHUTTERS.put(Books.SHUTTERS.name(), shut));
        }
    }

    @Override
    public void save(Memory memory) {
        memory.put(Books.SHUTTERS, Books.SHUTTERS.name(), shut);
    }
}
