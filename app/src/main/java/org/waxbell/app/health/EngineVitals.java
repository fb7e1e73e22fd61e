package org.waxbell.app.health;

import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.SavedState;
import org.waxbell.time.Spans;

/** What the engine is given, and whether it keeps pace. */
@Component
@Order(2)
class EngineVitals implements VitalSource {
    private static final String PART = "The engine";
    private static final int ENOUGH = 500;
    private final Inbox inbox;
    private final SavedState saved;
    private final Pulse pulse;
    private final SystemClock clock;

    EngineVitals(Inbox inbox, SavedState saved, Pulse pulse, SystemClock clock) {
        this.inbox = inbox;
        this.saved = saved;
        this.pulse = pulse;
        this.clock = clock;
    }

    @Override
    public List<Vital> vitals() {
        int waiting = inbox.waiting();
        SavedState.Saved now = saved.now();
        return List.of(
                Vital.below(PART, "Waits to be decided", Integer.toString(waiting), waiting, 100, 5_000),
                times("Decides", pulse.decided(), 20, 200),
                times("Keeps", pulse.kept(), 100, 1_000),
                new Vital(
                        PART,
                        "What happens",
                        now.ok() ? "is kept" : "is not kept: " + now.why(),
                        now.ok() ? Vital.Mood.FINE : Vital.Mood.BAD),
                Vital.below(
                        PART,
                        "The clock of this computer",
                        clock.setBack() == 0
                                ? "goes evenly"
                                : "was set back by " + Spans.inWords(clock.setBack() / 1_000 * 1_000)
                                        + " while this ran",
                        clock.setBack(),
                        1,
                        Double.MAX_VALUE));
    }

    private static Vital times(String name, Pulse.Times times, double doubtful, double bad) {
        return Vital.below(
                PART,
                name,
                times.count()
                        + " since the start; lately half within %.1f ms, 99 of 100 within %.1f ms"
                                .formatted(times.p50(), times.p99()),
                // The first ones take long by themselves: Java learns what it runs.
                times.count() < ENOUGH ? 0 : times.p99(),
                doubtful,
                bad);
    }
}
