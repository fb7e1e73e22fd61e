package org.waxbell.score;

import java.util.Optional;
import org.waxbell.booking.Place;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;

/** A part that is seen on a spot of a stage. */
public interface SpotPart extends Part {
    /** Where it stands. */
    static Field[] where() {
        return new Field[] {
            Field.choice("stage", "Stage", From.STAGES).wide(3),
            Field.choice("spot", "Spot", From.SPOTS).wide(3)
        };
    }

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
