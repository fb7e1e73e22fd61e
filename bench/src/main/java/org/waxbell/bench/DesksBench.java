package org.waxbell.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.waxbell.actor.Actor;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.port.Calendars;
import org.waxbell.show.Show;
import org.waxbell.show.Starters;
import org.waxbell.turns.Entry;
import org.waxbell.turns.Queue;
import org.waxbell.turns.TurnsDesk;
import org.waxbell.turns.TurnsState;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/**
 * Desks: thousands joining one queue, a step of a long queue beside one of a short queue, its board, and how far a clock on a page
 * is from the server's, also after the page stood behind another.
 */
final class DesksBench {
    private static final long BEGIN = 1_700_000_000_000L;
    private static final int SHORT = 10;

    private final Scale scale;
    private final int people;
    private final int leaving;
    private final int steps;

    DesksBench(Scale scale) {
        this.scale = scale;
        people = scale.of(500, 10_000);
        leaving = people / 5;
        steps = scale.of(200, 2_000);
    }

    void run() throws Exception {
        flood();
        step();
        clocks();
    }

    private static Queue queue() {
        return Records.with(
                (Queue) Queue.KIND.fresh().apply(Fresh.NOTHING),
                Map.of("id", "bench", "name", "At the bench", "purpose", "a pour", "most", 0));
    }

    private static Engine engine() {
        Wiring bare = Wires.wiring(List.of()).withDesks(List.of(queue()));
        Starters starters = Starters.of(bare, Queue.DESK, "bench").orElseThrow();
        Wiring wired = new Wiring(
                bare.house(), List.of(starters.rack()), starters.cues(), bare.stages(), bare.desks(), bare.shelf());
        Engine engine = Show.engine(new CueBook(wired), EngineState.fresh(1), 50, Calendars.NONE);
        ask(engine, BEGIN, "open");
        return engine;
    }

    private static void ask(Engine engine, long at, String act) {
        engine.accept(at, Facts.ASKED.by(Actor.HOST, Queue.DESK, "bench", act, Map.of(), act));
    }

    private static void say(Engine engine, long at, int who, String line) {
        Viewer viewer =
                new Viewer("practice:viewer_" + who, "viewer_" + who, Set.of(Standing.FOLLOWER, Standing.ANYONE), 0);
        engine.accept(at, new ChatLine("practice", viewer, line));
    }

    private static TurnsState state(Engine engine) {
        return new TurnsDesk().restored("bench", engine.save().memory());
    }

    /** All join within ten seconds of the evening, every fifth of them leaves. */
    private void flood() {
        Engine engine = engine();
        long begun = System.nanoTime();
        for (int i = 0; i < people; i++) {
            long at = BEGIN + 1_000 + i * 10_000L / people;
            say(engine, at, i, "!bench a tall one, please");
            if (i % 5 == 4) {
                say(engine, at, i - 2, "!benchleave");
            }
        }
        long took = System.nanoTime() - begun;
        Figures.print("joined_in_ten_seconds", people, "people, " + leaving + " of them left");
        Figures.print("flood_engine_time", took / 1e6, "ms");
        TurnsState state = state(engine);
        Set<String> names = new HashSet<>();
        List<Long> orders = new ArrayList<>();
        for (Entry each : state.waiting()) {
            names.add(each.person());
            orders.add(each.order());
        }
        Figures.print("waiting_after_flood", names.size(), "of " + (people - leaving) + " wanted");
        Figures.print("doubles", state.waiting().size() - names.size(), "");
        Figures.print(
                "out_of_order",
                orders.size() - orders.stream().sorted().distinct().toList().size(),
                "");
        long board = System.nanoTime();
        TurnsState restored = state(engine);
        new TurnsDesk().board(queue(), restored, BEGIN + 20_000);
        Figures.print("board_of_the_flood", (System.nanoTime() - board) / 1e6, "ms, read from what is kept");
        long drawn = System.nanoTime();
        ask(engine, BEGIN + 30_000, "random");
        Figures.print("draw_of_the_flood", (System.nanoTime() - drawn) / 1e6, "ms");
    }

    /** One joins and leaves again, in a queue where so many wait; both by turns, so that the machine is the same for both. */
    private void step() {
        Engine few = waited(SHORT);
        Engine many = waited(people);
        timed(few, steps);
        timed(many, steps);
        List<Double> ofFew = new ArrayList<>();
        List<Double> ofMany = new ArrayList<>();
        for (int round = 0; round < 9; round++) {
            ofFew.add(timed(few, steps));
            ofMany.add(timed(many, steps));
        }
        double one = median(ofFew);
        double other = median(ofMany);
        Figures.print("step_of_" + SHORT, one, "µs");
        Figures.print("step_of_" + people, other, "µs");
        Figures.print("step_long_by_short", other / one, "× (goal 1.33)");
    }

    private static double median(List<Double> all) {
        return all.stream().sorted().toList().get(all.size() / 2);
    }

    private long at = BEGIN + 1_000_000;

    private Engine waited(int count) {
        Engine engine = engine();
        for (int i = 0; i < count; i++) {
            say(engine, BEGIN + 1_000 + i, i, "!bench");
        }
        return engine;
    }

    /** Microseconds for one who joins and leaves again. */
    private double timed(Engine engine, int times) {
        long begun = System.nanoTime();
        for (int i = 0; i < times; i++) {
            at += 10_000;
            say(engine, at, -1, "!bench sage");
            at += 10_000;
            say(engine, at, -1, "!benchleave");
        }
        return (System.nanoTime() - begun) / 1e3 / times / 2;
    }

    /** A clock as a stage page shows it beside the server's, told by the very moment at which the page says so. */
    private void clocks() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench");
        try (Packaged app = new Packaged(data);
                Browser browser = new Browser()) {
            String stage = browser.tab(
                    app.get("/api/stages/main/address").get("address").asString());
            app.post("/api/desks/clock/start", Map.of("about", "wax", "with", Map.of()));
            browser.await("it runs", any -> !shown(browser).isEmpty());
            Figures.print("clock_off", off(app, browser), "ms");
            browser.tab("about:blank");
            TimeUnit.SECONDS.sleep(scale.of(3, 60));
            browser.to(stage);
            Figures.print("clock_off_after_" + scale.of(3, 60) + "_s_behind_another_page", off(app, browser), "ms");
            BoardBench.run(app, browser, scale.of(50, 1_000), scale.of(2, 10));
        }
    }

    private static String shown(Browser browser) {
        Object text = browser.driver()
                .executeScript("return document.querySelector('.fixture.clock .time')?.textContent ?? ''");
        return String.valueOf(text);
    }

    /** How far the change to another second is from the server's, the least of three: what else happens on the machine only adds. */
    private static double off(Packaged app, Browser browser) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < 3; i++) {
            Object changed = browser.driver()
                    .executeAsyncScript(
                            "const done = arguments[0]; const time = document.querySelector('.fixture.clock .time');"
                                    + " const seen = new MutationObserver(() => { seen.disconnect();"
                                    + " done([Date.now(), time.textContent]) });"
                                    + " seen.observe(time, { childList: true, characterData: true, subtree: true })");
            List<?> told = (List<?>) changed;
            long at = ((Number) told.get(0)).longValue();
            String[] parts = String.valueOf(told.get(1)).split(":");
            long seconds = 0;
            for (String part : parts) {
                seconds = seconds * 60 + Long.parseLong(part);
            }
            long moment =
                    app.get("/api/desks/board?about=wax").at("/face/moment").asLong();
            least = Math.min(least, Math.abs(moment - at - seconds * 1_000.0));
        }
        return least;
    }
}
