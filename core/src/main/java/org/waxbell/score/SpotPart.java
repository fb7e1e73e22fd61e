package org.waxbell.score;

import java.util.Optional;
import org.waxbell.booking.Place;

/** A part that is seen on a spot of a stage. */
sealed interface SpotPart extends Part permits CardPart, PicturePart, VideoPart, BurstPart, NamesPart {
    /** Id of its stage. */
    String stage();

    /** Id of its spot on that stage. */
    String spot();

    @Override
    default Lane lane() {
        return Lane.SCREEN;
    }

    @Override
    default Optional<Place> place() {
        return Optional.of(new Place(stage(), spot()));
    }
}
