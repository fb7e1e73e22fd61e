package org.waxbell.app.mixer;

import com.ongres.scram.client.ScramClient;
import com.ongres.scram.common.exception.ScramException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Function;
import org.eclipse.lsp4j.jsonrpc.ResponseErrorException;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.config.Version;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.app.rpc.MixerCalls.Hello;
import org.waxbell.app.rpc.MixerCalls.Proof;
import org.waxbell.app.rpc.MixerCalls.Welcome;
import org.waxbell.app.rpc.RpcWire;
import org.waxbell.link.Trouble;

/** One connection to a mixer, from the first word to the break. What is still asked when it breaks fails with {@link Broken}. */
final class MixerSocket implements WebSocket.Listener {
    private static final Duration CONNECT = Duration.ofSeconds(5);
    private static final long ANSWER_SECONDS = 5;
    private static final String MECHANISM = "SCRAM-SHA-256";
    private static final String USER = "waxbell";
    /** Shared, for each has threads of its own. */
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().connectTimeout(CONNECT).build();

    private final RpcWire<MixerCalls> wire;
    private final Consumer<String> gone;
    private final Set<CompletableFuture<?>> asked = ConcurrentHashMap.newKeySet();
    private final AtomicBoolean over = new AtomicBoolean();
    private final StringBuilder piece = new StringBuilder();
    private volatile @Nullable WebSocket socket;
    private CompletableFuture<?> sent = CompletableFuture.completedFuture(null);

    private MixerSocket(MixerCalls.News ears, Consumer<String> gone) {
        this.wire = new RpcWire<>(ears, MixerCalls.class, this::send);
        this.gone = gone;
    }

