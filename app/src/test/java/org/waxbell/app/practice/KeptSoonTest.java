package org.waxbell.app.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** How a stand-in stands: kept once for many changes, again where it could not be, and at the end. */
class KeptSoonTest {
    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private final AtomicInteger stands = new AtomicInteger();
    private final AtomicInteger kept = new AtomicInteger();
    private final AtomicInteger tried = new AtomicInteger();

    @Test
    void manyChangesAreKeptTogetherAndAgainWhereTheDatabaseIsBusy() {
        KeptSoon soon = new KeptSoon("test", () -> {
            if (tried.incrementAndGet() == 1) {
                throw new IllegalStateException("busy");
            }
            kept.set(stands.get());
        });
        for (int i = 0; i < 100; i++) {
            stands.incrementAndGet();
            soon.soon();
        }
        await().atMost(PATIENCE).until(() -> kept.get() == 100);
        assertThat(tried.get()).isLessThan(10);
        soon.end();
    }

    @Test
    void whatWaitsAtTheEndIsKeptAndNothingBehindIt() {
        KeptSoon soon = new KeptSoon("test", () -> {
            tried.incrementAndGet();
            kept.set(stands.get());
        });
        stands.set(7);
        soon.soon();
        soon.end();
        assertThat(kept).hasValue(7);
        stands.set(8);
        soon.soon();
        soon.end();
        assertThat(kept).hasValue(7);
        assertThat(tried).hasValue(1);
    }
}
