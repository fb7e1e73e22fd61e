package org.waxbell.engine;

import java.util.HashMap;
import java.util.Map;
import org.waxbell.actor.Origin;
import org.waxbell.directive.SetTarget;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;

/** Takes in how targets stand: what a person changes counts for more than any cue. */
final class Switches implements Handler {
    private final Switchboard board;
    private final Runner runner;
    private final Map<String, Boolean> racks = new HashMap<>();

    Switches(Switchboard board, Runner runner, CueBook book) {
        this.board = board;
        this.runner = runner;
        define(book);
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact
                && fact.is(Facts.SWITCHED)
                && fact.actor().origin() == Origin.DESK) {
            runner.dropOff(at, turn);
        }
        boolean stands = event instanceof Fact fact && (fact.is(Facts.SCENE) || fact.is(Facts.SWITCHED));
        if (stands && turn.depth() == 0 && !isNews(at, (Fact) event, turn)) {
            turn.noNews();
        }
    }

    /** Whether it is a change that cues may wait for, and not what was known or is known only now. */
    private boolean isNews(long at, Fact fact, Turn turn) {
        Target target = fact.target();
        String value = fact.text("value");
        String before = board.shown(target);
        boolean byPerson = fact.actor().inPerson();
        boolean late = board.isGroundless(target);
        if (byPerson) {
            runner.loosen(board.changedByHand(target, value, turn), at, turn);
            runner.dropOff(at, turn);
            // What was moved at the mixer or in the room stands so already; what was pressed here is to be told to it.
            if (isHere(fact.actor().origin()) && !target.kind().ofEngine() && !before.equals(value)) {
                turn.directed(new SetTarget("hand", at, target, value, false));
            }
        } else {
            board.reported(target, value, at, turn);
        }
        return !before.equals(value) && (byPerson || !before.isEmpty() && !late);
    }

    private static boolean isHere(Origin origin) {
        return origin == Origin.HOST || origin == Origin.STAFF;
    }

    /** A rack's own switch that a person moved counts for more than what a cue did to it. */
    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        Map<String, Boolean> before = new HashMap<>(racks);
        define(next);
        next.wiring().racks().forEach(rack -> {
            if (before.containsKey(rack.id()) && before.get(rack.id()) != rack.on()) {
                Target target = new Target(Target.Kind.RACK, rack.id());
                runner.loosen(board.changedByHand(target, rack.on() ? "on" : "off", turn), at, turn);
            }
        });
    }

    private void define(CueBook book) {
        racks.clear();
        book.wiring().racks().forEach(rack -> racks.put(rack.id(), rack.on()));
    }

    @Override
    public void save(Memory memory) {
        board.save(memory);
    }
}
