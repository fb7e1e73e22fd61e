package org.waxbell.event;

import java.util.Map;
import java.util.Optional;
import org.waxbell.actor.Actor;

/** Something that happened outside and that the engine answers, with typed fields. */
public sealed interface ShowEvent permits Written, Fact, Caused {
    /** One word for the kind of event, as the journal and the wiring name it. */
    String kind();

    /** What happened, as a short sentence for the rope and the journal. */
    String sentence();

    /** Who caused it; empty for what nobody did. */
    Optional<Viewer> by();

    /** Who did it: a viewer, a cue, the host, or where else it comes from. */
    Actor actor();

    /** The link that it came from and to which an answer goes, such as {@code practice}; empty for what no link sent. */
    Optional<String> link();

    /** Whom alone an answer is for, by name; empty where everyone may read it. */
    default Optional<String> privately() {
        return Optional.empty();
    }

    /** The fields of the event as text, by the names that words use. */
    Map<String, String> values();

    /** Those of its fields that are numbers, by the same names. */
    default Map<String, Long> numbers() {
        return Map.of();
    }
}
