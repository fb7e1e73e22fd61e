package org.waxbell.desk;

import java.util.Map;
import java.util.Optional;
import org.waxbell.act.Act;
import org.waxbell.actor.Actor;
import org.waxbell.event.Viewer;

/**
 * One time that an act was asked for: by chat, hand, cue, web or extension alike.
 *
 * @param at   when, milliseconds since 1970 UTC
 * @param by   who asked
 * @param viewer for whom, where a viewer stands behind it
 * @param link the chat that it came from; empty for what no link sent
 * @param act  what for
 * @param with what was said with it, by the keys of the act's fields; each was found fit
 * @param lots its chance
 */
public record Ask(
        long at,
        Actor by,
        Optional<Viewer> viewer,
        Optional<String> link,
        Act act,
        Map<String, String> with,
        Lots lots) {
    /** What was said for a field, or what stands there before anybody wrote. */
    public String text(String key) {
        return act.said(key, with);
    }

    /** The number that was said for a field. */
    public int number(String key) {
        return Integer.parseInt(text(key).strip());
    }
}
