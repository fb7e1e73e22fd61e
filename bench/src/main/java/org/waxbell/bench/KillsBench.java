package org.waxbell.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.waxbell.e2e.Packaged;
import org.waxbell.e2e.SmallDisk;

/**
 * The program killed at random moments under load, and the power lost likewise, by a disk that keeps only what it was told to write down: all that was
 * acknowledged is there, the ledger adds up, the database is whole, and the next start takes it up.
 */
final class KillsBench {
    private static final int MEGABYTES = 400;
    private final Scale scale;

    KillsBench(Scale scale) {
        this.scale = scale;
    }

    void run() throws Exception {
        int kills = scale.of(2, 12, 200);
        Path data = Files.createTempDirectory("waxbell-bench-kills").resolve("data");
        Acknowledged all = new Acknowledged();
        double slowest = 0;
        List<String> lost = new ArrayList<>();
        for (int i = 0; i < kills; i++) {
            long began = System.nanoTime();
            Packaged app = new Packaged(data);
            slowest = Math.max(slowest, (System.nanoTime() - began) / 1e9);
            all.until(app, i, app::killHard);
            lost.addAll(all.lost(data.resolve("waxbell.db")));
        }
        Figures.print("kills", kills, "");
        all.print("");
        Figures.print("lost_or_wrong", lost.size(), "");
        Figures.print("slowest_start", slowest, "s");
        none(lost);
        int cuts = scale.of(1, 5, 50);
        Figures.print("losses_of_power", cuts, "");
        none(power(cuts, "power_", "--to-disk"));
        // Beside it what is lost where the program does not wait for the disk; by this one sees that the disk does
        // forget.
        power(scale.of(1, 3, 10), "power_not_waiting_");
    }

    private static List<String> power(int cuts, String name, String... words) throws Exception {
        Acknowledged all = new Acknowledged();
        SmallDisk disk = new SmallDisk(Files.createTempDirectory("waxbell-bench-power"), MEGABYTES);
        List<String> lost = new ArrayList<>();
        for (int i = 0; i < cuts; i++) {
            Packaged app = Packaged.on(disk, words);
            all.until(app, i, () -> disk.losePower(app.process()));
            // What was lost once is missed only once.
            lost = all.lost(disk.copied("waxbell.db"));
        }
        all.print(name);
        Figures.print(name + "lost_or_wrong", lost.size(), "");
        return lost;
    }

    private static void none(List<String> lost) {
        if (!lost.isEmpty()) {
            throw new IllegalStateException("lost or wrong: " + lost.subList(0, Math.min(10, lost.size())));
        }
    }
}
