package org.waxbell.app.health;

import io.micrometer.core.instrument.Timer;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** How long the engine takes for what it is given, and the disk for what it keeps. Safe for several threads. */
@Component
public class Pulse {
    private final Timer decided;
    private final Timer kept;
    private final Slowest slowest = new Slowest();

    /** @param figures where those who collect them find them */
    public Pulse(PrometheusMeterRegistry figures) {
        decided = timer(figures, "waxbell.decided", "One thing that the engine was given, until it had decided");
        kept = timer(figures, "waxbell.kept", "What was decided at once, until it stood on the disk");
    }

    private static Timer timer(PrometheusMeterRegistry figures, String name, String says) {
        return Timer.builder(name)
                .description(says)
                .publishPercentiles(0.5, 0.99)
                .register(figures);
    }

    /** The engine decided something. @param what it was, asked for only where it took long */
    public void decided(long at, long nanos, Supplier<String> what) {
        decided.record(nanos, TimeUnit.NANOSECONDS);
        slowest.note(at, nanos, what);
    }

    /** What was decided was kept, or could not be. */
    public void kept(long at, long nanos) {
        kept.record(nanos, TimeUnit.NANOSECONDS);
        slowest.note(at, nanos, () -> "keeping what was decided");
    }

    /** Times of the last minutes. @param count since the start @param p50 half took so long at most, in milliseconds @param p99 99 of 100 did */
    record Times(long count, double p50, double p99) {}

    Times decided() {
        return times(decided);
    }

    Times kept() {
        return times(kept);
    }

    List<Slowest.SlowStep> slowest() {
        return slowest.all();
    }

    private static Times times(Timer timer) {
        var shot = timer.takeSnapshot();
        var values = shot.percentileValues();
        return new Times(shot.count(), values[0].value(TimeUnit.MILLISECONDS), values[1].value(TimeUnit.MILLISECONDS));
    }
}
