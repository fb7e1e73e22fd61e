package org.waxbell.app.directory;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.thread.Daemons;
import org.waxbell.directive.LookUp;
import org.waxbell.directory.Broadcaster;
import org.waxbell.directory.ClipChoice;
import org.waxbell.directory.ClipChoice.Order;
import org.waxbell.directory.Introduced;
import org.waxbell.directory.TheirClip;
import org.waxbell.engine.Completion;
import org.waxbell.port.Carrier;
import org.waxbell.port.Directory;
import org.waxbell.words.WordKey;

/**
 * Looks broadcasters up: the first directory that knows them counts, and what it told is kept for ten minutes. What does not come in time is
 * gone without, so that something always appears.
 */
@Component
public class DirectoryDesk implements Carriers, DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(DirectoryDesk.class);
    private static final long FRESH_MS = 600_000;
    private static final int MOST_KEPT = 200;
    private static final int LATELY = 3;
    private static final int WORKERS = 4;
    private static final int ASKERS = 8;
    private final List<Directory> directories;
    private final Inbox loop;
    private final SystemClock clock;
    private final ExecutorService workers;
    /** What directories take is waited for elsewhere, so that one that hangs holds up no other. */
    private final ExecutorService askers;

    private final Map<String, Kept> kept = new LinkedHashMap<>();
    private final Map<String, Deque<String>> shown = new LinkedHashMap<>();

    DirectoryDesk(List<Directory> directories, Inbox loop, SystemClock clock) {
        this.directories = List.copyOf(directories);
        this.loop = loop;
        this.clock = clock;
        this.workers = pool("look-up", WORKERS);
        this.askers = pool("directory", ASKERS);
    }

    private static ExecutorService pool(String name, int threads) {
        return Executors.newFixedThreadPool(threads, Daemons.named(name));
    }

    private record Known(Broadcaster who, Directory by) {}

    private record Kept(Optional<Known> known, long at) {}

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(Carrier.of(LookUp.class, this::lookUp));
    }

    private void lookUp(LookUp wish) {
        workers.execute(() -> {
            Introduced told = told(wish);
            loop.completed(
                    wish.partRun(),
                    told.fault().isEmpty()
                            ? Completion.ended(told.results())
                            : Completion.failed(told.fault(), told.results()));
        });
    }

    private Introduced told(LookUp wish) {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(wish.limitMs());
        Optional<Known> known;
        try {
            known = inTime(() -> find(wish.name()), until);
        } catch (TimeoutException late) {
            return Introduced.unknown(wish.name(), true, wish.choice());
        }
        if (known.isEmpty()) {
            return Introduced.unknown(wish.name(), false, wish.choice());
        }
        return wish.choice().order() == Order.NONE
                ? Introduced.known(known.get().who(), "")
                : withClip(wish, known.get(), until);
    }

    private Introduced withClip(LookUp wish, Known known, long until) {
        String key = WordKey.of(wish.name());
        ClipChoice.Picked picked = wish.choice().pick(known.who().clips(), lately(key), clock.now(), wish.draw());
        if (picked.clip().isEmpty()) {
            return Introduced.known(known.who(), picked.why());
        }
        TheirClip clip = picked.clip().get();
        try {
            return inTime(() -> known.by().film(clip), until)
                    .map(film -> {
                        note(key, clip.id());
                        return Introduced.with(known.who(), clip, film, picked.why());
                    })
                    .orElseGet(() -> Introduced.known(
                            known.who(), picked.why() + ", and “" + clip.title() + "” cannot be loaded"));
        } catch (TimeoutException late) {
            return Introduced.known(known.who(), picked.why() + ", and “" + clip.title() + "” did not load in time");
        }
    }

    private interface Work<T> {
        Optional<T> done();
    }

    /** What comes of it until then; a directory that fails knows nothing. */
    private <T> Optional<T> inTime(Work<T> work, long until) throws TimeoutException {
        CompletableFuture<Optional<T>> coming = CompletableFuture.supplyAsync(work::done, askers);
        try {
            return coming.get(Math.max(1, until - System.nanoTime()), TimeUnit.NANOSECONDS);
        } catch (ExecutionException broken) {
            LOG.warn("A directory failed", broken.getCause());
            return Optional.empty();
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    private Optional<Known> find(String name) {
        String key = WordKey.of(name);
        long now = clock.now();
        synchronized (kept) {
            Kept before = kept.get(key);
            if (before != null && now - before.at() < FRESH_MS) {
                return before.known();
            }
        }
        Optional<Known> known = directories.stream()
                .flatMap(each -> each.find(key).map(who -> new Known(who, each)).stream())
                .findFirst();
        synchronized (kept) {
            kept.put(key, new Kept(known, now));
            List<String> all = List.copyOf(kept.keySet());
            all.subList(0, Math.max(0, all.size() - MOST_KEPT)).forEach(kept::remove);
        }
        return known;
    }

    private List<String> lately(String key) {
        synchronized (shown) {
            return List.copyOf(shown.getOrDefault(key, new ArrayDeque<>()));
        }
    }

    private void note(String key, String clip) {
        synchronized (shown) {
            Deque<String> ids = shown.computeIfAbsent(key, each -> new ArrayDeque<>());
            ids.addLast(clip);
            while (ids.size() > LATELY) {
                ids.removeFirst();
            }
            List<String> all = List.copyOf(shown.keySet());
            all.subList(0, Math.max(0, all.size() - MOST_KEPT)).forEach(shown::remove);
        }
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
        askers.shutdownNow();
    }
}
