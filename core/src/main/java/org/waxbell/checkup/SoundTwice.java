package org.waxbell.checkup;

import java.util.List;
import org.waxbell.cue.Cue;
import org.waxbell.score.Anchor;
import org.waxbell.score.Part;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.score.SoundPart;
import org.waxbell.score.TheirClipPart;
import org.waxbell.score.VideoPart;
import org.waxbell.score.VoicePart;
import org.waxbell.wiring.Wiring;

/** A film that is heard while something else of the same cue is heard too: two sounds at once, of which neither is understood. */
final class SoundTwice extends CueRule {
    SoundTwice() {
        super("sound-twice", Remark.Severity.DOUBTFUL);
    }

    private static boolean isHeardFilm(Part part) {
        return part instanceof VideoPart video && video.volume() > 0
                || part instanceof TheirClipPart clip && clip.volume() > 0;
    }

    private static boolean isHeard(Part part) {
        return isHeardFilm(part) || part instanceof SoundPart || part instanceof VoicePart;
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (int i = 0; i < cue.takes().size(); i++) {
            List<PlannedPart> heard =
                    ScoreCompiler.plan(cue.takes().get(i).score(), wiring.shelf(), (purpose, choices) -> choices.get(0))
                            .stream()
                            .filter(each -> isHeard(each.part()))
                            .toList();
            for (PlannedPart film : heard) {
                if (isHeardFilm(film.part())
                        && heard.stream().anyMatch(other -> other != film && together(film, other))) {
                    found.add(
                            "takes[" + i + "].score",
                            "The film " + film.part().id() + " is heard while something else of this cue is heard too.",
                            "Set its volume to 0, or let one begin when the other is over.");
                    break;
                }
            }
        }
    }

    /** Whether they are heard at the same time, as far as that can be told beforehand: what hangs on an answer may still begin with another. */
    private static boolean together(PlannedPart one, PlannedPart other) {
        if (one.fromMs() == PlannedPart.OPEN || other.fromMs() == PlannedPart.OPEN) {
            return beginsWith(one.part(), other.part()) || beginsWith(other.part(), one.part());
        }
        return one.fromMs() < other.toMs() && other.fromMs() < one.toMs();
    }

    private static boolean beginsWith(Part one, Part other) {
        return one.start() instanceof Anchor.With with && with.part().equals(other.id());
    }
}
