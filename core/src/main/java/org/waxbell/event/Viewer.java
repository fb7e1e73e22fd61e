package org.waxbell.event;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * The writer of a line or the one who caused an event, as the link told it.
 *
 * @param id     identity on its link, such as {@code practice:wickerby}; the same person keeps it when the name changes
 * @param name   name to show, cleaned by {@link ChatText#name}
 * @param standings what the viewer is to the channel; {@link Standing#ANYONE} is always among them
 * @param months months of membership, 0 for who is no member
 */
public record Viewer(String id, String name, Set<Standing> standings, int months) {
    public Viewer {
        EnumSet<Standing> all = EnumSet.of(Standing.ANYONE);
        all.addAll(standings);
        standings = Collections.unmodifiableSet(all);
    }

    /** Whether the viewer keeps order in chat. */
    public boolean keepsOrder() {
        return standings.contains(Standing.HOST) || standings.contains(Standing.MODERATOR);
    }

    /** The standing nearest to the host, by which a list shows the viewer. */
    public Standing nearest() {
        return standings.iterator().next();
    }
}
