package org.waxbell.app.practice;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import org.eclipse.lsp4j.jsonrpc.ResponseErrorException;
import org.eclipse.lsp4j.jsonrpc.messages.ResponseError;
import org.springframework.web.socket.CloseStatus;
import org.waxbell.app.config.Version;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.app.rpc.RpcWire;
import org.waxbell.app.rpc.ScramServer;
import org.waxbell.app.socket.Outbox;
import org.waxbell.app.wiring.Refused;
import org.waxbell.mixer.MixerPicture;

/** Somebody who linked to the practice mixer: greets, proves the password, then asks and is told. */
final class PracticeGuest implements MixerCalls, PracticeMixer.Audience {
    private static final String MECHANISM = "SCRAM-SHA-256";
    private static final Nothing NOTHING = new Nothing();
    private static final int MOST_TRIES = 3;
    private final PracticeMixer mixer;
    private final Outbox outbox;
    private final RpcWire<MixerCalls.News> wire;
    private final String password;
    private ScramServer proof;
    private boolean proved;
    private int tries;

    PracticeGuest(PracticeMixer mixer, String password, Outbox outbox) {
        this.mixer = mixer;
        this.password = password;
        this.proof = new ScramServer(password);
        this.outbox = outbox;
        this.wire = new RpcWire<>(this, MixerCalls.News.class, outbox::post);
    }

    void take(String text) {
        wire.take(text);
    }

    void dismiss() {
        outbox.close(CloseStatus.BAD_DATA);
    }

    @Override
    public void changed(String by, MixerPicture picture) {
        wire.remote().changed(new News.Changed(by, picture));
    }

    @Override
    public void levels(List<News.Level> levels) {
        wire.remote().levels(new News.Levels(levels));
    }

    @Override
    public CompletableFuture<Welcome> hello(Hello hello) {
        if (!hello.versions().contains(VERSION)) {
            return refuse(NO_SUCH_VERSION, "this mixer speaks version " + VERSION + " only");
        }
        return CompletableFuture.completedFuture(new Welcome(VERSION, "Practice mixer " + Version.current(), MECHANISM));
    }

    @Override
    public CompletableFuture<Proof> proofFirst(Proof first) {
        proof = new ScramServer(password);
        return guarded(() -> new Proof(proof.first(first.message())), NOT_PROVED);
    }

    @Override
    public CompletableFuture<Proof> proofFinal(Proof last) {
        return proof.last(last.message()).map(message -> {
            if (!proved) {
                proved = true;
                mixer.join(this);
            }
            return CompletableFuture.completedFuture(new Proof(message));
        }).orElseGet(() -> {
            if (++tries >= MOST_TRIES) {
                outbox.close(CloseStatus.POLICY_VIOLATION);
            }
            return refuse(NOT_PROVED, "the password is not this one");
        });
    }

    @Override
    public CompletableFuture<Nothing> ping(Nothing nothing) {
        return proved ? CompletableFuture.completedFuture(NOTHING) : unproved();
    }

    @Override
    public CompletableFuture<MixerPicture> picture(Nothing nothing) {
        return proved ? CompletableFuture.completedFuture(mixer.picture()) : unproved();
    }

    private CompletableFuture<Nothing> change(String name, Change change) {
        return proved ? guarded(() -> {
            mixer.once(orEmpty(change.once()), () -> {
                PracticeRequests.of(name).perform(mixer, orEmpty(change.once()), whole(change));
                return "";
            });
            return NOTHING;
        }, NOT_DONE) : unproved();
    }

    /** What was left out is empty. */
    private static Change whole(Change change) {
        return new Change(orEmpty(change.once()), orEmpty(change.scene()), orEmpty(change.source()), orEmpty(change.text()), change.level(), change.on(),
                orEmpty(change.filter()), change.place() == null ? new MixerPicture.Place(0, 0, 0, 0) : change.place());
    }

    private static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    @Override
    public CompletableFuture<Made> addSource(NewSource source) {
        return proved ? guarded(() -> new Made(mixer.once(orEmpty(source.once()), () -> mixer.addSource(orEmpty(source.once()), source).source())), NOT_DONE)
                : unproved();
    }

    @Override
    public CompletableFuture<Nothing> cut(Change change) {
        return change("scene.cut", change);
    }

    @Override
    public CompletableFuture<Nothing> show(Change change) {
        return change("item.show", change);
    }

    @Override
    public CompletableFuture<Nothing> place(Change change) {
        return change("item.place", change);
    }

    @Override
    public CompletableFuture<Nothing> addItem(Change change) {
        return change("item.add", change);
    }

    @Override
    public CompletableFuture<Nothing> address(Change change) {
        return change("source.address", change);
    }

    @Override
    public CompletableFuture<Nothing> text(Change change) {
        return change("text.set", change);
    }

    @Override
    public CompletableFuture<Nothing> level(Change change) {
        return change("level.set", change);
    }

    @Override
    public CompletableFuture<Nothing> mute(Change change) {
        return change("mute.set", change);
    }

    @Override
    public CompletableFuture<Nothing> filter(Change change) {
        return change("filter.set", change);
    }

    @Override
    public CompletableFuture<Nothing> stream(Change change) {
        return change("stream.set", change);
    }

    @Override
    public CompletableFuture<Nothing> recording(Change change) {
        return change("recording.set", change);
    }

    private static <T> CompletableFuture<T> guarded(Supplier<T> work, int code) {
        try {
            return CompletableFuture.completedFuture(work.get());
        } catch (Refused | IllegalArgumentException refused) {
            return refuse(code, refused.getMessage());
        }
    }

    private static <T> CompletableFuture<T> unproved() {
        return refuse(NOT_PROVED, "the password was not proved yet");
    }

    private static <T> CompletableFuture<T> refuse(int code, String why) {
        return CompletableFuture.failedFuture(new ResponseErrorException(new ResponseError(code, why, null)));
    }
}
