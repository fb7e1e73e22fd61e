package org.waxbell.engine;

import java.util.List;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Tried;
import org.waxbell.journal.CueAnswer;

/** A person tries one cue: nobody else hears of the event. */
final class Trials implements Handler {
    private final Deciding deciding;

    Trials(Deciding deciding) {
        this.deciding = deciding;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Tried tried) {
            List<CueAnswer> answers = deciding.tried(turn.decision(), at, tried, turn);
            turn.settle(answers.isEmpty() ? "there is no such cue any more" : "");
            turn.answered(answers);
        }
    }
}
