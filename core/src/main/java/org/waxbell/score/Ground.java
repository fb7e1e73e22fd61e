package org.waxbell.score;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.act.DeskDocument;
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

    /** What a desk runs at that place, such as a wheel at {@code stage/wheel}; empty where nothing stands there. */
    Optional<DeskDocument> deskDocument(String desk, String place);

    /** The values of the slate by their ids, whether each is a number. */
    Map<String, Boolean> slate();
}
