package org.waxbell.app.mixer;

import java.net.URI;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.IntConsumer;
import org.eclipse.lsp4j.jsonrpc.ResponseErrorException;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.link.Causes;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.app.rpc.MixerCalls.Wanted;
import org.waxbell.link.MixerSettings;
import org.waxbell.link.Trouble;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;

/**
 * The link to one mixer. It keeps the mixer's picture, asks for changes, and connects again by itself; what was asked when the
 * connection broke is asked again under the same name, which the mixer does only once.
 */
final class MixerLink implements Link, MixerCalls.News {
    private static final long BEAT_MS = 3_000;
    /** How long after a break a change may still be done, in milliseconds; later it would surprise. */
    static final long STILL_WANTED_MS = 5_000;
    /** How long a mixer may take to make a clip, in seconds. */
    private static final long CLIP_SECONDS = 300;

    private final URI address;
    private final String password;
    private final LinkLife life;
    private final Watcher watcher;
    private final Map<Wanted, CompletableFuture<String>> open = new LinkedHashMap<>();
    /** What the names of its requests begin with: no other request has one of them, ever, and by it its own are known again. */
    private final String ours = "waxbell-" + UUID.randomUUID() + "-";

    private final AtomicLong asked = new AtomicLong();
    private final Map<String, IntConsumer> making = new ConcurrentHashMap<>();
    private final boolean practice;
    private @Nullable MixerSocket socket;
    private @Nullable Future<?> beat;
    private boolean closed;
    private int turn;
    private volatile MixerPicture picture = MixerPicture.NONE;
    private volatile boolean tellsLevels;

    MixerLink(MixerSettings settings, URI address, String password, LinkLife life, Watcher watcher) {
        this.practice = settings.practice();
        this.address = address;
        this.password = password;
        this.life = life;
        this.watcher = watcher;
    }

    /** Is told what the mixer tells. */
    interface Watcher {
        /** It is connected and stands so. @param before how it stood when it was heard last */
        void joined(MixerLink link, MixerPicture before, MixerPicture now);

        /** It stands another way. @param byUs whether we asked for it */
        void changed(MixerLink link, MixerPicture before, MixerPicture now, boolean byUs);

        /** So loud are its sources. */
        void levels(MixerLink link, Levels levels);
    }

    @Override
    public void open() {
        life.connectsBy(this::connect);
        life.connect();
    }

    private void connect() {
        int mine;
        synchronized (this) {
            mine = ++turn;
        }
        MixerSocket.connect(address, password, this, why -> broke(mine, why))
                .thenCompose(made -> made.ask(calls -> calls.picture(new MixerCalls.Nothing()))
                        .thenAccept(now -> joined(mine, made, now)))
                .exceptionally(failed -> {
                    couldNot(mine, failed);
                    return null;
                });
    }

    private void couldNot(int mine, Throwable failed) {
        synchronized (this) {
            if (closed || mine != turn) {
                return;
            }
        }
        life.broken(Troubles.of(Causes.of(failed), address));
    }

    private void joined(int mine, MixerSocket made, MixerPicture now) {
        Map<Wanted, CompletableFuture<String>> again;
        MixerPicture before = picture;
        synchronized (this) {
            if (closed || mine != turn) {
                made.cut("no longer wanted");
                return;
            }
            socket = made;
            picture = now;
            tellsLevels = false;
            again = new LinkedHashMap<>(open);
            if (beat != null) {
                beat.cancel(false);
            }
            beat = life.timer().scheduleAtFixedRate(this::beat, 0, BEAT_MS, TimeUnit.MILLISECONDS);
        }
        life.up();
        again.forEach(this::ask);
        watcher.joined(this, before, now);
    }

    private void broke(int mine, String why) {
        synchronized (this) {
            if (closed || mine != turn || socket == null) {
                return;
            }
            socket = null;
            if (beat != null) {
                beat.cancel(false);
            }
        }
        life.broken(Trouble.passing(
                "The connection to the mixer broke: " + why + ".",
                "It is tried again by itself. Look whether the mixer still runs."));
    }

    private void beat() {
        MixerSocket now = current();
        if (now != null) {
            long sent = System.nanoTime();
            now.ask(calls -> calls.ping(new MixerCalls.Nothing())).whenComplete((pong, failed) -> {
                if (failed == null) {
                    life.measured((System.nanoTime() - sent) / 1e6);
                } else {
                    now.cut("it no longer answers");
                }
            });
        }
    }

    private synchronized @Nullable MixerSocket current() {
        return socket;
    }

