package org.waxbell.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The packaged application as a process of its own. */
public final class Packaged implements AutoCloseable {
    private static final Path JAR = Path.of(System.getProperty("waxbell.jar", "../app/target/waxbell-boot.jar"));
    /** Java is started as people start it. */
    private static final Path OPTIONS = JAR.toAbsolutePath()
            .getParent()
            .resolve("../../packaging/java-options")
            .normalize();
    /** What Java is told besides; tests, each of which starts it anew, have it compiled less well. */
    private static final String JAVA = System.getProperty("waxbell.java", "");

    private static final List<String> HOW = how();
    private static final Duration PATIENCE = Duration.ofSeconds(120);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client = HttpClient.newHttpClient();
    private final int port;
    private final Process process;
    private final Path data;

    public Packaged(Path data) {
        this(data, Map.of());
    }

    /** @param environment beside our own, such as the screen that it knows */
    public Packaged(Path data, Map<String, String> environment) {
        this(data, environment, true);
    }

    private Packaged(Path data, Map<String, String> environment, boolean demo) {
        this(data, List.of(), environment, demo ? List.of("--demo") : List.of());
    }

    private Packaged(Path data, List<String> around, Map<String, String> environment, List<String> more) {
        this.data = data;
        port = freePort();
        List<String> words = new ArrayList<>(List.of("--data=" + data, "--port=" + port));
        words.addAll(more);
        process = launch(around, environment, words.toArray(String[]::new));
        awaitAnswer();
    }

    /** On a disk of its own, with the demo. @param more words that it is started with besides */
    public static Packaged on(SmallDisk disk, String... more) {
        List<String> words = new ArrayList<>(List.of("--demo"));
        words.addAll(List.of(more));
        return new Packaged(disk.data(), disk.around(), Map.of(), words);
    }

    /** The same with an empty house. */
    public static Packaged empty(Path data) {
        return new Packaged(data, Map.of(), false);
    }

    /** Another way to start it than that of the build: by a program that nothing around it helps. */
    static Packaged by(Path program, Path data) {
        return new Packaged(program, data);
    }

    private Packaged(Path program, Path data) {
        this.data = data;
        port = freePort();
        ProcessBuilder builder =
                new ProcessBuilder(program.toString(), "demo", "--data=" + data, "--port=" + port).inheritIO();
        builder.environment().clear();
        try {
            process = builder.start();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
        awaitAnswer();
    }

    /** The jar under test. */
    static Path jar() {
        return JAR;
    }

    /** Starts the program with these words, its output kept with the test's. */
    public static Process launch(String... words) {
        return launch(List.of(), Map.of(), words);
    }

    /** The same within something else. @param around a command that starts the one behind it, such as as somebody else */
    static Process launch(List<String> around, String... words) {
        return launch(around, Map.of(), words);
    }

    /** As {@code ./waxbell} starts it; the archive itself where what starts quickly was made of another one. */
    private static List<String> how() {
        List<String> how = new ArrayList<>();
        if (!JAVA.isEmpty()) {
            how.add(JAVA);
        }
        Path quick = JAR.toAbsolutePath().resolveSibling("quick");
        boolean fits;
        try {
            quick = Files.exists(quick) ? quick.toRealPath() : quick;
            fits = Files.exists(quick.resolve("made-of"))
                    && Files.readString(quick.resolve("made-of")).startsWith(sum(JAR));
        } catch (IOException | GeneralSecurityException broken) {
            throw new IllegalStateException(broken);
        }
        if (fits) {
            how.addAll(List.of("-XX:SharedArchiveFile=" + quick.resolve("classes.jsa"), "-Xlog:cds=off"));
        }
        how.addAll(List.of("-jar", (fits ? quick.resolve(JAR.getFileName()) : JAR).toString()));
        return how;
    }

    private static String sum(Path file) throws IOException, GeneralSecurityException {
        MessageDigest sum = MessageDigest.getInstance("SHA-256");
        try (InputStream in = new DigestInputStream(Files.newInputStream(file), sum)) {
            in.transferTo(OutputStream.nullOutputStream());
        }
        return HexFormat.of().formatHex(sum.digest());
    }

    private static Process launch(List<String> around, Map<String, String> environment, String... words) {
        List<String> command = new ArrayList<>(around);
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(List.of("@" + OPTIONS, "-Xmx" + System.getProperty("waxbell.heap", "256m")));
        command.addAll(HOW);
        command.addAll(List.of(words));
        try {
            ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
            builder.environment().putAll(environment);
            return builder.start();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    public static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private void awaitAnswer() {
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (System.nanoTime() < until) {
            try {
                if (linksAreOpen()) {
                    return;
                }
            } catch (IllegalStateException notYet) {
                // It is asked again.
            }
            if (ended(50)) {
                break;
            }
        }
        throw new AssertionError("the packaged application did not answer");
    }

    /** Links are opened once pages can be asked for, all in one go: what is asked of one before finds none. */
    private boolean linksAreOpen() {
        return get("/api/links")
                .valueStream()
                .anyMatch(each -> each.path("kind").asString("").equals("room"));
    }

    /** The process itself. */
    public Process process() {
        return process;
    }

    /** Its data folder. */
    Path data() {
        return data;
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    public JsonNode get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address() + path)).build());
    }

