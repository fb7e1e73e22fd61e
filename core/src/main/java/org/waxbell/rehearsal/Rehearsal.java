package org.waxbell.rehearsal;

import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import org.waxbell.desk.DeskReport;
import org.waxbell.directive.Directive;
import org.waxbell.directive.RunScript;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.port.Calendars;
import org.waxbell.port.Scripts;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;

/** Runs an evening through the engine in virtual time and tells what came of it; nothing is sent anywhere. */
public final class Rehearsal {
    private static final long LEAD = 60;
    /** How long after the last step the evening is carried on, so that what plays comes to its end, in milliseconds. */
    private static final long AFTERWARDS = 900_000;

    /** How long after it was called a script is taken to be done, in milliseconds. */
    private static final long SCRIPT_TAKES = 5;

    private static final int TOLD_EVERY = 500;
    private final Engine engine;
    private final Tally tally = new Tally();
    private final boolean standsIn;
    private final Consumer<Directive> watcher;
    private final Scripts scripts;
    private final PriorityQueue<Step.Reported> reports =
            new PriorityQueue<>(Comparator.comparingLong(Step.Reported::at).thenComparing(Step.Reported::partRun));

    private Rehearsal(
            CueBook book,
            EngineState from,
            Calendars calendars,
            Scripts scripts,
            boolean standsIn,
            Consumer<Directive> watcher) {
        this.scripts = scripts;
        this.engine = Show.engine(book, from, LEAD, calendars);
        this.standsIn = standsIn;
        this.watcher = watcher;
    }

    /**
     * Plays a script from an empty evening.
     *
     * @param seed     from which every draw is made
     * @param progress is told of percent, now and then
     * @param goOn     asked now and then; false ends the rehearsal early, with the report of what was played
     */
    public static Report run(
            CueBook book,
            List<Step> script,
            long seed,
            Calendars calendars,
            IntConsumer progress,
            BooleanSupplier goOn) {
        return from(book, EngineState.fresh(seed), script, false, calendars, Scripts.NONE, progress, goOn);
    }

    /**
     * Plays a script from a state.
     *
     * @param asItWas whether it is a recorded evening that is to go just as it went: with what its adapters reported and the edits that
     *                were made; else parts are stood in for, scripts are run, and edits are left out, so that {@code book} holds all the time
     */
    public static Report from(
            CueBook book,
            EngineState from,
            List<Step> script,
            boolean asItWas,
            Calendars calendars,
            Scripts scripts,
            IntConsumer progress,
            BooleanSupplier goOn) {
        List<Step> steps = asItWas
                ? script
                : script.stream()
                        .filter(step -> !(step instanceof Step.Reported) && !(step instanceof Step.Rewired))
                        .toList();
        return new Rehearsal(book, from, calendars, scripts, !asItWas, directive -> {}).play(steps, progress, goOn);
    }

    /** Plays a recorded evening again: from its opening state, with what its adapters reported. */
    public static Report again(CueBook book, EngineState from, List<Step> recorded, Calendars calendars) {
        return from(book, from, recorded, true, calendars, Scripts.NONE, percent -> {}, () -> true);
    }

    /** Plays a script from a state up to a moment, parts stood in for. @param watcher is told all that adapters would be told, in order */
    public static void watched(
            CueBook book,
            EngineState from,
            List<Step> script,
            long until,
            Calendars calendars,
            Consumer<Directive> watcher) {
        Rehearsal rehearsal = new Rehearsal(book, from, calendars, Scripts.NONE, true, watcher);
        script.forEach(rehearsal::play);
        rehearsal.reportUntil(until);
        rehearsal.note(rehearsal.engine.wake(until));
    }

    private void play(Step step) {
        reportUntil(step.at());
        note(engine.wake(step.at()));
        note(step.play(engine));
    }

    private Report play(List<Step> script, IntConsumer progress, BooleanSupplier goOn) {
        long last = script.isEmpty() ? 0 : script.get(script.size() - 1).at();
        int played = 0;
        for (Step step : script) {
            play(step);
            if (++played % TOLD_EVERY == 0) {
                progress.accept((int) (100L * played / script.size()));
                if (!goOn.getAsBoolean()) {
                    return tally.report(engine.book(), script.get(0).at(), step.at(), played);
                }
            }
        }
        reportUntil(last + AFTERWARDS);
        finish(last + AFTERWARDS);
        progress.accept(100);
        return tally.report(engine.book(), script.isEmpty() ? 0 : script.get(0).at(), last, played);
    }

    /** Schedules would go on for ever; what plays comes to its end and no more. */
    private void finish(long until) {
        while (engine.nextWake() <= until && tally.isOpen()) {
            note(engine.wake(engine.nextWake()));
        }
    }

    private void reportUntil(long moment) {
        while (!reports.isEmpty() && reports.element().at() <= moment) {
            Step.Reported next = reports.remove();
            note(engine.wake(next.at()));
            note(next.play(engine));
        }
    }

    private void note(Outcome outcome) {
        tally.note(outcome);
        outcome.directives().forEach(watcher);
        if (standsIn) {
            for (Directive directive : outcome.directives()) {
                standIn(directive);
            }
        }
    }

    private void standIn(Directive directive) {
        if (directive instanceof RunScript run) {
            DeskReport report = scripts.run(run);
            Completion came = report.failure().isEmpty()
                    ? Completion.ended(report.results())
                    : Completion.failed(report.failure(), report.results());
            reports.add(new Step.Reported(run.meantFor() + SCRIPT_TAKES, run.partRun(), came));
        }
        directive
                .standIn()
                .ifPresent(report -> reports.add(new Step.Reported(
                        directive.meantFor() + report.afterMs(),
                        directive.partRun(),
                        Completion.ended(report.results()))));
    }
}
