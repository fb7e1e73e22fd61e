package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.wiring.Wiring;

/** A file of a part that is not on the shelf any more. */
final class MissingMedia extends CueRule {
    MissingMedia() {
        super("missing-media", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            each.part()
                    .uses()
                    .filter(use -> use.on(wiring.shelf()).isEmpty())
                    .ifPresent(use -> found.add(
                            each.path() + "." + use.field(),
                            "The " + use.what() + " " + use.folder() + "/" + use.file() + " is not on the shelf.",
                            "Choose one that is there."));
        }
    }
}
