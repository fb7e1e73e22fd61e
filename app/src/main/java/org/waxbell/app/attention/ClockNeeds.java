package org.waxbell.app.attention;

import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.evening.Soon;
import org.waxbell.time.Spans;

/** That the clock of the machine was set back while a show may run. */
@Component
class ClockNeeds implements NeedSource {
    private static final long MINUTE = 60_000;
    private final SystemClock clock;

    ClockNeeds(SystemClock clock) {
        this.clock = clock;
    }

    @Override
    public List<Need> needs() {
        long back = clock.setBack();
        // In whole minutes, so that it is said once and not anew each second.
        long said = back < MINUTE ? back / 1_000 * 1_000 : Math.round(back / (double) MINUTE) * MINUTE;
        return back == 0
                ? List.of()
                : List.of(new Need(
                        "clock/" + said,
                        Soon.LATER,
                        "",
                        "The clock of this computer was set back by " + Spans.inWords(said)
                                + ". What plays and what counts goes on as it was; times of day are those of before until Wax Bell is started again.",
                        0,
                        "/links",
                        List.of()));
    }
}
