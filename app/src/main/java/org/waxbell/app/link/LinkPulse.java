package org.waxbell.app.link;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.stereotype.Component;
import org.waxbell.app.thread.Daemons;

/** Tells that links moved, many small moves as one; and the timer of all links. */
@Component
public final class LinkPulse {
    private static final long TOGETHER_MS = 200;
    private final List<Runnable> watchers = new CopyOnWriteArrayList<>();
    private final AtomicBoolean pending = new AtomicBoolean();
    private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(Daemons.named("links"));

    /** The timer; what it is given must not block. */
    public ScheduledExecutorService timer() {
        return timer;
    }

    /** Calls {@code watcher} some time after links moved. */
    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    /** A link moved. */
    public void moved() {
        if (!timer.isShutdown() && pending.compareAndSet(false, true)) {
            timer.schedule(
                    () -> {
                        pending.set(false);
                        watchers.forEach(Runnable::run);
                    },
                    TOGETHER_MS,
                    TimeUnit.MILLISECONDS);
        }
    }

    @PreDestroy
    void stop() {
        timer.shutdownNow();
    }
}
