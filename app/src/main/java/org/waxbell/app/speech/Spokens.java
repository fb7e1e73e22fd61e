package org.waxbell.app.speech;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.stage.SpokenSource;
import org.waxbell.app.thread.Daemons;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.directive.Speak;
import org.waxbell.engine.Completion;
import org.waxbell.voice.Reading;
import org.waxbell.voice.Utterance;

/** What is said just now: made once, apart from the engine, kept while it may be heard, and told by its length. */
@Component
public class Spokens implements SpokenSource, DisposableBean {
    /** When making it is given up. */
    public static final long LIMIT_MS = 15_000;
    /** What lies between that it was made and that a page sounds it. */
    private static final long ON_ITS_WAY_MS = 40;

    private static final int MOST = 64;
    private static final int WORKERS = 2;
    private final KeyRing keys;
    private final Map<String, One> byId = new LinkedHashMap<>();
    private final Map<String, One> byPart = new LinkedHashMap<>();
    private final Speeches speeches;
    private final WiringStore wiring;
    private final SystemClock clock;
    private final Inbox inbox;
    private final ExecutorService workers;

    Spokens(Speeches speeches, WiringStore wiring, SystemClock clock, Inbox inbox, KeyRing keys) {
        this.keys = keys;
        this.speeches = speeches;
        this.wiring = wiring;
        this.clock = clock;
        this.inbox = inbox;
        this.workers = Executors.newFixedThreadPool(WORKERS, Daemons.named("speech"));
    }

    private static final class One {
        private final String id;
        private final String part;
        private final CompletableFuture<Speeches.Made> made = new CompletableFuture<>();
        private volatile long begins;

        One(String id, String part, long begins) {
            this.id = id;
            this.part = part;
            this.begins = begins;
        }

        Spoken told() {
            return new Spoken("/media/spoken/" + id, !made.isDone(), begins);
        }
    }

    @Override
    public Spoken of(Speak speak) {
        One one;
        synchronized (this) {
            One known = byPart.get(speak.partRun());
            if (known != null) {
                return known.told();
            }
            one = keep(speak.partRun(), speak.meantFor());
        }
        workers.execute(() -> make(one, speak));
        return one.told();
    }

    private One keep(String part, long begins) {
        One one = new One(keys.fresh(), part, begins);
        byId.put(one.id, one);
        byPart.put(part, one);
        List<One> all = new ArrayList<>(byId.values());
        all.subList(0, Math.max(0, all.size() - MOST)).forEach(old -> {
            byId.remove(old.id);
            byPart.remove(old.part);
        });
        return one;
    }

    private void make(One one, Speak speak) {
        Speeches.Made made;
        try {
            made = made(speak.what(), speak.lengthMs());
        } catch (RuntimeException broken) {
            made = Speeches.Made.failed("the voice failed (" + broken.getMessage() + ")");
        }
        if (made.fault().isEmpty()) {
            one.begins = Math.max(speak.meantFor(), clock.now() + ON_ITS_WAY_MS);
            if (made.byPages() == null) {
                inbox.completed(one.part, Completion.measured(one.begins - speak.meantFor() + made.lengthMs()));
            }
        } else {
            inbox.completed(one.part, Completion.failed(made.fault()));
        }
        one.made.complete(made);
    }

    private Speeches.Made made(Utterance what, long longestMs) {
        Reading reading = wiring.current().wiring().house().reading();
        return speeches.make(what, LIMIT_MS, longestMs, reading.spellings());
    }

    /** Makes what somebody wants to hear alone; done when it can be fetched, or with why it cannot. */
    public CompletableFuture<Heard> hear(Utterance what, long longestMs) {
        One one;
        synchronized (this) {
            one = keep("heard-" + keys.fresh(), clock.now());
        }
        return CompletableFuture.supplyAsync(() -> made(what, longestMs), workers)
                .thenApply(made -> {
                    one.made.complete(made);
                    return new Heard(one.told().address(), made.lengthMs(), made.fault());
                });
    }

    /** @param address where it is fetched @param fault why it failed, empty text where it did not */
    public record Heard(String address, long lengthMs, String fault) {}

    /** What a part says, and when it begins; empty where it was not made yet, or pages say it themselves. */
    public synchronized Optional<Said> said(String partRun) {
        return Optional.ofNullable(byPart.get(partRun))
                .filter(one -> one.made.isDone())
                .flatMap(one -> {
                    Speeches.Made made = one.made.join();
                    return made.wav().length == 0 ? Optional.empty() : Optional.of(new Said(made.wav(), one.begins));
                });
    }

    /** Speech that was made. @param wav a whole file @param begins milliseconds since 1970 UTC */
    public record Said(byte[] wav, long begins) {}

    /** What is fetched there, when it is made; empty where nothing of the kind is. */
    public synchronized Optional<CompletableFuture<Speeches.Made>> find(String id) {
        return Optional.ofNullable(byId.get(id)).map(one -> one.made);
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
    }
}
