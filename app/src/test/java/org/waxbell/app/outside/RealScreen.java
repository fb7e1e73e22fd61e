package org.waxbell.app.outside;

import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/** A screen of X11 without a monitor, by Debian's Xvfb, on which programs show their windows and get their keys. */
public final class RealScreen implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private final Process server;
    private final String display;

    /** Starts it and returns when programs can show windows there. */
    public RealScreen(Path folder) {
        Path number = folder.resolve("display");
        try {
            Files.createDirectories(folder);
            server = new ProcessBuilder("Xvfb", "-displayfd", "1", "-screen", "0", "1024x768x24", "-nolisten", "tcp")
                    .redirectOutput(number.toFile())
                    .redirectError(folder.resolve("screen.log").toFile())
                    .start();
        } catch (IOException missing) {
            throw new IllegalStateException(
                    "Xvfb is missing; ./waxbell test installs it: apt-get install xvfb", missing);
        }
        await("the screen is there")
                .atMost(PATIENCE)
                .until(() -> Files.readString(number).endsWith("\n"));
        try {
            display = ":" + Files.readString(number).strip();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** Its name, for the variable {@code DISPLAY}. */
    public String display() {
        return display;
    }

    /** What runs {@link Received}, which writes into {@code file}. */
    public static List<String> received(Path file, String title, int left) {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                classes().toString(),
                Received.class.getName(),
                file.toString(),
                title,
                Integer.toString(left));
    }

    private static Path classes() {
        try {
            return Path.of(Received.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
        } catch (URISyntaxException broken) {
            throw new IllegalStateException(broken);
        }
    }

    @Override
    public void close() {
        server.destroy();
    }
}
