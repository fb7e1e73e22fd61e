package org.waxbell.app.script;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.App;
import org.waxbell.app.config.OwnProgram;
import org.waxbell.app.script.ScriptCall.Came;
import org.waxbell.app.thread.Daemons;
import org.waxbell.directive.RunScript;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs scripts in a program of its own beside this one, which has little memory and is ended where it does not answer: whatever a script
 * eats, the evening does not feel it. It is begun with the first call, and anew after it ended.
 */
final class ScriptHost implements AutoCloseable {
    /** How much memory it has, in MB. */
    static final int MEGABYTES = 96;
    /** When it is ended because it does not answer, in milliseconds. */
    static final long SILENT = 4_000;

    private static final long BEGINS_WITHIN = 30_000;
    private static final long ENDS_WITHIN = 1_000;
    private static final int OUT_OF_MEMORY = 3;
    private static final JsonMapper JSON = new JsonMapper();
    private final ExecutorService thread;
    private final ScheduledExecutorService timer =
            Executors.newSingleThreadScheduledExecutor(Daemons.named("scripts' timer"));
    private volatile @Nullable Running child;

    /** @param name of its thread */
    ScriptHost(String name) {
        thread = Executors.newSingleThreadExecutor(Daemons.named(name));
    }

    /** One program that runs. */
    private static final class Running {
        private final Process process;
        private final BufferedReader in;
        private final OutputStream out;
        private final Set<String> has = new HashSet<>();

        Running() throws IOException {
            ProcessBuilder builder = new ProcessBuilder(OwnProgram.command(
                            App.class.getName(),
                            List.of("-Xmx" + MEGABYTES + "m", "-XX:+ExitOnOutOfMemoryError", "-Xss1m"),
                            App.SCRIPTS))
                    .redirectError(ProcessBuilder.Redirect.DISCARD);
            // It is told nothing of where it runs.
            builder.environment().keySet().retainAll(Set.of("SystemRoot"));
            process = builder.start();
            in = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
            out = process.getOutputStream();
        }
    }

    /** Runs one, behind those that were called before. */
    CompletableFuture<Came> call(RunScript run) {
        return CompletableFuture.supplyAsync(
                () -> answer(
                        run.code(),
                        run.function(),
                        run.event(),
                        run.settings(),
                        run.notes(),
                        run.seed(),
                        run.meantFor()),
                thread);
    }

    /** Why code cannot be read, with the line; empty text where it can. */
    String faultOf(String code) {
        return CompletableFuture.supplyAsync(() -> answer(code, "", Map.of(), Map.of(), Map.of(), 0, 0), thread)
                .join()
                .failure();
    }

    private Came answer(
            String code,
            String function,
            Map<String, Object> event,
            Map<String, Object> settings,
            Map<String, String> notes,
            long seed,
            long now) {
        AtomicBoolean ended = new AtomicBoolean();
        try {
            Running before = child;
            boolean fresh = before == null || !before.process.isAlive();
            Running running = before == null || fresh ? new Running() : before;
            child = running;
            String hash = Integer.toHexString(code.hashCode()) + "-" + code.length();
            boolean first = running.has.add(hash);
            ScriptCall call = new ScriptCall(hash, first ? code : null, function, event, settings, notes, seed, now);
            ScheduledFuture<?> guard = timer.schedule(
                    () -> {
                        ended.set(true);
                        running.process.destroyForcibly();
                    },
                    fresh ? BEGINS_WITHIN : SILENT,
                    TimeUnit.MILLISECONDS);
            try {
                running.out.write((JSON.writeValueAsString(call) + "\n").getBytes(StandardCharsets.UTF_8));
                running.out.flush();
                String line = running.in.readLine();
                if (line == null) {
                    return gone(running, ended.get());
                }
                Came came = JSON.readValue(line, Came.class);
                if (!came.failure().isEmpty()) {
                    // What could not be read is not kept there.
                    running.has.remove(hash);
                }
                return came;
            } finally {
                guard.cancel(false);
            }
        } catch (IOException | JacksonException broken) {
            Running running = child;
            return running == null
                    ? Came.failed("no script can be run here: " + broken.getMessage(), false)
                    : gone(running, ended.get());
        }
    }

    private Came gone(Running running, boolean ended) {
        child = null;
        try {
            // What it ends with says why, so it is not ended while it is about to end by itself.
            if (!running.process.waitFor(ENDS_WITHIN, TimeUnit.MILLISECONDS)) {
                running.process.destroyForcibly().waitFor(ENDS_WITHIN, TimeUnit.MILLISECONDS);
            }
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
        }
        boolean memory = !running.process.isAlive() && running.process.exitValue() == OUT_OF_MEMORY;
        return memory
                ? Came.failed("it used more memory than there is for scripts, " + MEGABYTES + " MB", true)
                : Came.failed(
                        ended
                                ? "it did not come back within " + SILENT / 1_000 + " seconds, and was ended"
                                : "the program that runs scripts ended",
                        ended);
    }

    @Override
    public void close() {
        thread.shutdownNow();
        timer.shutdownNow();
        Running running = child;
        if (running != null) {
            running.process.destroyForcibly();
        }
    }
}
