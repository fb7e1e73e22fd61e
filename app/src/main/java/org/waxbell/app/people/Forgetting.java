package org.waxbell.app.people;

import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.Job;
import org.waxbell.app.json.Documents;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.store.ForgetMapper;
import org.waxbell.app.store.ForgetMapper.ForgottenRow;
import org.waxbell.app.store.ForgetMapper.TextRow;
import org.waxbell.app.store.PackedBooks;
import org.waxbell.app.store.RecordingMapper;
import org.waxbell.app.thread.Daemons;
import org.waxbell.engine.Books;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.evening.KnownPeople;
import org.waxbell.event.Identity;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;

/**
 * Forgets people. What the engine remembers of one is rewritten in one transaction of its thread, and the engine is made anew of
 * it; the journal and recordings, which may be large, are rewritten behind it, a little at a time, also after a restart. Entries of
 * the ledger stay and are nobody's, so that it adds up as before.
 */
@Component
public class Forgetting {
    private static final Logger LOG = LoggerFactory.getLogger(Forgetting.class);
    private static final int AT_ONCE = 100;
    /** What is about one person alone is taken away; what is a list of many is kept without them. */
    private static final Set<String> THEIRS =
            Set.of(Books.SLATE.name(), Books.SCORES.name(), Books.JOINED.name(), Books.CIRCLED.name());

    private final ForgetMapper mapper;
    private final RecordingMapper recordings;
    private final Documents documents;
    private final Inbox inbox;
    private final DeskBoards boards;
    private final TransactionTemplate transaction;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(Daemons.named("forgetting"));

    Forgetting(
            ForgetMapper mapper,
            RecordingMapper recordings,
            Documents documents,
            Inbox inbox,
            DeskBoards boards,
            PlatformTransactionManager manager) {
        this.boards = boards;
        this.mapper = mapper;
        this.recordings = recordings;
        this.documents = documents;
        this.inbox = inbox;
        this.transaction = new TransactionTemplate(manager);
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        mapper.open().forEach(this::behind);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        thread.shutdownNow();
    }

    /** Forgets somebody; done when nothing more is known of them, while older evenings are still being rewritten. */
    public CompletableFuture<Void> forget(String person, String name) {
        return inbox.submit(new Forget(person, name)).thenAccept(done -> {
            boards.readAgain();
            goOn();
        });
    }

    /** How many are not out of everything yet. */
    public int underWay() {
        return mapper.open().size();
    }

    private final class Forget implements Job {
        private final String person;
        private final String name;

        Forget(String person, String name) {
            this.person = person;
            this.name = name;
        }

        @Override
        public Outcome decide(Engine engine, long at) {
            return Outcome.NOTHING;
        }

        @Override
        public boolean makesAnew() {
            return true;
        }

        @Override
        public Object input() {
            return "the wish to be forgotten";
        }

        @Override
        public void keep() {
            mapper.begin(person, name);
            remembered(new ForgottenRow(mapper.newest(), person, name));
        }
    }

    private static String as(ForgottenRow row) {
        return "forgotten:" + row.number();
    }

    private Scrub scrub(ForgottenRow row) {
        return new Scrub(row.person(), row.name(), as(row), documents);
    }

    private void remembered(ForgottenRow row) {
        Scrub scrub = scrub(row);
        for (TextRow each : mapper.facts(row.person(), row.name())) {
            mapper.removeFact(each.kind(), each.id());
            if (!THEIRS.contains(each.kind())) {
                mapper.putFact(each.kind(), scrub.key(each.id()), scrub.json(each.json()));
            }
        }
        mapper.activeRings(row.person()).forEach(each -> mapper.ring(each.number(), scrub.json(each.json())));
        mapper.ledger(row.person(), as(row));
        mapper.balance(row.person(), as(row));
        mapper.pending(row.person(), as(row));
        mapper.person(row.person());
        mapper.profile(row.person());
        mapper.changes(row.person());
        mapper.known(KnownPeople.key(row.name()));
    }

