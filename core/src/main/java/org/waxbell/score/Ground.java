package org.waxbell.score;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.look.Look;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/** What scores stand on: the rest of the wiring, as far as parts look at it. */
public interface Ground {
    /** The stage of that id. */
    Optional<Stage> stage(String id);

    /** The media there are. */
    Shelf shelf();

    /** Whether there is a rack of that id. */
    boolean hasRack(String id);

    /** Every look that a card may have. */
    List<Look> looks();

    /** The values of the slate by their ids, whether each is a number. */
    Map<String, Boolean> slate();
}
