package org.waxbell.app;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;

/** A page's end of a socket, in a test. */
final class Listening implements WebSocket.Listener, AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private final BlockingQueue<JsonNode> heard = new LinkedBlockingQueue<>();
    private final CompletableFuture<Integer> closed = new CompletableFuture<>();
    private final StringBuilder piece = new StringBuilder();
    private final WebSocket socket;

    Listening(Running app, String path, String... headers) {
        WebSocket.Builder builder = HttpClient.newHttpClient().newWebSocketBuilder();
        for (int i = 0; i < headers.length; i += 2) {
            builder.header(headers[i], headers[i + 1]);
        }
        socket = builder.buildAsync(URI.create("ws://" + app.host() + path), this)
                .join();
    }

    /** A stage page that shows {@code key}. */
    static Listening stage(Running app, String key) {
        Listening page = new Listening(app, "/ws/stage");
        page.report("hello", "\"key\":\"" + key + "\"");
        return page;
    }

    void report(String type, String field) {
        String[] fields = {
            "\"key\":\"\"",
            "\"sent\":0",
            "\"roundTrip\":0",
            "\"voices\":{}",
            "\"sounds\":false",
            "\"partRun\":\"\"",
            "\"at\":0",
            "\"why\":\"\""
        };
        List<String> all = new ArrayList<>(List.of("\"type\":\"" + type + "\""));
        for (String each : fields) {
            String name = each.substring(0, each.indexOf(':'));
            all.add(field.startsWith(name) ? field : each);
        }
        send("{" + String.join(",", all) + "}");
    }

    void send(String text) {
        socket.sendText(text, true).join();
    }

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
        piece.append(data);
        if (last) {
            heard.add(Running.JSON.readTree(piece.toString()));
            piece.setLength(0);
        }
        from.request(1);
        return null;
    }

    @Override
    public CompletionStage<?> onClose(WebSocket from, int code, String reason) {
        closed.complete(code);
        return null;
    }

    /** The next message that fits; fails loudly where none comes. */
    JsonNode next(Predicate<JsonNode> fits) {
        long until = System.nanoTime() + PATIENCE.toNanos();
        try {
            while (true) {
                JsonNode message = heard.poll(until - System.nanoTime(), TimeUnit.NANOSECONDS);
                if (message == null) {
                    throw new AssertionError("no such message came within " + PATIENCE);
                }
                if (fits.test(message)) {
                    return message;
                }
            }
        } catch (InterruptedException stopped) {
            throw new AssertionError(stopped);
        }
    }

    JsonNode next(String type) {
        return next(message -> message.get("type").asString().equals(type));
    }

    int closedWith() {
        return closed.orTimeout(PATIENCE.toSeconds(), TimeUnit.SECONDS).join();
    }

    @Override
    public void close() {
        socket.abort();
    }
}
