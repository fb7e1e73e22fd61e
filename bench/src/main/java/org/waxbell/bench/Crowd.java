package org.waxbell.bench;

import com.sun.management.GarbageCollectionNotificationInfo;
import java.lang.management.GarbageCollectorMXBean;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import javax.management.NotificationEmitter;
import javax.management.openmbean.CompositeData;
import org.waxbell.actor.Actor;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.Viewer;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.LimitGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.PointsPart;
import org.waxbell.score.ReplyPart;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;

/** A million different viewers in one show, each greeted, given points, and ringing a cue that remembers who rang. Run with a heap of 256 MB. */
final class Crowd {
    private static final int VIEWERS = 1_000_000;
    private static final double MB = 1024 * 1024;

    private Crowd() {}

    static void run() {
        AtomicLong longestPause = new AtomicLong();
        for (GarbageCollectorMXBean bean : ManagementFactory.getGarbageCollectorMXBeans()) {
            ((NotificationEmitter) bean)
                    .addNotificationListener(
                            (notice, with) -> {
                                var info = GarbageCollectionNotificationInfo.from((CompositeData) notice.getUserData());
                                if (!info.getGcCause().equals("No GC")
                                        && !info.getGcAction().contains("concurrent")) {
                                    longestPause.accumulateAndGet(
                                            info.getGcInfo().getDuration(), Math::max);
                                }
                            },
                            null,
                            null);
        }
        Engine engine = Show.engine(new CueBook(Wires.wiring(cues())), EngineState.fresh(1), 40, Calendars.NONE);
        engine.accept(1, Facts.show(Actor.HOST, true));
        long longest = 0;
        long before = System.nanoTime();
        for (int i = 0; i < VIEWERS; i++) {
            ChatLine line = new ChatLine(
                    "practice",
                    new Viewer("practice:viewer" + i, "viewer" + i, Set.of(), 0),
                    i % 2 == 0 ? "!pour" : "hello");
            long start = System.nanoTime();
            engine.accept(1_000 + i * 10L, line);
            longest = Math.max(longest, System.nanoTime() - start);
        }
        Figures.print("crowd_lines", VIEWERS / ((System.nanoTime() - before) / 1e9), "per_s");
        Figures.print("crowd_longest_answer", longest / 1e6, "ms");
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        Figures.print("crowd_heap_kept", (runtime.totalMemory() - runtime.freeMemory()) / MB, "MB");
        Figures.print("crowd_heap_limit", runtime.maxMemory() / MB, "MB");
        Figures.print("crowd_longest_pause", longestPause.get(), "ms");
        if (engine.save().evening().show() != 1) {
            throw new IllegalStateException("the show ended early");
        }
    }

    private static List<Cue> cues() {
        ReplyPart says = new ReplyPart("r", new Anchor.At(0), "good evening, {viewer}", Manner.PLAIN);
        return List.of(
                Wires.cue(
                        "greet",
                        new FirstLinePull(FirstLinePull.Whose.EACH, "", false),
                        List.of(),
                        List.of(says, new PointsPart("p", new Anchor.At(0), 20, Manner.PLAIN))),
                Wires.cue(
                        "pour",
                        ChatWordPull.of("!pour"),
                        List.of(new CooldownGate(0, 3_600_000), new LimitGate(0, 5), new PriceGate(5)),
                        List.of(says)));
    }
}
