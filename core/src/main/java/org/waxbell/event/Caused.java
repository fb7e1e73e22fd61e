package org.waxbell.event;

import java.util.Map;
import java.util.Optional;

/** An event of the program's own that came of another and brings along whoever and whatever that one brought. */
public sealed interface Caused extends ShowEvent permits CueRang, Tried {
    /** What happened first; never one of the same kind. */
    ShowEvent cause();

    @Override
    default Optional<Viewer> by() {
        return cause().by();
    }

    @Override
    default Optional<String> link() {
        return cause().link();
    }

    @Override
    default Map<String, String> values() {
        return cause().values();
    }

    @Override
    default Map<String, Long> numbers() {
        return cause().numbers();
    }
}
