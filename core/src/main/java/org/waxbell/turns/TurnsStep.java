package org.waxbell.turns;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.actor.Actor;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.gate.Surroundings;
import org.waxbell.words.Wording;

/** One step of one queue that somebody asked for. */
abstract class TurnsStep {
    final Queue queue;
    final TurnsState now;
    final Ask ask;
    final long at;
    final Surroundings evening;

    TurnsStep(Queue queue, TurnsState now, Ask ask, Surroundings evening) {
        this.queue = queue;
        this.now = now;
        this.ask = ask;
        this.at = ask.at();
        this.evening = evening;
    }

    /** How long who stands at a place waits. */
    static Wait wait(TurnsState state, int place, long at) {
        List<Up> up = state.head().up();
        return Wait.at(
                state.head().lengths(),
                place,
                up.isEmpty() ? -1 : at - up.get(0).since());
    }

    /** An answer of the host's, with the values that hold in {@code state}. @param viewer whom it is for */
    String filled(String pattern, TurnsState state, String person, String viewer, String note) {
        int place = state.place(person);
        Map<String, String> values = new HashMap<>();
        values.put("viewer", viewer);
        values.put("queue", queue.name());
        values.put("purpose", queue.purpose());
        values.put("place", Integer.toString(place));
        values.put("waiting", Integer.toString(state.waiting().size()));
        values.put("wait", wait(state, place, at).inWords());
        values.put("note", note);
        values.put("sample", queue.sample());
        values.put("most", Integer.toString(queue.most()));
        values.put("who", queue.whoInWords());
        values.put("again", queue.againInWords());
        values.put("price", evening.points(queue.price()));
        return Wording.of(pattern).fill(values);
    }

    Answer<TurnsState> refused(String outcome, String says) {
        return Answer.refused(now, outcome, says);
    }

    /** A fact about somebody in the queue. */
    static Fact about(FactKind kind, Actor by, Entry entry, Object... values) {
        return kind.about(by, Optional.of(entry.viewer()), values);
    }

    /** Done by a person, who can take it back. */
    Answer<TurnsState> stepped(TurnsState after, String outcome, String says, List<Fact> told) {
        TurnsState next = after.with(after.head().stepped(Optional.of(now.backFrom(after))));
        return Answer.done(next, outcome, says, Map.of()).telling(told);
    }

    static List<Up> without(List<Up> all, Up gone) {
        List<Up> rest = new ArrayList<>(all);
        rest.remove(gone);
        return rest;
    }
}
