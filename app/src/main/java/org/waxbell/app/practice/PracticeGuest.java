package org.waxbell.app.practice;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import org.eclipse.lsp4j.jsonrpc.ResponseErrorException;
import org.eclipse.lsp4j.jsonrpc.messages.ResponseError;
import org.springframework.web.socket.CloseStatus;
import org.waxbell.app.config.Version;
import org.waxbell.app.json.Refused;
import org.waxbell.app.link.Causes;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.app.rpc.RpcWire;
import org.waxbell.app.rpc.ScramServer;
import org.waxbell.app.socket.Outbox;
import org.waxbell.mixer.MixerPicture;

/** Somebody who linked to the practice mixer: greets, proves the password, then asks and is told. */
final class PracticeGuest implements MixerCalls, PracticeMixer.Audience {
    private static final String MECHANISM = "SCRAM-SHA-256";
    private static final Nothing NOTHING = new Nothing();
    private static final int MOST_TRIES = 3;
    /** Where its clips are fetched. */
    static final String PATH = "/media/practice/";

    private final PracticeMixer mixer;
    private final PracticeRecorder recorder;
    private final Outbox outbox;
    private final RpcWire<MixerCalls.News> wire;
    private final String password;
    private ScramServer proof;
    private boolean proved;
    private int tries;

    PracticeGuest(PracticeMixer mixer, PracticeRecorder recorder, String password, Outbox outbox) {
        this.recorder = recorder;
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
        return CompletableFuture.completedFuture(
                new Welcome(VERSION, "Practice mixer " + Version.current(), MECHANISM));
    }

    @Override
    public CompletableFuture<Proof> proofFirst(Proof first) {
        proof = new ScramServer(password);
        return guarded(() -> new Proof(proof.first(first.message())), NOT_PROVED);
    }

    @Override
    public CompletableFuture<Proof> proofFinal(Proof last) {
        return proof.last(last.message())
                .map(message -> {
                    if (!proved) {
                        proved = true;
                        mixer.join(this);
                    }
                    return CompletableFuture.completedFuture(new Proof(message));
                })
                .orElseGet(() -> {
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

    @Override
    public CompletableFuture<Done> change(Wanted wanted) {
        String once = wanted.once() == null ? "" : wanted.once();
        return proved ? guarded(() -> new Done(mixer.once(once, wanted.change())), NOT_DONE) : unproved();
    }

    @Override
    public CompletableFuture<ClipMade> makeClip(ClipWanted wanted) {
        if (!proved) {
            return unproved();
        }
        if (wanted.seconds() < 1 || wanted.seconds() * 1_000L > PracticeRecorder.KEPT_MS) {
            return refuse(NOT_DONE, "it keeps 1 to " + PracticeRecorder.KEPT_MS / 1_000 + " seconds");
        }
        return recorder.make(wanted.once(), wanted.seconds(), wanted.title(), percent -> told(wanted.once(), percent))
                .thenApply(clip -> new ClipMade(PATH + clip.id(), clip.lengthMs()))
                .exceptionallyCompose(failed -> refuse(code(Causes.of(failed)), Causes.words(failed)));
    }

    private boolean told(String once, int percent) {
        wire.remote().clipProgress(new News.ClipProgress(once, percent));
        return true;
    }

    private static int code(Throwable why) {
        return why instanceof PracticeRecorder.NotOnAir
                ? NOT_ON_AIR
                : why instanceof PracticeRecorder.NothingKept ? NOTHING_KEPT : NOT_DONE;
    }

    @Override
    public void stopClip(ClipStopped which) {
        recorder.stop(which.once());
    }

    private static <T> CompletableFuture<T> guarded(Supplier<T> work, int code) {
        try {
            return CompletableFuture.completedFuture(work.get());
        } catch (Refused | IllegalArgumentException refused) {
            return refuse(code, String.valueOf(refused.getMessage()));
        }
    }

    private static <T> CompletableFuture<T> unproved() {
        return refuse(NOT_PROVED, "the password was not proved yet");
    }

    private static <T> CompletableFuture<T> refuse(int code, String why) {
        return CompletableFuture.failedFuture(new ResponseErrorException(new ResponseError(code, why, null)));
    }
}
