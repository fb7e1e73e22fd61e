package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.event.Target;
import org.waxbell.score.SwitchPart;
import org.waxbell.wiring.Wiring;

/** A part that needs something no link is set up for. */
final class NoLink extends CueRule {
    NoLink() {
        super("no-link", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            if (each.part() instanceof SwitchPart part && part.target().kind() == Target.Kind.LAMP) {
                found.add(
                        each.path() + ".target",
                        "No link is set up for " + part.target().inWords() + ", so this part would fail.",
                        "Set the link up, or take the part away.");
            }
        }
    }
}
