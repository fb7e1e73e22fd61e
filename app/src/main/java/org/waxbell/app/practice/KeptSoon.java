package org.waxbell.app.practice;

import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.waxbell.app.thread.Daemons;

/**
 * How a stand-in stands is kept a little later, once for many changes, so that neither the engine nor a lamp that breathes waits for the
 * database; what cannot be kept is tried again.
 */
final class KeptSoon {
    private static final Logger LOG = LoggerFactory.getLogger(KeptSoon.class);
    private static final long SOON_MS = 300;
    private final ScheduledThreadPoolExecutor later;
    private final Runnable keep;
    private boolean waits;

    /** @param keep writes how it stands now */
    KeptSoon(String name, Runnable keep) {
        this.later = new ScheduledThreadPoolExecutor(1, Daemons.named(name));
        later.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
        this.keep = keep;
    }

    /** It changed. */
    synchronized void soon() {
        if (!waits && !later.isShutdown()) {
            waits = true;
            later.schedule(this::due, SOON_MS, TimeUnit.MILLISECONDS);
        }
    }

    private void due() {
        synchronized (this) {
            waits = false;
        }
        try {
            keep.run();
        } catch (RuntimeException busy) {
            LOG.debug("Not kept, is tried again", busy);
            soon();
        }
    }

    /** The program ends: what waits is kept now. */
    void end() {
        boolean waited;
        synchronized (this) {
            later.shutdown();
            waited = waits;
            waits = false;
        }
        // Outside, for how it stands is asked of somebody who may be saying at this moment that it changed.
        if (waited) {
            keep.run();
        }
    }
}
