package org.waxbell.app.mixer;

import java.net.URI;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import org.eclipse.lsp4j.jsonrpc.ResponseErrorException;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.link.Phase;
import org.waxbell.link.Trouble;
import org.waxbell.mixer.MixerPicture;

/**
 * The link to one mixer. It keeps the mixer's picture, asks for changes, and connects again by itself; what was asked when the
 * connection broke is asked again under the same name, which the mixer does only once.
 */
final class MixerLink implements Link, MixerCalls.News {
    private static final long BEAT_MS = 3_000;
    /** How long after a break a change may still be done, in milliseconds; later it would surprise. */
    static final long STILL_WANTED_MS = 5_000;
    private final URI address;
    private final String password;
    private final LinkLife life;
    private final Watcher watcher;
    private final Map<String, Doing> open = new LinkedHashMap<>();
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

    /** A change that is asked for. @param until when it is no longer wanted, milliseconds since 1970 UTC */
    private record Doing(Function<MixerCalls, ? extends CompletableFuture<?>> call, long until, CompletableFuture<Object> done) {
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
                .thenCompose(made -> made.ask(calls -> calls.picture(new MixerCalls.Nothing())).thenAccept(now -> joined(mine, made, now)))
                .exceptionally(failed -> {
                    couldNot(mine, failed);
                    return null;
                });
    }

    private void couldNot(int mine, Throwable failed) {
        Throwable cause = failed;
        while ((cause instanceof CompletionException) && cause.getCause() != null) {
            cause = cause.getCause();
        }
        synchronized (this) {
            if (closed || mine != turn) {
                return;
            }
        }
        life.broken(Troubles.of(cause, address));
    }

    private void joined(int mine, MixerSocket made, MixerPicture now) {
        List<Map.Entry<String, Doing>> again;
        MixerPicture before = picture;
        synchronized (this) {
            if (closed || mine != turn) {
                made.cut("no longer wanted");
                return;
            }
            socket = made;
            picture = now;
            tellsLevels = false;
            again = new ArrayList<>(open.entrySet());
            if (beat != null) {
                beat.cancel(false);
            }
            beat = life.timer().scheduleAtFixedRate(this::beat, 0, BEAT_MS, TimeUnit.MILLISECONDS);
        }
        life.up();
        again.forEach(each -> ask(each.getKey(), each.getValue()));
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
        life.broken(Trouble.passing("The connection to the mixer broke: " + why + ".", "It is tried again by itself. Look whether the mixer still runs."));
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

    /** Asks for a change; fails with a sentence where it was refused, or where it is not known whether it was done. @param once its name, which no other change has */
    CompletableFuture<Object> change(String once, long until, Function<MixerCalls, ? extends CompletableFuture<?>> call) {
        if (life.state().phase() != Phase.UP) {
            return CompletableFuture.failedFuture(new IllegalStateException(life.state().refusal("the mixer")));
        }
        Doing doing = new Doing(call, until, new CompletableFuture<>());
        synchronized (this) {
            open.put(once, doing);
        }
        ask(once, doing);
        return doing.done();
    }

    private void ask(String once, Doing doing) {
        MixerSocket now = current();
        if (life.now() > doing.until()) {
            finish(once, doing, new IllegalStateException("the connection broke, and it is not known whether the mixer did it"));
        } else if (now != null) {
            now.ask(calls -> doing.call().apply(calls).thenApply(Object.class::cast)).whenComplete((value, failed) -> {
                Throwable cause = failed instanceof CompletionException ? failed.getCause() : failed;
                if (cause instanceof MixerSocket.Broken) {
                    // It stays open, and is asked again under its name once the link is up.
                    life.timer().schedule(() -> giveUp(once, doing), Math.max(0, doing.until() - life.now()) + 1, TimeUnit.MILLISECONDS);
                } else {
                    finish(once, doing, cause instanceof ResponseErrorException refused ? new IllegalStateException("the mixer refused: "
                            + refused.getResponseError().getMessage()) : cause);
                }
            });
        }
    }

    private void giveUp(String once, Doing doing) {
        if (current() == null) {
            finish(once, doing, new IllegalStateException("the connection broke, and it is not known whether the mixer did it"));
        }
    }

    private void finish(String once, Doing doing, @Nullable Throwable failed) {
        synchronized (this) {
            open.remove(once);
        }
        if (failed == null) {
            doing.done().complete(once);
        } else {
            doing.done().completeExceptionally(failed);
        }
    }

    @Override
    public void changed(Changed changed) {
        MixerPicture before = picture;
        if (changed.picture() != null && changed.picture().number() >= before.number()) {
            picture = changed.picture();
            life.heard(Troubles.difference(before, picture));
            watcher.changed(this, before, picture, Onces.ours(changed.by()));
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
        return life.state().phase() == Phase.UP;
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
            return CompletableFuture.failedFuture(new IllegalStateException(life.state().refusal("The mixer") + "."));
        }
        long sent = System.nanoTime();
        return now.ask(calls -> calls.picture(new MixerCalls.Nothing())).thenApply(told -> {
            life.measured((System.nanoTime() - sent) / 1e6);
            return "It answered in " + Math.round((System.nanoTime() - sent) / 1e5) / 10.0 + " ms: " + told.scenes().size() + " scenes, "
                    + told.sources().size() + " sources, " + (told.streaming() ? "streaming." : "not streaming.");
        });
    }

    @Override
    public List<LinkFact> facts() {
        if (!up()) {
            return List.of(LinkFact.of("Address", address));
        }
        MixerPicture now = picture;
        return List.of(LinkFact.of("Address", address), LinkFact.of("Signed in", password.isEmpty() ? "without a password" : "by password, proved by SCRAM-SHA-256"),
                LinkFact.of("On programme", now.scene(now.current()).map(MixerPicture.Scene::name).orElse("nothing")),
                LinkFact.of("Stream", (now.streaming() ? "streaming" : "not streaming") + (now.recording() ? ", recording" : "")));
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
