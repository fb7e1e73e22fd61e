package org.waxbell.app.rehearse;

import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Refused;
import org.waxbell.app.script.Scripted;
import org.waxbell.app.thread.Daemons;
import org.waxbell.app.wiring.WiringHistory;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.engine.EngineState;
import org.waxbell.port.Calendars;
import org.waxbell.rehearsal.MadeUpEvening;
import org.waxbell.rehearsal.Opening;
import org.waxbell.rehearsal.Rehearsal;
import org.waxbell.rehearsal.Report;
import org.waxbell.rehearsal.Script;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.CueBook;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.annotation.EnumNaming;

/** Rehearsals under way and the last few that are done; one is run after the other, beside the evening and behind it. */
@Component
public class Rehearsals {
    private static final Logger LOG = LoggerFactory.getLogger(Rehearsals.class);
    private static final int KEPT = 4;
    private static final long MINUTE = 60_000;
    private static final int MOST_LINES = 200_000;
    private static final String BEFORE = "before-";
    private final Scripts scripts;
    private final WiringStore wiring;
    private final WiringHistory history;
    private final Calendars calendars;
    private final Map<Long, Run> runs = new LinkedHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(Daemons.patient("rehearsal"));
    private long next;

    Rehearsals(Scripts scripts, WiringStore wiring, WiringHistory history, Calendars calendars) {
        this.scripts = scripts;
        this.wiring = wiring;
        this.history = history;
        this.calendars = calendars;
    }

    /** An evening to be made up. @param perMinute lines a minute */
    public record MadeUp(long seed, int crowd, int perMinute, int minutes) {}

    /**
     * What is to be rehearsed.
     *
     * @param script  id of a script, empty text for one that is made up
     * @param madeUp  looked at only where it is made up
     * @param wiring  {@code now}, {@code before-12} for the wiring before that edit, or {@code asItWas} for a recorded show just as it went
     * @param against a second wiring to compare with, empty text for none
     */
    public record Wanted(String script, MadeUp madeUp, String wiring, String against) {}

    /** How a rehearsal goes. */
    @EnumNaming(EnumNamingStrategies.LowerCamelCaseStrategy.class)
    public enum Going {
        /** It waits or runs. */
        RUNNING,
        /** It is done. */
        DONE,
        /** It was ended before its end; what was played is told. */
        CANCELLED,
        /** It could not be done. */
        FAILED
    }

    /** How a rehearsal stands. @param percent from 0 to 100 @param why why it failed, else empty text */
    public record Standing(long id, Going going, int percent, String why) {}

    /** What came of it. @param against what came of the second wiring, null where there was none */
    public record Result(
            Script script, Report report, @Nullable Report against) {}

    private static final class Run {
        private final long id;
        private volatile boolean cancelled;
        private volatile Standing standing;
        private volatile @Nullable Result result;

        Run(long id) {
            this.id = id;
            this.standing = new Standing(id, Going.RUNNING, 0, "");
        }

        void become(Going going, int percent, String why) {
            standing = new Standing(id, going, percent, why);
        }
    }

    /** Starts one; throws {@link Refused} where what is wanted is not there. */
    public synchronized Standing start(Wanted wanted) {
        Script script = script(wanted);
        Function<Run, Report> first = job(script, wanted, wanted.wiring(), 0);
        @Nullable
        Function<Run, Report> second = wanted.against().isEmpty() ? null : job(script, wanted, wanted.against(), 1);
        Run run = new Run(++next);
        runs.put(run.id, run);
        runs.keySet().removeIf(id -> id <= next - KEPT);
        worker.execute(() -> perform(run, script, first, second));
        return run.standing;
    }

    private static void perform(
            Run run, Script script, Function<Run, Report> first, @Nullable Function<Run, Report> second) {
        try {
            Report report = first.apply(run);
            Report against = second == null || run.cancelled ? null : second.apply(run);
            run.result = new Result(script, report, against);
            run.become(run.cancelled ? Going.CANCELLED : Going.DONE, run.cancelled ? run.standing.percent() : 100, "");
        } catch (RuntimeException broken) {
            LOG.error("A rehearsal failed", broken);
            run.become(Going.FAILED, run.standing.percent(), String.valueOf(broken.getMessage()));
        }
    }

