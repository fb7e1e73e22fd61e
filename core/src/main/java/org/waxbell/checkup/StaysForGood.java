package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.score.SwitchPart;
import org.waxbell.wiring.Wiring;

/** Something is switched for good and nothing switches it again. */
final class StaysForGood extends CueRule {
    StaysForGood() {
        super("stays-for-good", Remark.Severity.HINT);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            if (each.part() instanceof SwitchPart part && part.stay()) {
                boolean other = wiring.cues().stream()
                        .flatMap(any -> parts(any).stream())
                        .anyMatch(any -> any.part() instanceof SwitchPart back
                                && back != part
                                && back.target().equals(part.target())
                                && !back.value().equals(part.value()));
                if (!other) {
                    found.add(
                            each.path(),
                            "It leaves " + part.target().inWords() + " so, and no cue switches it back.",
                            "Give it a time, or a cue that switches it back.");
                }
            }
        }
    }
}
