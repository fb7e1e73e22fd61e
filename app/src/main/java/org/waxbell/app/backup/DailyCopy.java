package org.waxbell.app.backup;

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
import org.waxbell.app.thread.Daemons;

/** Makes a copy of the database and a back-up of the whole house each day, at the start and while the program runs. */
@Component
class DailyCopy {
    private static final Logger LOG = LoggerFactory.getLogger(DailyCopy.class);
    private static final long EVERY_MINUTES = 60;
    /** A program that just began has other work than to pack sounds and pictures. */
    private static final long LATER_MINUTES = 5;

    private final Copies copies;
    private final Houses houses;
    private final HouseKeeping keeping;
    private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(Daemons.named("copies"));

    DailyCopy(DataFolder folder, Houses houses, HouseKeeping keeping) {
        copies = new Copies(folder);
        this.houses = houses;
        this.keeping = keeping;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        timer.scheduleWithFixedDelay(this::copy, 0, EVERY_MINUTES, TimeUnit.MINUTES);
        timer.scheduleWithFixedDelay(this::backUp, LATER_MINUTES, EVERY_MINUTES, TimeUnit.MINUTES);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        timer.shutdownNow();
    }

    private void copy() {
        try {
            copies.daily(LocalDate.now());
        } catch (IOException | SQLException | RuntimeException failed) {
            LOG.warn("Today's copy of the database could not be made: {}", failed.getMessage());
        }
    }

    private void backUp() {
        try {
            houses.daily(LocalDate.now(), keeping.keep());
        } catch (IOException | SQLException | RuntimeException failed) {
            LOG.warn("Today's back-up could not be made: {}", failed.getMessage());
        }
    }
}
