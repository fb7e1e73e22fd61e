package org.waxbell.app.stage;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.cue.Cue;
import org.waxbell.shelf.Media;
import org.waxbell.wiring.Wiring;

/** A file that parts of a stage may use, which its pages fetch before it is due. */
record StageMedia(String type, String address) {
    private static final int MOST = 200;

    static StageMedia of(Media media, MediaTokens tokens) {
        return new StageMedia(media.type(), tokens.address(media.hash()));
    }

    /** What the cues of {@code wiring} use on a stage, in their order. */
    static List<Media> used(Wiring wiring, String stage) {
        Set<Media> used = new LinkedHashSet<>();
        for (Cue cue : wiring.cues()) {
            cue.takes().stream()
                    .flatMap(take -> take.score().parts().stream())
                    .filter(part -> part.place()
                            .filter(place -> place.stage().equals(stage))
                            .isPresent())
                    .flatMap(part -> part.uses().stream())
                    .forEach(use -> used.addAll(use.on(wiring.shelf())));
        }
        return used.stream().limit(MOST).toList();
    }
}
