package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.score.CardPart;
import org.waxbell.time.Spans;
import org.waxbell.wiring.Wiring;

/** A card that is gone before anyone has read it. */
final class CardTooShort extends CueRule {
    private static final long LEAST = 1_000;

    CardTooShort() {
        super("card-too-short", Remark.Severity.DOUBTFUL);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            if (each.part() instanceof CardPart card
                    && !card.manner().toEnd()
                    && card.lengthMs() - card.entryMs() - card.exitMs() < LEAST) {
                found.add(
                        each.path() + ".lengthMs",
                        "The card stands still for only "
                                + Spans.inWords(Math.max(0, card.lengthMs() - card.entryMs() - card.exitMs())) + ".",
                        "Let it stay longer: two seconds at least.");
            }
        }
    }
}
