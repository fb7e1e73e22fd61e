package org.waxbell.app;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.context.ConfigurableApplicationContext;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a free port, asked over real HTTP as a page would ask. */
final class Running implements AutoCloseable {
    static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(10)).build();
    private final Options options;
    private final String name;
    private ConfigurableApplicationContext context;

    Running(Options options, String name) {
        this.options = options;
        this.name = name;
        this.context = App.start(options);
    }

    static Running demo(Path data) {
        return new Running(Options.usual(data, freePort(), true), "127.0.0.1");
    }

    static Running empty(Path data) {
        return new Running(Options.usual(data, freePort(), false), "127.0.0.1");
    }

    /** One whose data folder says that it is reached at another address. */
    static Running reached(Path data, String address) {
        return new Running(Options.usual(data, freePort(), true), address);
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    void restart() throws IOException {
        restart(() -> {});
    }

    /** Ends it and starts it again. @param meanwhile what happens while it does not run */
    void restart(Runnable meanwhile) throws IOException {
        close();
        meanwhile.run();
        context = App.start(options);
    }

    <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    Path data() {
        return options.data();
    }

    String host() {
        return name + ":" + options.port();
    }

    /** An answer with its status and body as JSON (missing where there is none). */
    record Answer(int status, Map<String, List<String>> headers, JsonNode body) {
        String header(String name) {
            return String.join(", ", headers.getOrDefault(name, List.of()));
        }
    }

    Answer ask(String method, String path, String body, String... headers) {
        return askBytes(method, path, body == null ? null : body.getBytes(StandardCharsets.UTF_8), headers);
    }

    Answer askBytes(String method, String path, byte[] body, String... headers) {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://" + host() + path))
                    .timeout(Duration.ofSeconds(30))
                    .method(
                            method,
                            body == null
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofByteArray(body));
            if (body != null && !List.of(headers).contains("Content-Type")) {
                request.header("Content-Type", "application/json");
            }
            if (headers.length > 0) {
                request.headers(headers);
            }
            HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            boolean json =
                    answer.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(answer.statusCode(), answer.headers().map(), JSON.readTree(json ? answer.body() : "{}"));
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** A file as it comes. */
    byte[] file(String path) {
        try {
            return client.send(
                            HttpRequest.newBuilder(URI.create("http://" + host() + path))
                                    .build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    String askText(String path) {
        try {
            return client.send(
                            HttpRequest.newBuilder(URI.create("http://" + host() + path))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    Answer get(String path) {
        return ask("GET", path, null);
    }

    Answer post(String path, Object body) {
        return ask("POST", path, body == null ? null : JSON.writeValueAsString(body));
    }

    Answer put(String path, Object body) {
        return ask("PUT", path, JSON.writeValueAsString(body));
    }

    Answer say(String name, String text) {
        return post("/api/practice/lines", Map.of("name", name, "text", text, "privately", false));
    }

    /** Puts a scene on programme, as a person at the practice mixer does. */
    void cut(String scene) {
        byHand("scene.cut", scene, true);
    }

    /** Starts or ends the stream, likewise. */
    void stream(boolean on) {
        byHand("stream.set", "", on);
    }

    private void byHand(String what, String scene, boolean on) {
        Map<String, Object> place = Map.of("left", 0, "top", 0, "width", 0, "height", 0);
        Answer done = post(
                "/api/practice/mixer/hand",
                Map.of(
                        "what", what, "scene", scene, "source", "", "text", "", "level", 0, "on", on, "filter", "",
                        "place", place));
        if (done.status() != 200) {
            throw new IllegalStateException("the practice mixer did not do it: " + done.body());
        }
    }

    JsonNode cue(String id) {
        for (JsonNode each : get("/api/wiring").body().get("cues")) {
            if (each.at("/cue/id").asString().equals(id)) {
                return each;
            }
        }
        throw new IllegalStateException(
                "no cue " + id + " among " + get("/api/wiring").body().get("cues"));
    }

    Path log() {
        return options.data().resolve("log/waxbell.log");
    }

    static List<Path> list(Path folder) throws IOException {
        try (var files = Files.list(folder)) {
            return files.sorted().toList();
        }
    }

    @Override
    public void close() throws IOException {
        DataFolder folder = context.getBean(DataFolder.class);
        context.close();
        folder.close();
    }

    @Override
    public String toString() {
        return "Running on " + host() + " with " + options;
    }
}
