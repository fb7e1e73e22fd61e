package org.waxbell.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.locks.LockSupport;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Hears on the console's socket when a stage page painted a part, and for when it was meant. */
final class LiveEnd implements WebSocket.Listener, AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final long PATIENCE_SECONDS = 5;
    private static final long CARD_NANOS = 600_000_000;
    private final Map<String, CompletableFuture<Double>> started = new ConcurrentHashMap<>();
    private final Map<Long, CompletableFuture<Double>> meant = new ConcurrentHashMap<>();
    private final StringBuilder piece = new StringBuilder();
    private final WebSocket socket;

    LiveEnd(String address) {
        socket = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(address.replace("http", "ws") + "/ws/live"), this)
                .join();
    }

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
        piece.append(data);
        if (last) {
            hear(JSON.readTree(piece.toString()));
            piece.setLength(0);
        }
        from.request(1);
        return null;
    }

    private void hear(JsonNode message) {
        String type = message.get("type").asString();
        if (type.equals("started")) {
            started.computeIfAbsent(message.at("/body/partRun").asString(), key -> new CompletableFuture<>())
                    .complete(message.at("/body/at").asDouble());
        } else if (type.equals("ring")) {
            meant.computeIfAbsent(message.at("/body/number").asLong(), key -> new CompletableFuture<>())
                    .complete(message.at("/body/start").asDouble());
        }
    }

    /** When the part was painted; NaN where the page missed it, for this machine stalled longer than the card lives. */
    double startedAt(String partRun) {
        return await(started.computeIfAbsent(partRun, key -> new CompletableFuture<>()));
    }

    /** Cards that a word shows, one after another: how long after the line each was painted, in milliseconds; those that the page missed are left out. */
    List<Double> cards(Packaged app, int count) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            JsonNode decision = app.say("tallowmoth", "!card");
            double at = startedAt(decision.at("/answers/0/ring").asLong() + ".card");
            if (!Double.isNaN(at)) {
                all.add(at - decision.get("at").asLong());
            }
            // The next is to find the spot free, for it is not the waiting that is measured.
            LockSupport.parkNanos(CARD_NANOS);
        }
        return all;
    }

    double meantFor(long ring) {
        return await(meant.computeIfAbsent(ring, key -> new CompletableFuture<>()));
    }

    private static double await(CompletableFuture<Double> heard) {
        try {
            return heard.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException | InterruptedException | ExecutionException missed) {
            return Double.NaN;
        }
    }

    @Override
    public void close() {
        socket.abort();
    }
}