    /** The script that is wanted; one that is made up is made for the wiring in force. */
    public Script script(Wanted wanted) {
        if (!wanted.script().isEmpty()) {
            return scripts.get(wanted.script());
        }
        MadeUp made = wanted.madeUp();
        Problems problems = new Problems();
        problems.at("crowd").within(made.crowd(), 1, 100_000, "The crowd", " viewers");
        problems.at("minutes").within(made.minutes(), 1, 720, "The length", " minutes");
        problems.at("perMinute").within(made.perMinute(), 1, 2_000, "The rate", " lines a minute");
        if (problems.found().isEmpty() && (long) made.perMinute() * made.minutes() > MOST_LINES) {
            problems.at("perMinute")
                    .add(
                            (long) made.perMinute() * made.minutes() + " lines",
                            "That is more than is rehearsed at once.",
                            "Keep it to " + MOST_LINES + " lines in all.");
        }
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        return new Script(
                Optional.empty(),
                new MadeUpEvening(made.seed(), made.crowd(), made.perMinute() * made.minutes(), made.minutes() * MINUTE)
                        .script(wiring.current().wiring()));
    }

    private Function<Run, Report> job(Script script, Wanted wanted, String which, int part) {
        boolean asItWas = which.equals("asItWas");
        Opening opening = script.opening().orElse(null);
        if (asItWas && opening == null) {
            throw new Refused(
                    "wiring",
                    which,
                    "This script was not recorded, so it has no wiring of its own.",
                    "Choose the wiring of now, or the one before an edit.");
        }
        CueBook book = asItWas && opening != null
                ? new CueBook(opening.wiring().on(new Shelf(opening.wiring().media())))
                : book(which);
        EngineState from = opening == null ? EngineState.fresh(wanted.madeUp().seed()) : opening.state();
        int parts = wanted.against().isEmpty() ? 1 : 2;
        return run -> {
            try (Scripted scripts = new Scripted()) {
                return Rehearsal.from(
                        book,
                        from,
                        script.steps(),
                        asItWas,
                        calendars,
                        scripts,
                        percent -> run.become(Going.RUNNING, (part * 100 + percent) / parts, ""),
                        () -> !run.cancelled);
            }
        };
    }

    private CueBook book(String which) {
        if (which.equals("now")) {
            return wiring.book();
        }
        if (which.startsWith(BEFORE) && which.substring(BEFORE.length()).matches("\\d{1,9}")) {
            return new CueBook(history.before(Long.parseLong(which.substring(BEFORE.length()))));
        }
        throw new Refused(
                "wiring",
                which,
                "There is no such wiring.",
                "Choose now, asItWas, or before- with the number of an edit.");
    }

    /** Whether one was played to its end since the program began. */
    public synchronized boolean wasDone() {
        return runs.values().stream().anyMatch(each -> each.standing.going() == Going.DONE);
    }

    /** How the rehearsal of that number stands; throws {@link Refused} where it is not known any more. */
    public Standing standing(long id) {
        return find(id).standing;
    }

    /** Ends it early. */
    public Standing cancel(long id) {
        Run run = find(id);
        run.cancelled = true;
        return run.standing;
    }

    /** What came of it; throws {@link Refused} while it runs. */
    public Result result(long id) {
        Result result = find(id).result;
        if (result == null) {
            throw new Refused("rehearsal", String.valueOf(id), "It is not done.", "Wait until it is.");
        }
        return result;
    }

    private synchronized Run find(long id) {
        Run run = runs.get(id);
        if (run == null) {
            throw new Refused(
                    "rehearsal",
                    String.valueOf(id),
                    "This rehearsal is not known any more; only the last " + KEPT + " are.",
                    "Run it again.");
        }
        return run;
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
