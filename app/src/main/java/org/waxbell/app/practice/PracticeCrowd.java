package org.waxbell.app.practice;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.thread.Daemons;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.rehearsal.Crowd;

/** Lets a made-up crowd loose on the practice channel, at a rate and a seed of one's choosing. It ends with the program. */
@Component
public class PracticeCrowd {
    private static final double MINUTE_NANOS = 60e9;
    private final Inbox loop;
    private final WiringStore wiring;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(Daemons.named("crowd"));
    /** How many there were of the crowd that was let loose last; a crowd that is called back counts on for itself. */
    private volatile AtomicLong done = new AtomicLong();

    private volatile CrowdWanted wanted = new CrowdWanted(false, 7, 60, 30);
    private @Nullable Future<?> going;

    PracticeCrowd(Inbox loop, WiringStore wiring) {
        this.loop = loop;
        this.wiring = wiring;
    }

    /** The crowd as it is to be. @param perMinute lines and events a minute */
    public record CrowdWanted(boolean on, long seed, int size, int perMinute) {}

    /** How the crowd stands. @param done how many lines and events there were since it was let loose */
    public record CrowdStanding(CrowdWanted wanted, long done) {}

    /** How it stands. */
    public CrowdStanding standing() {
        return new CrowdStanding(wanted, done.get());
    }

    /** Lets it loose, anew where it was loose, or calls it back; throws {@link Refused} for too many or too much. */
    public synchronized CrowdStanding set(CrowdWanted next) {
        Problems problems = new Problems();
        problems.at("size").within(next.size(), 1, 100_000, "The crowd", " viewers");
        problems.at("perMinute").within(next.perMinute(), 1, 6_000, "The rate", " a minute");
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        if (going != null) {
            going.cancel(false);
        }
        AtomicLong count = new AtomicLong();
        if (next.on()) {
            Crowd crowd = new Crowd(next.seed(), next.size(), wiring.current().wiring());
            long pause = (long) (MINUTE_NANOS / next.perMinute());
            going = clock.scheduleAtFixedRate(
                    () -> {
                        loop.happen(crowd.next());
                        count.incrementAndGet();
                    },
                    pause,
                    pause,
                    TimeUnit.NANOSECONDS);
        }
        done = count;
        wanted = next;
        return standing();
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
    }
}
