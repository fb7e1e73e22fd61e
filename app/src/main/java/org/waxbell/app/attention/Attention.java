package org.waxbell.app.attention;

import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.live.LiveSocket;
import org.waxbell.app.thread.Daemons;

/** Puts together what needs the host, the most urgent and then the oldest first, and tells consoles when it is other than before. */
@Component
public class Attention {
    private static final Logger LOG = LoggerFactory.getLogger(Attention.class);
    private static final Comparator<Need> ORDER =
            Comparator.comparing(Need::urgency).thenComparingLong(Need::since).thenComparing(Need::id);

    private final List<NeedSource> sources;
    private final LiveSocket live;
    private final ScheduledExecutorService timer =
            Executors.newSingleThreadScheduledExecutor(Daemons.named("attention"));
    private volatile List<Need> now = List.of();

    Attention(List<NeedSource> sources, LiveSocket live) {
        this.sources = sources;
        this.live = live;
    }

    /** What needs the host now. */
    public List<Need> now() {
        return now;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        timer.scheduleWithFixedDelay(this::look, 0, 1, TimeUnit.SECONDS);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        timer.shutdownNow();
    }

    private void look() {
        try {
            List<Need> next = sources.stream()
                    .flatMap(each -> each.needs().stream())
                    .sorted(ORDER)
                    .toList();
            if (!next.equals(now)) {
                now = next;
                live.tell("needs", next);
            }
        } catch (RuntimeException failed) {
            LOG.warn("What needs the host could not be looked up: {}", failed.getMessage());
        }
    }
}
