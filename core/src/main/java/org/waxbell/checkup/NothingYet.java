package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.wiring.Wiring;

/** A score or a part that does nothing, for it was not said yet what it is to do. */
final class NothingYet extends CueRule {
    NothingYet() {
        super("nothing-yet", Remark.Severity.DOUBTFUL);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (int i = 0; i < cue.takes().size(); i++) {
            if (cue.takes().get(i).score().parts().isEmpty()) {
                found.add(
                        "takes[" + i + "].score",
                        "It rings, and nothing is seen or heard of it.",
                        "Add what it shows, plays, says or does.");
            }
        }
        for (Placed each : parts(cue)) {
            if (!each.part().chosen()) {
                found.add(
                        each.path() + ".target",
                        "It is not chosen yet what this part switches, so it does nothing.",
                        "Choose it.");
            }
        }
    }
}
