package org.waxbell.app.health;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.GarbageCollectorMXBean;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryUsage;
import java.time.Duration;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Version;
import org.waxbell.time.Spans;

/** What the program takes of this computer. */
@Component
@Order(1)
class ProgramVitals implements VitalSource {
    private static final String PART = "The program";

    @Override
    public List<Vital> vitals() {
        MemoryUsage heap = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage();
        double full = heap.getUsed() / (double) heap.getMax();
        OperatingSystemMXBean machine = ManagementFactory.getPlatformMXBean(OperatingSystemMXBean.class);
        double busy = Math.max(0, machine.getProcessCpuLoad()) * machine.getAvailableProcessors() * 100;
        Duration up = Duration.ofMillis(ManagementFactory.getRuntimeMXBean().getUptime());
        double tidying = 100.0
                * ManagementFactory.getGarbageCollectorMXBeans().stream()
                        .mapToLong(GarbageCollectorMXBean::getCollectionTime)
                        .sum()
                / Math.max(1, up.toMillis());
        int threads = ManagementFactory.getThreadMXBean().getThreadCount();
        return List.of(
                Vital.fine(
                        PART,
                        "Version",
                        "Wax Bell " + Version.current() + ", Java " + System.getProperty("java.version") + ", "
                                + System.getProperty("os.name") + " " + System.getProperty("os.arch")),
                Vital.fine(PART, "Runs for", Spans.inWords(up.toSeconds() * 1_000)),
                Vital.below(
                        PART,
                        "Processor",
                        Math.round(busy) + " % of one; there are " + machine.getAvailableProcessors(),
                        busy / machine.getAvailableProcessors(),
                        50,
                        90),
                Vital.below(
                        PART,
                        "Memory",
                        Sizes.of(heap.getUsed()) + " of at most " + Sizes.of(heap.getMax()),
                        full,
                        0.9,
                        0.98),
                Vital.below(PART, "Spent on tidying memory", "%.1f %%".formatted(tidying), tidying, 10, 30),
                Vital.below(PART, "Threads", Integer.toString(threads), threads, 200, 1_000));
    }
}
