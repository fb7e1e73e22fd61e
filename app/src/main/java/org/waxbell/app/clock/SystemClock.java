package org.waxbell.app.clock;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Component;
import org.waxbell.time.ShowClock;
import org.waxbell.time.SteadyClock;

/** The one class that reads the clocks of the machine. */
@Component
public final class SystemClock implements ShowClock {
    private final SteadyClock steady = new SteadyClock(SystemClock::wall, System::nanoTime);

    /** In microseconds since 1970 UTC. */
    private static long wall() {
        return ChronoUnit.MICROS.between(Instant.EPOCH, Instant.now());
    }

    @Override
    public long now() {
        return steady.now();
    }

    /** The present moment with fractions of a millisecond, to which pages set their clocks. */
    public double exact() {
        return steady.exact();
    }

    /** How far somebody set the clock of the machine back while this program ran, in milliseconds; 0 where nobody did. */
    public long setBack() {
        return steady.setBack();
    }
}
