package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.score.PointsPart;
import org.waxbell.score.SlatePart;
import org.waxbell.wiring.Wiring;

/** A part for the viewer who rang, in a cue that nobody in particular rings: it would do nothing. */
final class NobodyThere extends CueRule {
    NobodyThere() {
        super("nobody-there", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        if (cue.pulls().stream().anyMatch(Pull::mayHaveViewer)) {
            return;
        }
        for (Placed each : parts(cue)) {
            boolean own = each.part() instanceof SlatePart slate
                    && wiring.house().slate().stream()
                            .anyMatch(value -> value.id().equals(slate.value()) && value.perViewer());
            if (own || each.part() instanceof PointsPart) {
                found.add(
                        each.path(),
                        "Nobody in particular sets this cue off, so this part has nobody to be for.",
                        "Give it a pull by a viewer, or take the part away.");
            }
        }
    }
}
