package org.waxbell.app.run;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.waxbell.app.store.StateStore;

/** Commits a batch in one transaction; what could not be kept is owed and tried again before anything newer. */
@Component
class Commit {
    private static final Logger LOG = LoggerFactory.getLogger(Commit.class);
    private static final int MOST_OWED = 50_000;
    private final TransactionTemplate transaction;
    private final StateStore store;
    private final SavedState saved;
    private final List<Batch.Done> owed = new ArrayList<>();

    Commit(PlatformTransactionManager manager, StateStore store, SavedState saved) {
        this.transaction = new TransactionTemplate(manager);
        this.store = store;
        this.saved = saved;
    }

    boolean owes() {
        return !owed.isEmpty();
    }

    /** Null where all is kept, else why not. */
    @Nullable RuntimeException commit(List<Batch.Done> work) {
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
            saved.become(true, "");
            return null;
        } catch (RuntimeException failed) {
            LOG.warn("Not kept, will be tried again: {}", failed.getMessage());
            while (owed.size() > MOST_OWED) {
                owed.remove(0);
            }
            saved.become(false, failed.getMessage() == null ? "unknown" : failed.getMessage());
            return failed;
        }
    }
}
