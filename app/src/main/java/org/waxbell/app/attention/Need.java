package org.waxbell.app.attention;

import java.util.List;
import java.util.Map;
import org.waxbell.actor.Right;
import org.waxbell.evening.Soon;

/**
 * Something that needs the host.
 *
 * @param id      the same for as long as it is the same thing
 * @param urgency how soon
 * @param who     whom it is about, by name; empty text for nobody
 * @param says    what it is, in words behind that name
 * @param since   since when, milliseconds since 1970 UTC
 * @param look    the page on which more stands, empty text for none
 * @param acts    what can be done about it at once, the usual one first
 */
public record Need(String id, Soon urgency, String who, String says, long since, String look, List<NeedAct> acts) {
    /** An act beside it, which is posted. @param path below {@code /api} @param with what is sent @param right that one needs for it */
    public record NeedAct(String title, String path, Map<String, Object> with, Right right) {}

    public Need {
        acts = List.copyOf(acts);
    }
}
