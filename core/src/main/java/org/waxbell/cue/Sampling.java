package org.waxbell.cue;

import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.ShowEvent;

/**
 * What made-up events are made on.
 *
 * @param cue    id of the cue that is to be set off
 * @param prefix of the house
 * @param behind what stands behind a chat word so that its gate lets it through, a space before it; empty text for nothing
 */
public record Sampling(String cue, String prefix, String behind) {
    /** A line of chat with that text. */
    public ShowEvent line(String text) {
        ChatLine usual = Facts.chat();
        return new ChatLine(usual.from(), usual.viewer(), text);
    }

    /** A private message with that text. */
    public ShowEvent privately(String text) {
        return new PrivateLine("practice", Facts.chat().viewer(), text);
    }
}
