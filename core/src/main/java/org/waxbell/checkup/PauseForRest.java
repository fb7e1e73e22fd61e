package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.score.Anchor;
import org.waxbell.time.Spans;
import org.waxbell.wiring.Wiring;

/** A score that begins with nothing: a pause where a cooldown was meant. */
final class PauseForRest extends CueRule {
    private static final long LONG = 3_000;

    PauseForRest() {
        super("pause-for-rest", Remark.Severity.DOUBTFUL);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (int i = 0; i < cue.takes().size(); i++) {
            long first = cue.takes().get(i).score().parts().stream()
                    .map(part -> part.start())
                    .mapToLong(start -> start instanceof Anchor.At at ? at.ms() : Long.MAX_VALUE)
                    .min()
                    .orElse(0);
            if (first >= LONG && first < Long.MAX_VALUE && Cues.restMs(cue) == 0) {
                found.add(
                        "takes[" + i + "].score",
                        "Nothing happens for " + Spans.inWords(first)
                                + " after it rings, and it may ring again at once.",
                        "If it should ring less often, use a cooldown and start the score at 0 s.");
            }
        }
    }
}
