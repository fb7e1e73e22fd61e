package org.waxbell.wiring;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.waxbell.booking.Place;
import org.waxbell.cue.Cue;
import org.waxbell.score.AskPart;
import org.waxbell.score.Part;

/** What a cue uses of stages: spots, outlets and fixtures, as places such as {@code main/lower-third}. */
public final class StageUse {
    private StageUse() {}

    /** The places that parts of any of its takes stand on, sound by or ask, in order. */
    public static Set<String> of(Cue cue) {
        return cue.takes().stream()
                .flatMap(take -> take.score().parts().stream())
                .map(StageUse::place)
                .filter(place -> !place.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static String place(Part part) {
        return part instanceof AskPart ask
                ? ask.about()
                : part.place().map(Place::toString).orElse("");
    }
}
