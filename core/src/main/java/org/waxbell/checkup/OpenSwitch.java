package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.score.SwitchPart;
import org.waxbell.wiring.Wiring;

/** Anyone in chat could change the scene, hide a source, or switch racks. */
final class OpenSwitch extends CueRule {
    OpenSwitch() {
        super("open-switch", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            if (cue.openToAll() && each.part() instanceof SwitchPart part) {
                found.add(
                        "gates",
                        "Anyone in chat may switch " + part.target().inWords() + ".",
                        "Let only moderators, VIPs or named viewers ring it.");
            }
        }
    }
}
