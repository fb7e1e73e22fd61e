package org.waxbell.evening;

import java.util.EnumSet;
import java.util.Set;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;

/**
 * An account that belongs to a person who has another one too.
 *
 * @param account as it was seen last
 * @param person  the account by which the person is known, as it was seen last
 */
public record Joined(Viewer account, Viewer person) {
    private static final Set<Standing> STAFF = EnumSet.of(Standing.HOST, Standing.MODERATOR);

    /** The person as one of these accounts writes: what either pays or follows counts, who keeps order does so on that link alone. */
    public Viewer writing(Viewer now) {
        Set<Standing> all = EnumSet.copyOf(now.standings());
        all.addAll(paid(account));
        all.addAll(paid(person));
        return new Viewer(
                person.id(), person.name(), all, Math.max(now.months(), Math.max(account.months(), person.months())));
    }

    private static Set<Standing> paid(Viewer viewer) {
        Set<Standing> all = EnumSet.copyOf(viewer.standings());
        all.removeAll(STAFF);
        return all;
    }

    /** The same where one of both was seen as it is now. */
    public Joined seeing(Viewer now) {
        if (now.id().equals(account.id())) {
            return new Joined(now, person);
        }
        return now.id().equals(person.id()) ? new Joined(account, now) : this;
    }
}
