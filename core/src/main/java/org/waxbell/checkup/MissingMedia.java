package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.score.CardPart;
import org.waxbell.score.SoundPart;
import org.waxbell.wiring.Wiring;

/** A sound or picture that is not on the shelf any more. */
final class MissingMedia extends CueRule {
    MissingMedia() {
        super("missing-media", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            if (each.part() instanceof SoundPart sound && (sound.file().isEmpty() ? wiring.shelf().folder(sound.folder()).isEmpty()
                    : wiring.shelf().find(sound.folder(), sound.file()).isEmpty())) {
                found.add(each.path(), "The sound " + sound.folder() + "/" + sound.file() + " is not on the shelf.", "Choose one that is there.");
            } else if (each.part() instanceof CardPart card && !card.picture().isEmpty() && wiring.shelf().find(CardPart.PICTURES, card.picture()).isEmpty()) {
                found.add(each.path() + ".picture", "The picture " + card.picture() + " is not on the shelf.", "Choose one that is there, or none.");
            }
        }
    }
}
