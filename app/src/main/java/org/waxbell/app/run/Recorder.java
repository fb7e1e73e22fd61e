package org.waxbell.app.run;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.Lead;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.PackedBooks;
import org.waxbell.app.store.RecordingMapper;
import org.waxbell.engine.Books;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.evening.Evening;
import org.waxbell.journal.Decision;
import org.waxbell.rehearsal.Opening;
import org.waxbell.rehearsal.Step;
import org.waxbell.wiring.WiringDocument;

/**
 * Records every show: the state with which it opened and all that went into the engine until it closed. After a restart in the middle
 * of a show a new recording begins. Only for the engine's thread; what it returns is written in the same transaction as the outcome.
 */
@Component
class Recorder {
    /** How many recordings are kept. */
    private static final int KEPT = 12;

    private static final Runnable NOTHING = () -> {};
    private final RecordingMapper mapper;
    private final Documents json;
    private long number = -1;
    private long steps;
    private boolean on;
    private Evening evening = Evening.NONE;
    private long lead = Lead.LEAST;

    Recorder(RecordingMapper mapper, Documents json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** After a start: where a show is open, a new recording begins. */
    Runnable goesOn(Engine engine, long at) {
        number = mapper.newest();
        evening = engine.evening();
        on = false;
        Runnable close = () -> mapper.close(at);
        return evening.open() ? both(close, begin(engine, at, evening)) : close;
    }

    /** What is to be written of a job that is done. */
    Runnable note(Engine engine, long at, Outcome outcome, Optional<Step> step) {
        if (step.orElse(null) instanceof Step.Led led) {
            lead = led.ms();
        }
        Runnable add = on && step.isPresent() ? add(step.get(), outcome) : NOTHING;
        Evening moved = outcome.now(Books.EVENING).stream()
                .reduce((one, later) -> later)
                .orElse(evening);
        boolean other = moved.show() != evening.show();
        evening = moved;
        if (other) {
            on = false;
            Runnable close = both(add, () -> mapper.close(at));
            return moved.open() ? both(close, begin(engine, at, moved)) : close;
        }
        return add;
    }

    private Runnable begin(Engine engine, long at, Evening evening) {
        long mine = ++number;
        steps = 0;
        on = true;
        EngineState state = engine.save();
        // A million people as JSON are more than the program has room for, and more than a show should wait for.
        byte[] people = PackedBooks.takeOut(state.memory());
        WiringDocument wiring = WiringDocument.of(engine.book().wiring());
        Runnable first = add(new Step.Led(at, lead), Outcome.NOTHING);
        return () -> {
            mapper.begin(mine, evening.show(), at, json.write(new Opening(at, state, wiring)), people);
            mapper.forget(mine - KEPT);
            mapper.forgetSteps(mine - KEPT);
            first.run();
        };
    }

    /** An event that stands in the journal as it came is not written twice. */
    private Runnable add(Step step, Outcome outcome) {
        long mine = number;
        long count = ++steps;
        Optional<Decision> decided = outcome.decisions().stream()
                .filter(each -> step.equals(new Step.Happens(each.at(), each.event())))
                .findFirst();
        return decided.isPresent()
                ? () -> mapper.add(mine, count, "", decided.get().number())
                : () -> mapper.add(mine, count, json.write(step), null);
    }

    private static Runnable both(Runnable one, Runnable other) {
        return () -> {
            one.run();
            other.run();
        };
    }
}
