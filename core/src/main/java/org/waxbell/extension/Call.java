package org.waxbell.extension;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.waxbell.event.Viewer;

/**
 * One call of a function of a script.
 *
 * @param function {@value #HEARD}, {@value #ASKED} or {@value #ANSWERED}
 * @param event    what it is called with: texts and {@link Long} numbers by name
 * @param says     what happened, as a sentence
 * @param by       who caused it, where a viewer did
 * @param link     the chat that it came from, empty text for none
 */
public record Call(String function, Map<String, Object> event, String says, Optional<Viewer> by, String link) {
    /** Something that it hears happened. */
    public static final String HEARD = "heard";
    /** One of its acts was asked for. */
    public static final String ASKED = "asked";
    /** An address that it called has answered, or did not. */
    public static final String ANSWERED = "answered";

    public Call {
        event = Collections.unmodifiableMap(new LinkedHashMap<>(event));
    }
}
