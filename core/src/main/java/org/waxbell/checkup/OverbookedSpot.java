package org.waxbell.checkup;

import java.util.HashMap;
import java.util.Map;
import org.waxbell.booking.Place;
import org.waxbell.cue.Cue;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.score.Settled;
import org.waxbell.score.TheirClipPart;
import org.waxbell.time.Spans;
import org.waxbell.wiring.Places;
import org.waxbell.wiring.Wiring;

/** A cue that may ring more often than its own place is free. */
final class OverbookedSpot extends CueRule {
    OverbookedSpot() {
        super("overbooked-spot", Remark.Severity.DOUBTFUL);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        long rest = Cues.restMs(cue);
        if (rest == 0) {
            return;
        }
        Places places = new Places(wiring);
        for (int i = 0; i < cue.takes().size(); i++) {
            Map<Place, Long> stands = new HashMap<>();
            for (PlannedPart each : ScoreCompiler.plan(
                    cue.takes().get(i).score(), wiring.shelf(), (purpose, choices) -> choices.get(0))) {
                each.part().place().ifPresent(place -> stands.merge(place, length(each), Long::sum));
            }
            String path = "takes[" + i + "].score";
            stands.forEach((place, length) -> {
                if (length > rest * places.rule(place).together()) {
                    found.add(
                            path,
                            "It stands on " + places.name(place) + " for " + Spans.inWords(length)
                                    + ", and may ring every " + Spans.inWords(rest)
                                    + ": rings would queue up without end.",
                            "Make the cooldown longer than that, or the part shorter.");
                }
            });
        }
    }

    /** How long a part stands there as far as that can be told; of a clip of somebody's its longest. */
    private static long length(PlannedPart each) {
        Settled settled = each.settled();
        return settled.known() ? settled.lengthMs() : each.part() instanceof TheirClipPart clip ? clip.longestMs() : 0;
    }
}
