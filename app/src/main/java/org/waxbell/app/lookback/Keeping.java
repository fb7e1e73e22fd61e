package org.waxbell.app.lookback;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.function.IntSupplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Refused;
import org.waxbell.app.lookback.LookBack.Span;
import org.waxbell.app.store.KeepingMapper;
import org.waxbell.app.store.SettingMapper;

/** How long what was said and decided is kept, as the host says; what each show came to is kept for ever. */
@Component
public class Keeping {
    /** Nothing is taken away. */
    static final int EVER = 0;

    private static final int LONGEST = 120;
    private static final String SETTING = "keep.months";
    /** So many rows go in one transaction, so that the evening's own ones wait for a moment only. */
    private static final int AT_ONCE = 2_000;

    private final KeepingMapper mapper;
    private final SettingMapper settings;
    private final TransactionTemplate transaction;
    private final SystemClock clock;

    Keeping(KeepingMapper mapper, SettingMapper settings, TransactionTemplate transaction, SystemClock clock) {
        this.mapper = mapper;
        this.settings = settings;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** For how many months; 0 for ever. */
    public int months() {
        String kept = settings.get(SETTING);
        return kept == null ? EVER : Integer.parseInt(kept);
    }

    /** Says for how many months; 0 for ever. Throws {@link Refused} for a number that cannot be meant. */
    public void keep(int months) {
        if (months < EVER || months > LONGEST) {
            throw new Refused(
                    "months",
                    Integer.toString(months),
                    "That is no time for which evenings can be kept.",
                    "Say 1 to " + LONGEST + " months, or 0 for ever.");
        }
        settings.put(SETTING, Integer.toString(months));
    }

    /** Takes away what is older than that. @param shows all shows, the newest first, those that are over summed up */
    void tidy(List<Span> shows) {
        int months = months();
        if (months == EVER) {
            return;
        }
        long since = Instant.ofEpochMilli(clock.now())
                .atZone(ZoneId.systemDefault())
                .minusMonths(months)
                .toInstant()
                .toEpochMilli();
        // Between two shows little is said; it goes with the show before it.
        long before = shows.stream()
                .filter(each -> each.to() >= since)
                .mapToLong(Span::opened)
                .min()
                .orElseGet(() -> shows.stream().mapToLong(Span::closed).max().orElse(0));
        whileAny(() -> mapper.decisions(before, AT_ONCE));
        whileAny(() -> mapper.chat(since, AT_ONCE));
        whileAny(() -> mapper.steps(since, AT_ONCE));
        whileAny(() -> mapper.recordings(since));
    }

    private void whileAny(IntSupplier some) {
        Integer gone;
        do {
            gone = transaction.execute(status -> some.getAsInt());
        } while (gone != null && gone == AT_ONCE && !Thread.currentThread().isInterrupted());
    }
}
