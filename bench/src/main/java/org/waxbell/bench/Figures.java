package org.waxbell.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Percentiles, the machine's noise, a process's memory, and how a figure is printed. */
final class Figures {
    private static final int NAPS = 400;

    private Figures() {}

    static void print(String name, double value, String unit) {
        System.out.printf(Locale.ROOT, "%s=%.2f %s%n", name, value, unit);
    }

    /** The nearest-rank percentile. */
    static double percentile(List<Double> values, int percent) {
        if (values.isEmpty()) {
            throw new IllegalStateException("nothing was heard that could be measured");
        }
        List<Double> sorted = values.stream().sorted().toList();
        return sorted.get(Math.min(sorted.size() - 1, (int) Math.ceil(sorted.size() * percent / 100.0) - 1));
    }

    static void printBoth(String name, List<Double> values) {
        print(name + "_p50", percentile(values, 50), "ms");
        print(name + "_p99", percentile(values, 99), "ms");
    }

    /** How late this machine wakes who slept for 1 ms, at the 99 percentile, in ms: what no program here can do better than. */
    static double noise() throws InterruptedException {
        List<Double> late = new ArrayList<>();
        for (int i = 0; i < NAPS; i++) {
            long before = System.nanoTime();
            Thread.sleep(1);
            late.add((System.nanoTime() - before) / 1e6 - 1);
        }
        return percentile(late, 99);
    }

    /** Resident memory of a process in MB, as Linux tells it. */
    static double memory(Process process) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS"))
                .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1_024)
                .findFirst()
                .orElse(0);
    }
}
