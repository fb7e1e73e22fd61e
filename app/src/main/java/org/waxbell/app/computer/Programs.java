package org.waxbell.app.computer;

import java.io.File;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Programs of this computer, each known by what is run: started once, waited for, asked to end, ended. Safe for several threads. */
final class Programs {
    /** How often a window that is waited for is looked for, in milliseconds. */
    private static final long STEP_MS = 50;
    /** Where a desktop lets no new window in front, nothing is gained by waiting longer. */
    private static final long IN_FRONT_MS = 3_000;

    private final Windows windows;
    private final Map<List<String>, Process> started = new ConcurrentHashMap<>();

    Programs(Windows windows) {
        this.windows = windows;
    }

    /** Starts it unless it runs, and returns when its window is there and gets the keys, or another keeps them. */
    void start(List<String> run, long limitMs) throws Refusal, IOException, InterruptedException {
        long late = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(limitMs);
        if (running(run).isEmpty()) {
            try {
                started.put(
                        run,
                        new ProcessBuilder(run)
                                .redirectErrorStream(true)
                                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                                .redirectInput(ProcessBuilder.Redirect.from(nothing()))
                                .start());
            } catch (IOException cannot) {
                throw new Refusal(run.get(0) + " cannot be started: " + cannot.getMessage());
            }
        }
        while (!windows.shown(pids(run))) {
            if (running(run).isEmpty()) {
                throw new Refusal(run.get(0) + " ended before its window was there");
            }
            if (System.nanoTime() > late) {
                throw new Refusal("its window was not there in time");
            }
            Thread.sleep(STEP_MS);
        }
        // A window is seen before it gets the keys, and what follows is often a key.
        long patience = Math.min(late, System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(IN_FRONT_MS));
        while (!windows.inFront(pids(run)) && System.nanoTime() < patience) {
            Thread.sleep(STEP_MS);
        }
    }

    private static File nothing() {
        return new File(File.separatorChar == '/' ? "/dev/null" : "NUL");
    }

    /** Asks it to end, and ends it where half of the time did not do; nothing happens where it does not run. */
    void end(List<String> run, long limitMs) throws Refusal, InterruptedException {
        List<ProcessHandle> all = running(run);
        all.forEach(ProcessHandle::destroy);
        if (!over(all, limitMs / 2)) {
            all.forEach(ProcessHandle::destroyForcibly);
            if (!over(all, limitMs / 2)) {
                throw new Refusal(run.get(0) + " does not end");
            }
        }
        started.remove(run);
    }

    private static boolean over(List<ProcessHandle> all, long withinMs) throws InterruptedException {
        try {
            CompletableFuture.allOf(all.stream().map(ProcessHandle::onExit).toArray(CompletableFuture<?>[]::new))
                    .get(withinMs, TimeUnit.MILLISECONDS);
            return true;
        } catch (TimeoutException | ExecutionException late) {
            return false;
        }
    }

    /** Whether a window of one of them gets the keys now. */
    boolean anyInFront(List<List<String>> runs) throws Refusal {
        return windows.inFront(
                runs.stream().flatMap(each -> pids(each).stream()).collect(Collectors.toSet()));
    }

    private Set<Long> pids(List<String> run) {
        return running(run).stream()
                .flatMap(each -> Stream.concat(Stream.of(each), each.descendants()))
                .map(ProcessHandle::pid)
                .collect(Collectors.toSet());
    }

    /** Those that run, whoever started them, as far as the system tells what they were started with. */
    private List<ProcessHandle> running(List<String> run) {
        Process ours = started.get(run);
        if (ours != null && ours.isAlive()) {
            return List.of(ours.toHandle());
        }
        String[] arguments = run.subList(1, run.size()).toArray(String[]::new);
        return ProcessHandle.allProcesses()
                .filter(each -> each.info().command().filter(run.get(0)::equals).isPresent()
                        && each.info()
                                .arguments()
                                .filter(with -> Arrays.equals(with, arguments))
                                .isPresent())
                .toList();
    }
}
