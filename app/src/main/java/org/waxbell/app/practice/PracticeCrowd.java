package org.waxbell.app.practice;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.run.EngineLoop;
import org.waxbell.app.wiring.Refused;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.rehearsal.Crowd;

/** Lets a made-up crowd loose on the practice channel, at a rate and a seed of one's choosing. It ends with the program. */
@Component
public class PracticeCrowd {
    private static final double MINUTE_NANOS = 60e9;
    private final EngineLoop loop;
    private final WiringStore wiring;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "crowd");
        thread.setDaemon(true);
        return thread;
    });
    private volatile CrowdStanding standing = new CrowdStanding(false, 7, 60, 30, 0);
    private @Nullable Future<?> going;

    PracticeCrowd(EngineLoop loop, WiringStore wiring) {
        this.loop = loop;
        this.wiring = wiring;
    }

    /** How the crowd stands. @param perMinute lines and events a minute @param done how many there were since it was let loose */
    public record CrowdStanding(boolean on, long seed, int size, int perMinute, long done) {
        private CrowdStanding oneMore() {
            return new CrowdStanding(on, seed, size, perMinute, done + 1);
        }
    }

    /** How it stands. */
    public CrowdStanding standing() {
        return standing;
    }

    /** Lets it loose, anew where it was loose, or calls it back; throws {@link Refused} for too many or too much. */
    public synchronized CrowdStanding set(boolean on, long seed, int size, int perMinute) {
        Problems problems = new Problems();
        problems.at("size").within(size, 1, 100_000, "The crowd", " viewers");
        problems.at("perMinute").within(perMinute, 1, 6_000, "The rate", " a minute");
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        if (going != null) {
            going.cancel(false);
        }
        standing = new CrowdStanding(on, seed, size, perMinute, 0);
        if (on) {
            Crowd crowd = new Crowd(seed, size, wiring.current().wiring());
            long pause = (long) (MINUTE_NANOS / perMinute);
            going = clock.scheduleAtFixedRate(() -> {
                loop.happen(crowd.next());
                standing = standing.oneMore();
            }, pause, pause, TimeUnit.NANOSECONDS);
        }
        return standing;
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
    }
}
