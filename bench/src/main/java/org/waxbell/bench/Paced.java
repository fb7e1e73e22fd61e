package org.waxbell.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntConsumer;

/** Does something so many times a second, by several threads, and waits for all of it. */
final class Paced {
    private static final int WRITERS = 24;
    private static final long SHORT_NANOS = 200_000;

    private Paced() {}

    /** How long all of it took, in seconds. @param work with its number */
    static double run(int aSecond, int count, IntConsumer work) {
        long began = System.nanoTime();
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        List<Future<?>> open = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int number = i;
            long due = began + i * 1_000_000_000L / aSecond;
            while (System.nanoTime() < due) {
                LockSupport.parkNanos(SHORT_NANOS);
            }
            open.add(writers.submit(() -> work.accept(number)));
        }
        for (Future<?> each : open) {
            try {
                each.get();
            } catch (InterruptedException | ExecutionException failed) {
                throw new IllegalStateException(failed);
            }
        }
        writers.shutdown();
        return (System.nanoTime() - began) / 1e9;
    }
}
