package org.waxbell.checkup;

import java.util.List;
import org.waxbell.cue.Cue;
import org.waxbell.score.LookUpPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.TheirClipPart;
import org.waxbell.wiring.Wiring;

/** A broadcaster's clip in whose place nothing appears where there is none. */
final class NoFallback extends CueRule {
    NoFallback() {
        super("no-fallback", Remark.Severity.DOUBTFUL);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (int i = 0; i < cue.takes().size(); i++) {
            List<Part> parts = cue.takes().get(i).score().parts();
            for (int j = 0; j < parts.size(); j++) {
                if (parts.get(j) instanceof LookUpPart lookUp
                        && parts.stream().anyMatch(part -> isOf(part, lookUp))
                        && (!lookUp.wantsClip() || lookUp.manner().ifFails() != Manner.IfFails.OTHER_TAKE)) {
                    found.add(
                            "takes[" + i + "].score.parts[" + j + "]",
                            lookUp.wantsClip()
                                    ? "Where they have no clip, or it does not load, nothing appears."
                                    : "No clip is wanted of this look-up, so the clip is never shown.",
                            lookUp.wantsClip()
                                    ? "Let the look-up play another take if it fails, with “Introduce a broadcaster” in it."
                                    : "Choose in the look-up which clip it is.");
                }
            }
        }
    }

    private static boolean isOf(Part part, LookUpPart lookUp) {
        return part instanceof TheirClipPart clip && clip.lookUp().equals(lookUp.id());
    }
}
