package org.waxbell.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.util.Map;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Hears on the console's socket when a stage page painted a part, and for when it was meant. */
final class LiveEnd implements WebSocket.Listener, AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final long PATIENCE_NANOS = TimeUnit.SECONDS.toNanos(30);
    private final Map<String, Double> started = new ConcurrentHashMap<>();
    private final Map<Long, Double> meant = new ConcurrentHashMap<>();
    private final StringBuilder piece = new StringBuilder();
    private final WebSocket socket;

    LiveEnd(String address) {
        socket = HttpClient.newHttpClient().newWebSocketBuilder()
                .buildAsync(URI.create(address.replace("http", "ws") + "/ws/live"), this).join();
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
            started.putIfAbsent(message.at("/body/partRun").asString(), message.at("/body/at").asDouble());
        } else if (type.equals("ring")) {
            meant.put(message.at("/body/number").asLong(), message.at("/body/start").asDouble());
        }
    }

    double startedAt(String partRun) {
        return await(started, partRun);
    }

    double meantFor(long ring) {
        return await(meant, ring);
    }

    private static <K> double await(Map<K, Double> heard, K key) {
        long until = System.nanoTime() + PATIENCE_NANOS;
        while (System.nanoTime() < until) {
            Double value = heard.get(key);
            if (value != null) {
                return value;
            }
            Thread.onSpinWait();
        }
        throw new IllegalStateException("nothing was heard of " + key);
    }

    @Override
    public void close() {
        socket.abort();
    }
}