    /** The connection broke before the answer came, so it is not known whether what was asked was done. */
    static final class Broken extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Broken(String why) {
            super(why);
        }
    }

    /** The mixer cannot be used like this. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Trouble trouble;

        Refused(Trouble trouble) {
            super(trouble.says());
            this.trouble = trouble;
        }

        Trouble trouble() {
            return trouble;
        }
    }

    /** Connects and proves the password. @param gone is told once why the connection broke, after it stood */
    static CompletableFuture<MixerSocket> connect(
            URI address, String password, MixerCalls.News ears, Consumer<String> gone) {
        MixerSocket made = new MixerSocket(ears, gone);
        return CLIENT.newWebSocketBuilder()
                .connectTimeout(CONNECT)
                .buildAsync(address, made)
                .thenCompose(socket -> {
                    made.socket = socket;
                    return made.greet(password);
                })
                .thenApply(done -> made)
                .whenComplete((done, failed) -> {
                    if (failed != null) {
                        made.cut("it could not be used");
                    }
                });
    }

    private CompletableFuture<?> greet(String password) {
        return ask(calls -> calls.hello(new Hello(List.of(MixerCalls.VERSION), "Wax Bell " + Version.current())))
                .thenCompose(welcome -> prove(welcome, password));
    }

    private CompletableFuture<?> prove(Welcome welcome, String password) {
        if (welcome.version() != MixerCalls.VERSION) {
            throw new Refused(Trouble.lasting(
                    "The mixer wants to speak version " + welcome.version()
                            + " of the protocol, and this Wax Bell speaks " + MixerCalls.VERSION + ".",
                    "Bring the older of the two up to date."));
        }
        String mechanism = welcome.mechanism() == null ? "" : welcome.mechanism();
        if (mechanism.isEmpty()) {
            return CompletableFuture.completedFuture(null);
        }
        if (!mechanism.equals(MECHANISM)) {
            throw new Refused(Trouble.lasting(
                    "The mixer wants the password proved by " + mechanism + ", which is not known here.",
                    "Choose " + MECHANISM + " in the mixer."));
        }
        if (password.isEmpty()) {
            throw new Refused(
                    Trouble.lasting("The mixer wants a password.", "Write it into the settings of this link."));
        }
        ScramClient scram = ScramClient.builder()
                .advertisedMechanisms(List.of(MECHANISM))
                .username(USER)
                .password(password.toCharArray())
                .build();
        return ask(calls ->
                        calls.proofFirst(new Proof(scram.clientFirstMessage().toString())))
                .thenCompose(first -> ask(calls -> calls.proofFinal(new Proof(last(scram, first.message())))))
                .thenAccept(end -> verify(scram, end.message()));
    }

    private static String last(ScramClient scram, String serverFirst) {
        try {
            scram.serverFirstMessage(serverFirst);
            return scram.clientFinalMessage().toString();
        } catch (ScramException | RuntimeException wrong) {
            throw new Refused(Trouble.lasting(
                    "The mixer did not keep to SCRAM: " + wrong.getMessage(),
                    "Look whether this address is that of a mixer."));
        }
    }

    private static void verify(ScramClient scram, String serverFinal) {
        try {
            scram.serverFinalMessage(serverFinal);
        } catch (ScramException | RuntimeException wrong) {
            throw new Refused(Trouble.lasting(
                    "What answers there does not know the password itself, so it is not your mixer.",
                    "Look at the address before you go on."));
        }
    }

    /** Tells the mixer something that wants no answer. */
    void tell(Consumer<MixerCalls> what) {
        if (!over.get()) {
            what.accept(wire.remote());
        }
    }

    /** Asks the mixer what it answers at once. */
    <T> CompletableFuture<T> ask(Function<MixerCalls, CompletableFuture<T>> question) {
        return ask(question, ANSWER_SECONDS);
    }

    /** Asks the mixer; fails with {@link Broken}, or with {@link ResponseErrorException} where the mixer refused. */
    <T> CompletableFuture<T> ask(Function<MixerCalls, CompletableFuture<T>> question, long seconds) {
        CompletableFuture<T> answer = new CompletableFuture<>();
        asked.add(answer);
        if (over.get()) {
            answer.completeExceptionally(new Broken("the connection is over"));
        } else {
            question.apply(wire.remote()).whenComplete((value, failed) -> {
                if (failed != null) {
                    answer.completeExceptionally(failed);
                } else {
                    answer.complete(value);
                }
            });
            answer.completeOnTimeout(null, seconds, TimeUnit.SECONDS);
        }
        return answer.thenApply(value -> {
                    if (value == null) {
                        throw new Broken("no answer came within " + seconds + " s");
                    }
                    return value;
                })
                .whenComplete((value, failed) -> asked.remove(answer));
    }

    private synchronized void send(String text) {
        sent = sent.thenCompose(before -> {
            WebSocket open = socket;
            return open == null
                    ? CompletableFuture.failedFuture(new Broken("not connected"))
                    : open.sendText(text, true);
        });
        sent.whenComplete((done, failed) -> {
            if (failed != null) {
                cut("nothing can be sent any more: " + failed.getMessage());
            }
        });
    }

    @Override
    public @Nullable CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
        piece.append(data);
        if (last) {
            String text = piece.toString();
            piece.setLength(0);
            try {
                wire.take(text);
            } catch (IllegalArgumentException nonsense) {
                cut("the mixer said what is no message");
            }
        }
        from.request(1);
        return null;
    }

    @Override
    public @Nullable CompletionStage<?> onClose(WebSocket from, int code, String reason) {
        cut(reason.isEmpty() ? "the mixer closed it (" + code + ")" : "the mixer closed it: " + reason);
        return null;
    }

    @Override
    public void onError(WebSocket from, Throwable failed) {
        cut(failed.getMessage() == null ? failed.getClass().getSimpleName() : failed.getMessage());
    }

    /** Ends the connection; who waits for answers is told that it broke. */
    void cut(String why) {
        if (over.compareAndSet(false, true)) {
            WebSocket open = socket;
            if (open != null) {
                open.abort();
            }
            asked.forEach(each -> each.completeExceptionally(new Broken(why)));
            gone.accept(why);
        }
    }
}