    /** What is told there, as it is written. */
    String text(String path) {
        try {
            return HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address() + path)).build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    public JsonNode put(String path, Object body) {
        return send(HttpRequest.newBuilder(URI.create(address() + path))
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)))
                .build());
    }

    public JsonNode post(String path, Object body) {
        return send(HttpRequest.newBuilder(URI.create(address() + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)))
                .build());
    }

    /** A made-up event that sets a saved cue off. */
    JsonNode sample(String cue) {
        return post("/api/cues/look", cue(cue)).at("/events/0/event");
    }

    /** Brings a file onto the shelf. */
    public JsonNode bring(String folder, String name, byte[] content) {
        return send(HttpRequest.newBuilder(URI.create(address() + "/api/shelf?folder=" + folder + "&name=" + name))
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content))
                .build());
    }

    /** The scene that is on programme. */
    String scene() {
        return get("/api/mixer").at("/picture/current").asString("");
    }

    /** Starts or ends the stream, as a person at the practice mixer does. */
    public void stream(boolean on) {
        atMixer("stream.set", "", on);
    }

    /** Puts a scene on programme, likewise. */
    void cut(String scene) {
        atMixer("scene.cut", scene, true);
    }

    private void atMixer(String what, String scene, boolean on) {
        Map<String, Object> place = Map.of("left", 0, "top", 0, "width", 0, "height", 0);
        post(
                "/api/practice/mixer/hand",
                Map.of(
                        "what", what, "scene", scene, "source", "", "text", "", "level", 0, "on", on, "filter", "",
                        "place", place));
    }

    /** A desk as it is kept, with its version. */
    JsonNode sheet(String id) {
        return get("/api/wiring")
                .get("desks")
                .valueStream()
                .filter(each -> each.at("/desk/id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    public JsonNode say(String name, String text) {
        return post("/api/practice/lines", Map.of("name", name, "text", text, "privately", false));
    }

    /** Something happens on the practice channel. @param numbers of its fields by their names in words @param texts likewise */
    public JsonNode happen(String kind, String name, Map<String, ?> numbers, Map<String, String> texts) {
        return post("/api/practice/events", Map.of("kind", kind, "name", name, "numbers", numbers, "texts", texts));
    }

    /** A cue as it is kept. */
    JsonNode cue(String id) {
        return get("/api/wiring")
                .get("cues")
                .valueStream()
                .map(each -> each.get("cue"))
                .filter(each -> each.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Takes something away. */
    void delete(String path) {
        send(HttpRequest.newBuilder(URI.create(address() + path)).DELETE().build());
    }

    /** Takes a desk away with all that asked it. */
    void deleteDesk(String id) {
        long version = sheet(id).get("version").asLong();
        send(HttpRequest.newBuilder(URI.create(address() + "/api/sheets/" + id + "?withCues=true&version=" + version))
                .DELETE()
                .build());
    }

    /** Takes a cue away. */
    void deleteCue(String id) {
        long version = get("/api/wiring")
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/id").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .get("version")
                .asLong();
        send(HttpRequest.newBuilder(URI.create(address() + "/api/cues/" + id + "?version=" + version))
                .DELETE()
                .build());
    }

    private JsonNode send(HttpRequest request) {
        try {
            return JSON.readTree(
                    client.send(request, HttpResponse.BodyHandlers.ofString()).body());
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** Ends the process as a loss of power for it would: nothing is said to it. */
    public void killHard() {
        process.destroyForcibly();
        await();
    }

    @Override
    public void close() {
        process.destroy();
        await();
    }

    private void await() {
        if (!ended(60_000)) {
            process.destroyForcibly();
        }
    }

    /** Whether the process has ended, after waiting for that so long at most. */
    private boolean ended(long millis) {
        try {
            return process.waitFor(millis, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return true;
        }
    }
}
