package org.waxbell.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongSupplier;
import org.waxbell.app.outside.RealScreen;
import org.waxbell.e2e.Packaged;

/**
 * From a line of chat to a key: of the practice rig, beside reading how the rig stands, and of a real program on a screen of its own, beside a
 * program that does nothing but press it there.
 */
final class KeysBench {
    private static final String KEY =
            "'kind':'switch','lengthMs':100,'stay':false,'value':'down','target':{'kind':'key','name':'F6'}";
    /** The key is up again by then. */
    private static final long REST_MS = 250;

    private static final long LOOKS_EVERY_NANOS = 100_000;
    private final RoomBench room;

    KeysBench(RoomBench room) {
        this.room = room;
    }

    /** What counts, looked at again and again from a thread of its own: the moment of each time that it grew. */
    private static final class Watched implements AutoCloseable {
        private final BlockingQueue<Long> grew = new LinkedBlockingQueue<>();
        private volatile boolean over;

        Watched(LongSupplier count) {
            Thread looking = new Thread(() -> {
                for (long last = count.getAsLong(); !over; ) {
                    long now = count.getAsLong();
                    if (now > last) {
                        grew.add(System.nanoTime());
                        last = now;
                    }
                    LockSupport.parkNanos(LOOKS_EVERY_NANOS);
                }
            });
            looking.setDaemon(true);
            looking.start();
        }

        @Override
        public void close() {
            over = true;
        }
    }

    /** Presses the key for each line that it reads: {@code bench press}, on the screen that it is told. */
    static void press() throws Exception {
        BufferedReader words = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        java.awt.Robot hand = new java.awt.Robot();
        System.out.println("ready");
        while (words.readLine() != null) {
            hand.keyPress(java.awt.event.KeyEvent.VK_F6);
            hand.keyRelease(java.awt.event.KeyEvent.VK_F6);
        }
    }

    void run(Path folder) throws Exception {
        Path data = Files.createDirectories(folder.resolve("data"));
        Files.writeString(
                data.resolve("this-computer.json"),
                "{\"keys\":[\"F6\"],\"typing\":false,\"mouse\":false,\"programs\":[]}");
        Path received = folder.resolve("received");
        try (RealScreen screen = new RealScreen(folder.resolve("screen"));
                Packaged app = new Packaged(data, Map.of("DISPLAY", screen.display()))) {
            RoomBench.cue(app, "key", KEY);
            try (Watched rig = new Watched(
                    () -> app.get("/api/practice/rig").get("presses").asLong())) {
                room.both("rig", rig.grew, 1, REST_MS, () -> app.say("wickerby", "!bkey"), () -> {
                    app.get("/api/practice/rig");
                    rig.grew.add(System.nanoTime());
                });
            }
            app.put(
                    "/api/links/computer",
                    Map.of(
                            "kind",
                            "computer",
                            "name",
                            "computer",
                            "settings",
                            Map.of("practice", false),
                            "secrets",
                            Map.of()));
            real(app, screen, received);
        }
    }

    private void real(Packaged app, RealScreen screen, Path received) throws Exception {
        Process window = begin(screen, RealScreen.received(received, "Glaze timer", 0));
        Process bare = begin(
                screen,
                List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Bench.class.getName(),
                        "press"));
        RoomBench.waitFor(() -> app.get("/api/links")
                .valueStream()
                .anyMatch(each -> each.get("id").asString().equals("computer")
                        && each.toString().contains("F6")
                        && each.at("/state/phase").asString().equals("up")));
        try (Watched keys = new Watched(() -> downs(received));
                OutputStream hand = bare.getOutputStream()) {
            RoomBench.waitFor(() -> downs(received) >= 0);
            // The window has the keyboard a moment after it is shown: the first press that reaches it is left out.
            RoomBench.waitFor(() -> {
                app.say("wickerby", "!bkey");
                return downs(received) > 0;
            });
            bare.inputReader().readLine();
            room.both("key", keys.grew, 1, REST_MS, () -> app.say("wickerby", "!bkey"), () -> {
                hand.write('\n');
                hand.flush();
            });
        } finally {
            bare.destroy();
            window.destroy();
        }
    }

    private static Process begin(RealScreen screen, List<String> command) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("DISPLAY", screen.display());
        return builder.start();
    }

    /** How many keys went down in the window so far; -1 until it is shown. */
    private static long downs(Path received) {
        try {
            List<String> lines = Files.readAllLines(received);
            return lines.contains("shown")
                    ? lines.stream().filter("down F6"::equals).count()
                    : -1;
        } catch (IOException notYet) {
            return -1;
        }
    }
}
