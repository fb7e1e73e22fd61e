package org.waxbell.app.config;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.thread.Daemons;

/**
 * A program that was unpacked somewhere learns, after its first start there, to start in about half the time. It is done by a program of its own,
 * behind all others; see {@code packaging/learn}.
 */
@Component
class QuickStart {
    /** The folder of the program where it brings its own Java along; none where it is started otherwise. */
    private static final String HOME = "waxbell.home";

    /** By then whoever started it has looked around. */
    private static final long AFTER_S = 60;

    private static final Logger LOG = LoggerFactory.getLogger(QuickStart.class);

    private final ScheduledExecutorService later =
            Executors.newSingleThreadScheduledExecutor(Daemons.named("quick-start"));

    @EventListener
    void ready(ApplicationReadyEvent event) {
        String home = System.getProperty(HOME);
        if (home != null) {
            Path folder = Path.of(home);
            if (Files.isWritable(folder) && !Files.exists(folder.resolve("classes.jsa"))) {
                later.schedule(() -> learn(folder), AFTER_S, TimeUnit.SECONDS);
            }
        }
        later.shutdown();
    }

    private static void learn(Path folder) {
        Path java = Path.of(System.getProperty("java.home"), "bin", "java");
        try {
            new ProcessBuilder(
                            "nice",
                            "-n",
                            "19",
                            "sh",
                            folder.resolve("learn").toString(),
                            folder.toString(),
                            java.toString())
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException cannot) {
            LOG.info("Starting stays as slow as it is: {}", cannot.getMessage());
        }
    }
}
