package org.waxbell.app.store;

import java.io.IOException;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.DataFolder;

/** Makes a copy of the database each day, at the start and while the program runs. */
@Component
class DailyCopy {
    private static final Logger LOG = LoggerFactory.getLogger(DailyCopy.class);
    private final Copies copies;
    private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "copies");
        thread.setDaemon(true);
        return thread;
    });

    DailyCopy(DataFolder folder) {
        copies = new Copies(folder);
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        timer.scheduleWithFixedDelay(this::look, 0, 1, TimeUnit.HOURS);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        timer.shutdownNow();
    }

    private void look() {
        try {
            copies.daily(LocalDate.now());
        } catch (IOException | SQLException | RuntimeException failed) {
            LOG.warn("Today's copy of the database could not be made: {}", failed.getMessage());
        }
    }
}