    /**
     * Asks for a change: done with the id of the source that it is about; fails with a sentence where it was refused, or where it is
     * not known in time whether it was done.
     */
    CompletableFuture<String> change(MixerChange change) {
        if (!up()) {
            return CompletableFuture.failedFuture(new IllegalStateException(refusal()));
        }
        Wanted wanted = new Wanted(ours + asked.incrementAndGet(), change);
        CompletableFuture<String> done = new CompletableFuture<>();
        synchronized (this) {
            open.put(wanted, done);
        }
        ask(wanted, done);
        return done.orTimeout(STILL_WANTED_MS, TimeUnit.MILLISECONDS)
                .whenComplete((source, failed) -> {
                    synchronized (this) {
                        open.remove(wanted);
                    }
                })
                .exceptionallyCompose(failed -> CompletableFuture.failedFuture(
                        Causes.of(failed) instanceof TimeoutException
                                ? new IllegalStateException(
                                        "the connection broke, and it is not known whether the mixer did it")
                                : Causes.of(failed)));
    }

    private void ask(Wanted wanted, CompletableFuture<String> done) {
        MixerSocket now = current();
        if (now == null) {
            return;
        }
        now.ask(calls -> calls.change(wanted)).whenComplete((answer, failed) -> {
            if (failed == null) {
                done.complete(answer.source() == null ? "" : answer.source());
            } else if (Causes.of(failed) instanceof ResponseErrorException refused) {
                done.completeExceptionally(new IllegalStateException(
                        "the mixer refused: " + refused.getResponseError().getMessage()));
            }
            // Where the connection broke it stays open, and is asked again under its name once the link is up.
        });
    }

    /** Asks for a clip of the last seconds; fails with a {@link ResponseErrorException} where it was refused. @param progress hears how far it is, in percent */
    MixerClip clip(int seconds, String title, IntConsumer progress) {
        String once = ours + asked.incrementAndGet();
        MixerSocket now = current();
        if (now == null || !up()) {
            return new MixerClip(CompletableFuture.failedFuture(new IllegalStateException(refusal())), () -> {});
        }
        making.put(once, progress);
        CompletableFuture<MixerClip.Made> made = now.ask(
                        calls -> calls.makeClip(new MixerCalls.ClipWanted(once, seconds, title)), CLIP_SECONDS)
                .thenApply(clip -> new MixerClip.Made(fetched(clip.address()), clip.lengthMs()))
                .whenComplete((clip, failed) -> making.remove(once));
        return new MixerClip(made, () -> now.tell(calls -> calls.stopClip(new MixerCalls.ClipStopped(once))));
    }

    /** An address as the mixer tells it, from the link's own on. */
    private URI fetched(String told) {
        URI own = URI.create(address.toString().replaceFirst("^ws", "http"));
        return own.resolve(told);
    }

    @Override
    public void clipProgress(ClipProgress progress) {
        IntConsumer ear = making.get(progress.once());
        if (ear != null) {
            ear.accept(progress.percent());
        }
    }

    @Override
    public void changed(Changed changed) {
        MixerPicture before = picture;
        if (changed.picture() != null && changed.picture().number() >= before.number()) {
            picture = changed.picture();
            life.heard(Troubles.difference(before, picture));
            watcher.changed(
                    this, before, picture, changed.by() != null && changed.by().startsWith(ours));
        }
    }

    @Override
    public void levels(Levels levels) {
        tellsLevels = true;
        watcher.levels(this, levels);
    }

    /** How the mixer stands, as it told last. */
    MixerPicture picture() {
        return picture;
    }

    /** Whether it works now. */
    boolean up() {
        return life.isUp();
    }

    boolean practice() {
        return practice;
    }

    boolean tellsLevels() {
        return tellsLevels;
    }

    /** Why nothing can be done now. */
    String refusal() {
        return life.state().refusal("the mixer");
    }

    @Override
    public CompletableFuture<String> test() {
        MixerSocket now = current();
        if (now == null) {
            return CompletableFuture.failedFuture(
                    new IllegalStateException(life.state().refusal("The mixer") + "."));
        }
        long sent = System.nanoTime();
        return now.ask(calls -> calls.picture(new MixerCalls.Nothing())).thenApply(told -> {
            life.measured((System.nanoTime() - sent) / 1e6);
            return "It answered in " + Math.round((System.nanoTime() - sent) / 1e5) / 10.0 + " ms: "
                    + told.scenes().size() + " scenes, " + told.sources().size() + " sources, "
                    + (told.streaming() ? "streaming." : "not streaming.");
        });
    }

    @Override
    public List<LinkFact> facts() {
        if (!up()) {
            return List.of(LinkFact.of("Address", address));
        }
        MixerPicture now = picture;
        return List.of(
                LinkFact.of("Address", address),
                LinkFact.of(
                        "Signed in",
                        password.isEmpty() ? "without a password" : "by password, proved by SCRAM-SHA-256"),
                LinkFact.of("On programme", now.programme()),
                LinkFact.of(
                        "Stream",
                        (now.streaming() ? "streaming" : "not streaming") + (now.recording() ? ", recording" : "")));
    }

    @Override
    public void close() {
        MixerSocket now;
        synchronized (this) {
            closed = true;
            now = socket;
            socket = null;
            if (beat != null) {
                beat.cancel(false);
            }
        }
        if (now != null) {
            now.cut("closed here");
        }
    }
}
