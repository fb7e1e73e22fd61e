package org.waxbell.app.health;

import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;

/** How the program does now. */
@Component
public class Health {
    private final List<VitalSource> sources;
    private final Pulse pulse;
    private final SystemClock clock;

    Health(List<VitalSource> sources, Pulse pulse, SystemClock clock) {
        this.sources = sources;
        this.pulse = pulse;
        this.clock = clock;
    }

    /** All of it. @param at when, milliseconds since 1970 UTC @param slowest what took longest since the start, the slowest first */
    public record HealthView(long at, List<Vital> vitals, List<Slowest.SlowStep> slowest) {}

    /** How it does now. */
    public HealthView now() {
        return new HealthView(
                clock.now(),
                sources.stream().flatMap(each -> each.vitals().stream()).toList(),
                pulse.slowest());
    }
}