    private @Nullable Long rings(ForgottenRow row, Scrub scrub, long after) {
        List<ForgetMapper.RingRow> some = mapper.rings(row.person(), after, AT_ONCE);
        some.forEach(each -> mapper.ring(each.number(), scrub.json(each.json())));
        return some.size() < AT_ONCE ? null : some.get(some.size() - 1).number();
    }

    private void behind(ForgottenRow row) {
        thread.execute(() -> {
            try {
                written(row);
                mapper.done(row.number());
            } catch (RuntimeException failed) {
                LOG.warn(
                        "Somebody is not out of the journal yet; it is tried again at the next start: {}",
                        failed.getMessage());
            }
        });
    }

    private void written(ForgottenRow row) {
        Scrub scrub = scrub(row);
        whileAny(after -> rings(row, scrub, after));
        whileAny(after -> decisions(row, scrub, after));
        mapper.recordings().forEach(each -> whileAny(after -> steps(each, row, scrub, after)));
        for (long number : mapper.openings(row.person())) {
            String opening = mapper.opening(number);
            if (opening != null) {
                mapper.putOpening(number, scrub.json(opening));
            }
        }
        mapper.recordings().forEach(each -> kept(each, row));
        whileAny(after -> {
            mapper.whys(row.name()).forEach(each -> mapper.why(each.number(), scrub.words(each.why())));
            mapper.chat(row.person().substring(0, Math.max(0, row.person().lastIndexOf(':'))), row.name());
            mapper.clips(row.name());
            mapper.marks(row.name());
            mapper.draws(row.name(), "nobody");
            return null;
        });
    }

    /** What they had when a recording began is nobody's, so that it still adds up when it is played again. */
    private void kept(long recording, ForgottenRow forgotten) {
        RecordingMapper.PeopleRow row = recordings.people(recording);
        if (row == null) {
            return;
        }
        Memory memory = new Memory();
        PackedBooks.putBack(row.packed(), memory);
        String theirs = Book.key(Identity.key(forgotten.person()));
        memory.get(Books.BALANCES, theirs).ifPresent(points -> {
            memory.remove(Books.BALANCES, theirs);
            memory.put(Books.BALANCES, Book.key(Identity.key(as(forgotten))), points);
        });
        memory.remove(Books.KNOWN, Book.key(KnownPeople.key(forgotten.name())));
        mapper.putPeople(recording, PackedBooks.takeOut(memory));
    }

    /** One transaction after another, so that the evening goes on between them. @param more where to go on, null where nothing is left */
    private void whileAny(Function<Long, @Nullable Long> more) {
        Long next = 0L;
        while (next != null && !thread.isShutdown()) {
            Long at = next;
            next = transaction.execute(status -> more.apply(at));
        }
    }

    private @Nullable Long decisions(ForgottenRow row, Scrub scrub, long after) {
        List<ForgetMapper.DecidedRow> some = mapper.decided(row.person(), after, AT_ONCE);
        for (ForgetMapper.DecidedRow each : some) {
            mapper.decision(
                    each.number(),
                    row.person(),
                    as(row),
                    each.theirs() ? Scrub.NOBODY + ": " + Scrub.GONE : scrub.words(each.event()),
                    scrub.words(each.sentence()),
                    scrub.json(each.json()));
        }
        return some.size() < AT_ONCE ? null : some.get(some.size() - 1).number();
    }

    private @Nullable Long steps(long recording, ForgottenRow row, Scrub scrub, long after) {
        List<ForgetMapper.StepRow> some = mapper.steps(recording, row.person(), after, AT_ONCE);
        some.forEach(each -> mapper.step(recording, each.number(), scrub.json(each.json())));
        return some.size() < AT_ONCE ? null : some.get(some.size() - 1).number();
    }
}
