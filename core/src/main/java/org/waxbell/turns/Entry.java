package org.waxbell.turns;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;

/**
 * Somebody in a queue.
 *
 * @param person    identity
 * @param name      as they are called now
 * @param standings what they were to the channel when they joined
 * @param months    of membership
 * @param note      what they wrote with it, empty text for nothing
 * @param since     when they joined, milliseconds since 1970 UTC
 * @param seen      when they wrote last, milliseconds since 1970 UTC
 * @param sort      their priority: lower comes first
 * @param order     their place within it
 * @param why       why they come before others, in words; empty text where they do not
 */
public record Entry(
        String person,
        String name,
        Set<Standing> standings,
        int months,
        String note,
        long since,
        long seen,
        int sort,
        long order,
        String why) {
    public Entry {
        standings = Collections.unmodifiableSet(
                standings.isEmpty() ? EnumSet.noneOf(Standing.class) : EnumSet.copyOf(standings));
    }

    /** Where it stands. */
    Slot slot() {
        return new Slot(sort, order, person);
    }

    /** The person as events name one. */
    Viewer viewer() {
        return new Viewer(person, name, standings, months);
    }

    Entry at(int otherSort, long otherOrder, String otherWhy) {
        return new Entry(person, name, standings, months, note, since, seen, otherSort, otherOrder, otherWhy);
    }

    Entry noting(String other) {
        return new Entry(person, name, standings, months, other, since, seen, sort, order, why);
    }

    Entry seen(String called, long at) {
        return new Entry(person, called, standings, months, note, since, at, sort, order, why);
    }

    /** What they are to the channel, in a word each, such as {@code member 6}. */
    List<String> marks() {
        List<String> all = new ArrayList<>();
        if (standings.contains(Standing.MODERATOR)) {
            all.add("moderator");
        }
        if (standings.contains(Standing.VIP)) {
            all.add("VIP");
        }
        if (standings.contains(Standing.MEMBER)) {
            all.add(months > 0 ? "member " + months : "member");
        } else if (standings.contains(Standing.FOLLOWER)) {
            all.add("follower");
        }
        return all;
    }
}
