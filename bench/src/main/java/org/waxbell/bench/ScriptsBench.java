package org.waxbell.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.util.FileSystemUtils;
import org.waxbell.act.DeskSheet;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.e2e.Packaged;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.extension.Extension;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.port.Calendars;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;
import tools.jackson.databind.node.ObjectNode;

/** What extensions cost: a line that none asked for, beside none; a line that ten hear; and what an endless loop does to the rest. */
final class ScriptsBench {
    private static final int TEN = 10;
    private final Scale scale;

    ScriptsBench(Scale scale) {
        this.scale = scale;
    }

    void run() throws Exception {
        unheard();
        Path folder = Files.createTempDirectory("waxbell-scripts");
        try (Packaged app = new Packaged(folder)) {
            live(app);
        } finally {
            FileSystemUtils.deleteRecursively(folder);
        }
    }

    private static Extension extension(int number, String hears, String code) {
        return Records.with(
                (Extension) Extension.KIND.fresh().apply(Fresh.NOTHING),
                Map.of(
                        "id",
                        "bench-" + number,
                        "name",
                        "Bench " + number,
                        "on",
                        true,
                        "hears",
                        List.of(hears),
                        "code",
                        code));
    }

    private static List<Cue> cues() {
        List<Cue> all = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            all.add(Wires.cue("cue-" + i, ChatWordPull.of("!word" + i), List.of()));
        }
        return all;
    }

    /** The engine alone: the two take turns, and of each the best of many rounds counts. */
    private void unheard() {
        Wiring none = Wires.wiring(cues());
        List<DeskSheet> ten = new ArrayList<>();
        for (int i = 0; i < TEN; i++) {
            ten.add(extension(i, "gift", ""));
        }
        Engine[] engines = {engine(none), engine(none.withDesks(ten))};
        double[] best = {Double.MAX_VALUE, Double.MAX_VALUE};
        int lines = scale.of(1_000, 100_000);
        long at = 1_700_000_000_000L;
        for (int round = 0; round < scale.of(2, 25, 100); round++) {
            for (int which = 0; which < engines.length; which++) {
                long began = System.nanoTime();
                for (int i = 0; i < lines; i++) {
                    engines[which].accept(at + i, LINE);
                }
                best[which] = Math.min(best[which], (System.nanoTime() - began) / (double) lines);
            }
            at += lines;
        }
        Figures.print("line_without", best[0], "ns");
        Figures.print("line_that_none_of_ten_asked_for", best[1], "ns");
        Figures.print("line_that_none_of_ten_asked_for_to_line_without", best[1] / best[0], "ratio");
    }

    private static final ChatLine LINE = new ChatLine(
            "practice", new Viewer("practice:wickerby", "wickerby", Set.of(Standing.FOLLOWER), 0), "good evening");

    private static Engine engine(Wiring wiring) {
        return Show.engine(new CueBook(wiring), EngineState.fresh(1), 60, Calendars.NONE);
    }

    private void live(Packaged app) {
        int lines = scale.of(5, 300, 2_000);
        lines(app, lines);
        List<Double> without = lines(app, lines);
        for (int i = 0; i < TEN; i++) {
            bring(app, i, "function heard(event) { house.log(event.text) }");
        }
        lines(app, lines);
        List<Double> with = lines(app, lines);
        Figures.printBoth("line_to_decision_without", without);
        Figures.printBoth("line_to_decision_heard_by_ten", with);
        for (int percent : new int[] {50, 99}) {
            Figures.print(
                    "heard_by_ten_to_without_p" + percent,
                    Figures.percentile(with, percent) / Figures.percentile(without, percent),
                    "ratio");
        }
        for (int i = 0; i < TEN; i++) {
            change(app, "bench-" + i, Map.of("on", false));
        }
        bring(app, TEN, "function heard() { for (;;) {} }");
        long began = System.nanoTime();
        app.say("wickerby", "now");
        List<Double> during = new ArrayList<>();
        while (!app.get("/api/desks/board?about=bench-" + TEN).get("halted").asBoolean()) {
            during.addAll(lines(app, 1));
        }
        Figures.print("endless_loop_is_stopped_after", (System.nanoTime() - began) / 1e9, "s");
        during.addAll(lines(app, lines));
        Figures.printBoth("line_to_decision_beside_an_endless_loop", during);
    }

    private static List<Double> lines(Packaged app, int count) {
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            long began = System.nanoTime();
            app.say("wickerby", "good evening");
            took.add((System.nanoTime() - began) / 1e6);
        }
        return took;
    }

    private static void bring(Packaged app, int number, String code) {
        app.post(
                "/api/sheets",
                Map.of("kind", "extension", "name", "Bench " + number, "word", "", "stage", "", "words", false));
        change(app, "bench-" + number, Map.of("on", true, "hears", List.of("line"), "code", code));
    }

    private static void change(Packaged app, String id, Map<String, ?> otherwise) {
        app.get("/api/wiring").get("desks").valueStream().forEach(each -> {
            if (each.at("/desk/id").asString().equals(id)) {
                ObjectNode desk = (ObjectNode) each.get("desk");
                otherwise.forEach(desk::putPOJO);
                app.put(
                        "/api/sheets/" + id,
                        Map.of("version", each.get("version").asLong(), "desk", desk));
            }
        });
    }
}
