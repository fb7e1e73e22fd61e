package org.waxbell.app.run;

import com.zaxxer.hikari.HikariDataSource;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.TransactionTemplate;
import org.waxbell.app.inbox.SavedState;
import org.waxbell.app.store.StateStore;
import org.waxbell.engine.Outcome;

/** Commits a batch in one transaction; what could not be kept is owed and tried again before anything newer. */
@Component
class Commit {
    private static final Logger LOG = LoggerFactory.getLogger(Commit.class);
    private static final int MOST_OWED = 50_000;
    private final TransactionTemplate transaction;
    private final StateStore store;
    private final SavedState saved;
    private final HikariDataSource source;
    private long dropped;
    private final List<Batch.Done> owed = new ArrayList<>();

    Commit(PlatformTransactionManager manager, StateStore store, SavedState saved, HikariDataSource source) {
        this.source = source;
        this.transaction = new TransactionTemplate(manager);
        this.store = store;
        this.saved = saved;
    }

    /** Outcomes that could not be kept yet, in order. */
    List<Outcome> owed() {
        return owed.stream().map(Batch.Done::outcome).toList();
    }

    /** Does something by itself in one transaction; fails where what was decided before is not kept yet. */
    void alone(Runnable work) {
        if (owes()) {
            throw new IllegalStateException("what was decided before could not be kept yet");
        }
        transaction.executeWithoutResult(status -> work.run());
    }

    boolean owes() {
        return !owed.isEmpty();
    }

    /** Null where all is kept, else why not. */
    @Nullable
    RuntimeException commit(List<Batch.Done> work) {
        if (work.isEmpty() && owed.isEmpty()) {
            return null;
        }
        owed.addAll(work);
        try {
            transaction.executeWithoutResult(status -> owed.forEach(each -> {
                store.keep(each.outcome());
                each.keep().run();
            }));
            owed.clear();
            dropped = 0;
            saved.become(true, "");
            return null;
        } catch (RuntimeException failed) {
            String why = reason(failed);
            if (saved.now().ok()) {
                LOG.warn("Not kept, is tried again every second: {}", why);
            }
            freshConnections();
            saved.become(false, why + dropped());
            return new IllegalStateException(why, failed);
        }
    }

    /** Gives up the oldest beyond what can be held; what is to be said of that. */
    private String dropped() {
        int beyond = Math.max(0, owed.size() - MOST_OWED);
        if (beyond > 0) {
            owed.subList(0, beyond).clear();
            dropped += beyond;
            LOG.warn(
                    "{} of what could not be kept is given up, for it is too much to hold; it is lost for good",
                    beyond);
        }
        return dropped == 0 ? "" : " (" + dropped + " steps are lost for good)";
    }

    /** The driver leaves a connection whose transaction could not begin in a state of its own; others are opened instead. */
    private void freshConnections() {
        if (source.getHikariPoolMXBean() != null) {
            source.getHikariPoolMXBean().softEvictConnections();
        }
    }

    /** What the database said, below what the layers above made of it. */
    private static String reason(RuntimeException failed) {
        Throwable first = failed instanceof TransactionSystemException system && system.getOriginalException() != null
                ? system.getOriginalException()
                : failed;
        return String.valueOf(NestedExceptionUtils.getMostSpecificCause(first).getMessage());
    }
}
