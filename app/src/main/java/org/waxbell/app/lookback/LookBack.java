package org.waxbell.app.lookback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.LookBackMapper;
import org.waxbell.app.store.LookBackMapper.Moved;
import org.waxbell.app.thread.Daemons;
import org.waxbell.engine.Books;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.journal.Decision;
import org.waxbell.lookback.ShowSummary;
import org.waxbell.lookback.Summing;

/** Finds the shows that were, and sums each up once it is over, apart from the engine. One that is open is summed up when it is asked for. */
@Component
public class LookBack implements OutcomeWatcher {
    private static final Logger LOG = LoggerFactory.getLogger(LookBack.class);
    private static final int AT_ONCE = 1_000;

    private final LookBackMapper mapper;
    private final Journal journal;
    private final Documents json;
    private final SystemClock clock;
    private final Keeping keeping;
    private final ScheduledExecutorService thread =
            Executors.newSingleThreadScheduledExecutor(Daemons.named("look back"));

    LookBack(LookBackMapper mapper, Journal journal, Documents json, SystemClock clock, Keeping keeping) {
        this.mapper = mapper;
        this.journal = journal;
        this.json = json;
        this.clock = clock;
        this.keeping = keeping;
    }

    /** A show. @param show its number among those that are kept, from 1 on @param opened the number of the decision by which it opened @param closed the last of its decisions @param from milliseconds since 1970 UTC @param to likewise, now where it is open */
    public record Span(int show, long opened, long closed, long from, long to, boolean open) {}

    /** All shows, the newest first. */
    public List<Span> shows() {
        List<Span> all = new ArrayList<>();
        Moved opened = null;
        for (Moved each : mapper.moved()) {
            boolean opens = each.kind().equals(Facts.SHOW_OPENED.name());
            // What is asked for twice was refused, and stands in the journal all the same.
            if (opens && opened == null) {
                opened = each;
            } else if (!opens && opened != null) {
                all.add(0, new Span(all.size() + 1, opened.number(), each.number(), opened.at(), each.at(), false));
                opened = null;
            }
        }
        if (opened != null) {
            all.add(0, new Span(all.size() + 1, opened.number(), Long.MAX_VALUE, opened.at(), clock.now(), true));
        }
        return all;
    }

    /** The show of that number; empty where there is none. */
    public Optional<Span> show(int number) {
        return shows().stream().filter(each -> each.show() == number).findFirst();
    }

    /** What a show came to. */
    public ShowSummary summary(Span show) {
        String kept = show.open() ? null : mapper.summary(show.opened());
        if (kept != null) {
            return json.read(kept, ShowSummary.class);
        }
        ShowSummary summed = summed(show);
        if (!show.open()) {
            mapper.keep(show.opened(), show.closed(), json.write(summed));
        }
        return summed;
    }

    private ShowSummary summed(Span show) {
        Summing summing = new Summing(show.show(), show.from());
        long next = show.opened();
        List<Decision> some;
        do {
            some = journal.between(next, show.closed(), AT_ONCE);
            for (Decision each : some) {
                summing.add(each);
                next = each.number() + 1;
            }
        } while (some.size() == AT_ONCE);
        return summing.over(show.to());
    }

    /** A show that closed is summed up at once, while everything of it is there. */
    @Override
    public void left(Outcome outcome) {
        if (outcome.now(Books.EVENING).stream().anyMatch(each -> !each.open())) {
            thread.execute(this::sumUp);
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        thread.scheduleWithFixedDelay(this::sumUp, 0, 6, TimeUnit.HOURS);
    }

    /** What is older than the host wants kept goes soon. */
    public void tidySoon() {
        thread.execute(this::sumUp);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        thread.shutdownNow();
    }

    private void sumUp() {
        try {
            Set<Long> done = new TreeSet<>(mapper.summed());
            shows().stream()
                    .filter(each -> !each.open() && !done.contains(each.opened()))
                    .forEach(this::summary);
            keeping.tidy(shows());
        } catch (RuntimeException failed) {
            LOG.warn(
                    "Shows could not be summed up or tidied; it is tried again when one is looked at: {}",
                    failed.getMessage());
        }
    }
}
