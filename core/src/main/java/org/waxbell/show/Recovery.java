package org.waxbell.show;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.waxbell.engine.AtWork;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.state.Book;

/**
 * Lets the evening go on after a fault: another engine is made of what was kept, and taken up as after a restart. What was at
 * work is given up, so that it does not do it again; where that does not help, so is every ring.
 *
 * @param engine   the one that goes on
 * @param outcomes what came of taking it up, to be kept and let out in this order
 */
public record Recovery(Engine engine, List<Outcome> outcomes) {
    private static final int MOST_TRIES = 8;
    private static final List<Book<?>> DESKS = Desks.ofDesks();
    private static final String WHY = "ended, for the program met a fault";

    public Recovery {
        outcomes = List.copyOf(outcomes);
    }

    /**
     * Recovers. Throws what the last try threw where none helps.
     *
     * @param kept what was kept, all that is still owed to the store included
     * @param work what the engine was at
     * @param make makes an engine of a state
     * @param at   the moment, milliseconds since 1970 UTC
     * @param what what was set aside, in words
     * @param why  what the fault said
     */
    public static Recovery of(
            EngineState kept, AtWork work, Function<EngineState, Engine> make, long at, String what, String why) {
        return of(kept, work, make, at, what, why, DESKS);
    }

    static Recovery of(
            EngineState kept,
            AtWork work,
            Function<EngineState, Engine> make,
            long at,
            String what,
            String why,
            List<Book<?>> desks) {
        List<Outcome> givenUp = new ArrayList<>(List.of(kept.givingUp(work, desks, WHY)));
        EngineState state = kept.after(givenUp.get(0));
        for (int left = MOST_TRIES; ; left--) {
            Engine engine = null;
            try {
                engine = make.apply(state);
                return new Recovery(
                        engine,
                        Stream.concat(givenUp.stream(), Stream.of(engine.mended(at, what, why), engine.resume(at)))
                                .toList());
            } catch (RuntimeException | Error again) {
                // What it was at this time is given up too; where it does not know, or time after time, all is.
                AtWork now = engine == null ? AtWork.NOTHING : engine.atWork();
                Outcome more = left > 1 ? state.givingUp(now, desks, WHY) : state.givingUpAll(desks, WHY);
                more = more.isEmpty() ? state.givingUpAll(desks, WHY) : more;
                if (left == 0 || more.isEmpty()) {
                    throw again;
                }
                givenUp.add(more);
                state = state.after(more);
            }
        }
    }
}
