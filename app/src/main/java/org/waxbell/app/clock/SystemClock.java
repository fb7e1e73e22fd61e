package org.waxbell.app.clock;

import java.time.Instant;
import org.springframework.stereotype.Component;
import org.waxbell.time.ShowClock;

/** The one class that reads the wall clock. */
@Component
public final class SystemClock implements ShowClock {
    @Override
    public long now() {
        return System.currentTimeMillis();
    }

    /** The present moment with fractions of a millisecond, to which pages set their clocks. */
    public double exact() {
        Instant now = Instant.now();
        return now.getEpochSecond() * 1_000.0 + now.getNano() / 1_000_000.0;
    }
}
