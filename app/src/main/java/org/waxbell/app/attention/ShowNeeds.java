package org.waxbell.app.attention;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Right;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.store.PersonMapper;
import org.waxbell.app.store.StateStore;
import org.waxbell.evening.Evening;
import org.waxbell.evening.Soon;

/** A show that is not open though somebody writes, and one that was left open. */
@Component
class ShowNeeds implements NeedSource {
    private static final long LATELY_MS = 10 * 60_000;
    private static final long LEFT_OPEN_MS = 3 * 3_600_000;
    private final StateStore state;
    private final PersonMapper people;
    private final SystemClock clock;
    /** When somebody first wrote of those who write without a show, 0 while nobody does. */
    private long wroteFirst;

    ShowNeeds(StateStore state, PersonMapper people, SystemClock clock) {
        this.state = state;
        this.people = people;
        this.clock = clock;
    }

    @Override
    public synchronized List<Need> needs() {
        Evening evening = state.evening();
        long last = people.lastSeen();
        long quiet = clock.now() - last;
        if (!evening.open() && last > evening.openedAt() && quiet < LATELY_MS) {
            wroteFirst = wroteFirst > evening.openedAt() ? wroteFirst : last;
            return List.of(need("open", "Somebody writes, and no show is open.", wroteFirst, true, "Open the show"));
        }
        wroteFirst = 0;
        return evening.open() && !evening.onAir() && Math.min(quiet, clock.now() - evening.openedAt()) > LEFT_OPEN_MS
                ? List.of(need(
                        "close", "The show is still open, and nobody has written for hours.", last, false, "Close it"))
                : List.of();
    }

    private static Need need(String id, String says, long since, boolean open, String act) {
        return new Need(
                "show/" + id,
                Soon.LATER,
                "",
                says,
                since,
                "",
                List.of(new Need.NeedAct(act, "/show", Map.of("open", open), Right.SHOW)));
    }
}
