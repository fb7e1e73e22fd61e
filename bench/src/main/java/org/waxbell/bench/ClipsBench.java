package org.waxbell.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;

/**
 * Clips: what keeping the last minutes costs, how long a clip of 30 s takes and how large it is, and what both do to cards, each beside
 * the same while nothing is kept.
 */
final class ClipsBench {
    private static final int SECONDS = 30;
    private static final double TICKS_A_SECOND = 100;
    private final Scale scale;

    ClipsBench(Scale scale) {
        this.scale = scale;
    }

    void run() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench");
        try (Packaged app = new Packaged(data);
                Browser browser = new Browser();
                LiveEnd live = new LiveEnd(app.address())) {
            Drafts.cue(app, "card", List.of(Drafts.card("card", "corner", 0, 500)));
            Drafts.cue(app, "clip", List.of(Drafts.clip("clip")));
            browser.tab(app.get("/api/stages/main/address").get("address").asString());
            browser.await(
                    "the stage has joined",
                    any -> app.get("/api/live").get("pages").size() == 1);
            ShoutoutBench.run(app, browser, scale.of(2, 6));
            int cards = scale.of(3, 40);
            live.cards(app, cards);
            List<Double> off = new ArrayList<>();
            double idle = share(app, () -> off.addAll(live.cards(app, cards)));
            double memory = Figures.memory(app.process());
            app.stream(true);
            // What makes frames is compiled while it runs; an evening is longer than that takes.
            live.cards(app, cards);
            List<Double> kept = new ArrayList<>();
            double keeping = share(app, () -> kept.addAll(live.cards(app, cards)));
            double still = share(app, () -> TimeUnit.SECONDS.sleep(scale.of(2, SECONDS)));
            Figures.print("memory_of_keeping", Figures.memory(app.process()) - memory, "MB");
            Figures.printBoth("card_with_nothing_kept", off);
            Figures.printBoth("card_while_kept", kept);
            Figures.print("kept_to_nothing_kept", Figures.percentile(kept, 50) / Figures.percentile(off, 50), "");
            Figures.print("processor_with_nothing_kept", idle, "% of a processor, a card every 0.6 s");
            Figures.print("processor_while_kept", keeping, "% likewise");
            Figures.print("processor_while_kept_still", still, "% while nothing happens");
            make(app, live, cards, off);
        }
    }

    private void make(Packaged app, LiveEnd live, int cards, List<Double> off) throws Exception {
        int clips = scale.of(1, 5);
        List<Double> took = new ArrayList<>();
        List<Double> meanwhile = new ArrayList<>();
        for (int i = 0; i < clips; i++) {
            // Another stretch each time, for the same is not made twice.
            meanwhileOf(app, live, cards);
            int before = app.get("/api/clips").get("clips").size();
            long begun = System.nanoTime();
            app.say("tallowmoth", "!clip");
            while (app.get("/api/clips").get("clips").size() == before) {
                meanwhile.addAll(live.cards(app, 1));
                if (System.nanoTime() - begun > TimeUnit.MINUTES.toNanos(2)) {
                    throw new IllegalStateException("no clip was made");
                }
            }
            took.add((System.nanoTime() - begun) / 1e6);
        }
        JsonNode clip = app.get("/api/clips").at("/clips/0");
        double seconds = (clip.get("ends").asLong() - clip.get("begins").asLong()) / 1_000.0;
        long bytes = app.get("/api/shelf")
                .valueStream()
                .filter(each ->
                        each.at("/row/hash").asString().equals(clip.get("hash").asString()))
                .mapToLong(each -> each.at("/row/bytes").asLong())
                .sum();
        Figures.print("clip_seconds", seconds, "s");
        Figures.printBoth("clip_made", took);
        Figures.print("clip_size", bytes / 1e6, "MB");
        Figures.printBoth("card_while_made", meanwhile);
        Figures.print("made_to_nothing_kept", Figures.percentile(meanwhile, 50) / Figures.percentile(off, 50), "");
    }

    private void meanwhileOf(Packaged app, LiveEnd live, int cards) {
        live.cards(app, scale.of(1, cards / 2));
    }

    private interface Work {
        void run() throws InterruptedException;
    }

    /** What of a processor the program used meanwhile, in percent. */
    private static double share(Packaged app, Work work) throws IOException, InterruptedException {
        long before = ticks(app);
        long begun = System.nanoTime();
        work.run();
        return (ticks(app) - before) / TICKS_A_SECOND * 100 / ((System.nanoTime() - begun) / 1e9);
    }

    private static long ticks(Packaged app) throws IOException {
        String stat = Files.readString(Path.of("/proc/" + app.process().pid() + "/stat"));
        String[] fields = stat.substring(stat.lastIndexOf(')') + 2).split(" ");
        return Long.parseLong(fields[11]) + Long.parseLong(fields[12]);
    }
}
