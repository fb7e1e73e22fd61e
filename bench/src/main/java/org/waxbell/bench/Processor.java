package org.waxbell.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** What Chromium's processes use of a processor, all of them together, as Linux counts it. */
final class Processor {
    private Processor() {}

    /** The share used during the next seconds, in percent of one processor. */
    static double share(int seconds) throws IOException, InterruptedException {
        Map<Long, Long> before = ticks();
        TimeUnit.SECONDS.sleep(seconds);
        long used = ticks().entrySet().stream()
                .filter(each -> before.containsKey(each.getKey()))
                .mapToLong(each -> each.getValue() - before.get(each.getKey()))
                .sum();
        return used / (double) seconds;
    }

    /** Clock ticks (100 a second) that each process has used, by its number. */
    private static Map<Long, Long> ticks() throws IOException {
        Map<Long, Long> used = new HashMap<>();
        try (Stream<Path> all = Files.list(Path.of("/proc"))) {
            for (Path each : all.filter(path -> path.getFileName().toString().matches("\\d+"))
                    .toList()) {
                try {
                    String stat = Files.readString(each.resolve("stat"));
                    if (stat.contains("(chromium)") || stat.contains("(chrome)")) {
                        String[] fields =
                                stat.substring(stat.lastIndexOf(')') + 2).split(" ");
                        used.put(
                                Long.parseLong(each.getFileName().toString()),
                                Long.parseLong(fields[11]) + Long.parseLong(fields[12]));
                    }
                } catch (IOException gone) {
                    continue;
                }
            }
        }
        return used;
    }
}
