package org.waxbell.app.rehearse;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.calendar.RecurCalendars;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.script.Scripted;
import org.waxbell.app.wiring.StoredWiring;
import org.waxbell.app.wiring.WiringReader;
import org.waxbell.check.Problem;
import org.waxbell.engine.EngineState;
import org.waxbell.rehearsal.Comparison;
import org.waxbell.rehearsal.Rehearsal;
import org.waxbell.rehearsal.Report;
import org.waxbell.rehearsal.Script;
import org.waxbell.shelf.Shelf;
import org.waxbell.time.Spans;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.WiringDocument;

/** Rehearses a script from the command line: {@code rehearse SCRIPT [--wiring=FILE] [--against=FILE] [--data=FOLDER] [--seed=N]}. */
public final class RehearseCommand {
    private static final int LISTED = 8;
    private final Documents json = Documents.standalone();
    private final PrintStream out;
    private final PrintStream progress;
    private @Nullable Path script;
    private @Nullable Path wiring;
    private @Nullable Path against;
    private Path data = Path.of(System.getProperty("user.home"), ".waxbell");
    private long seed = 1;

    /** @param progress is told percent as it goes */
    public RehearseCommand(PrintStream out, PrintStream progress) {
        this.out = out;
        this.progress = progress;
    }

    /** Runs it; throws {@link StartRefused} with a remedy where it cannot. @param args what stands behind {@code rehearse} */
    public void run(List<String> args) {
        args.forEach(this::take);
        if (script == null) {
            throw new StartRefused(
                    "No script was named.",
                    "Write ./waxbell rehearse SCRIPT: a file of JSON Lines, or a log of an IRC channel.");
        }
        try {
            Script read = new ScriptFormat(json).read(bytes(script));
            Report report = rehearse(read, wiring, "");
            tell(read, report);
            if (against != null) {
                compare(Comparison.of(rehearse(read, against, "against "), report));
            }
        } catch (Refused refused) {
            Problem first = refused.problems().get(0);
            throw new StartRefused(
                    (first.path().isEmpty()
                                    ? ""
                                    : "At " + first.path() + (first.value().isEmpty() ? "" : " (" + first.value() + ")")
                                            + ": ")
                            + first.message(),
                    first.remedy());
        }
    }

    private void take(String arg) {
        if (arg.startsWith("--wiring=")) {
            wiring = Path.of(arg.substring("--wiring=".length()));
        } else if (arg.startsWith("--against=")) {
            against = Path.of(arg.substring("--against=".length()));
        } else if (arg.startsWith("--data=")) {
            data = Path.of(arg.substring("--data=".length()));
        } else if (arg.matches("--seed=\\d{1,18}")) {
            seed = Long.parseLong(arg.substring("--seed=".length()));
        } else if (!arg.startsWith("--") && script == null) {
            script = Path.of(arg);
        } else {
            throw new StartRefused(
                    "rehearse does not know \"" + arg + "\".",
                    "It knows SCRIPT, --wiring FILE, --against FILE, --data FOLDER and --seed NUMBER.");
        }
    }

    private static byte[] bytes(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (NoSuchFileException missing) {
            throw new StartRefused("There is no file " + file + ".", "Correct its name.");
        } catch (IOException broken) {
            throw new StartRefused(
                    "The file " + file + " cannot be read: " + broken.getMessage() + ".",
                    "Give yourself the right to read it.");
        }
    }

    /** @param file a wiring that was exported, null for the one in the data folder */
    private CueBook book(@Nullable Path file) {
        if (file == null) {
            return new CueBook(StoredWiring.read(data, json));
        }
        WiringDocument document = new WiringReader(json).read(bytes(file));
        return new CueBook(document.on(new Shelf(document.media())));
    }

    private Report rehearse(Script read, @Nullable Path file, String what) {
        EngineState from = read.opening().map(opening -> opening.state()).orElse(EngineState.fresh(seed));
        try (Scripted scripts = new Scripted()) {
            return Rehearsal.from(
                    book(file), from, read.steps(), false, new RecurCalendars(), scripts, percents(what), () -> true);
        }
    }

    /** A tenth at a time, so that a log of it stays readable. */
    private IntConsumer percents(String what) {
        int[] told = {-1};
        return percent -> {
            if (percent / 10 > told[0]) {
                told[0] = percent / 10;
                progress.println(what + percent + " %");
            }
        };
    }

    private void tell(Script read, Report report) {
        out.printf(
                "%d steps in %s: %d rings%n",
                report.steps(), Spans.inWords(read.lengthMs()), report.rings().size());
        table("cue", "rang", "held", "dropped", "longest wait");
        for (Report.CueTally cue : report.cues()) {
            table(
                    cue.name(),
                    cue.rang(),
                    cue.held().isEmpty()
                            ? 0
                            : cue.held().values().stream()
                                            .mapToInt(Integer::intValue)
                                            .sum() + " " + cue.held(),
                    cue.dropped(),
                    cue.longestMs() == 0 ? "" : Spans.inWords(cue.longestMs()));
        }
        lists(report);
        out.printf("Points: %d given, %d taken%n", report.pointsIn(), report.pointsOut());
    }

    private void lists(Report report) {
        list(
                "Never rang",
                report.cues().stream()
                        .filter(Report.CueTally::silent)
                        .map(Report.CueTally::name)
                        .toList());
        list(
                "Busiest places",
                report.places().stream()
                        .map(place -> place.name() + " " + Spans.inWords(place.busyMs()))
                        .toList());
        list(
                "Ran together",
                report.together().stream()
                        .map(pair -> pair.one() + " and " + pair.other() + " (" + pair.times() + ")")
                        .toList());
        list(
                "Longest waits",
                report.rings().stream()
                        .filter(ring -> ring.waitedMs() > 0)
                        .sorted(Comparator.comparingLong(Report.PlayedRing::waitedMs)
                                .reversed())
                        .map(ring -> ring.cueName() + " " + Spans.inWords(ring.waitedMs()))
                        .toList());
    }

    private void table(Object... cells) {
        out.printf("  %-28s %6s  %-44s %8s  %s%n", cells);
    }

    private void list(String title, List<String> items) {
        List<String> shown = new ArrayList<>(items.stream().limit(LISTED).toList());
        if (items.size() > LISTED) {
            shown.add("and " + (items.size() - LISTED) + " more");
        }
        out.println(title + ": " + (shown.isEmpty() ? "none" : String.join(", ", shown)));
    }

    private void compare(Comparison compared) {
        out.printf("%nWhat differs from %s (%d cues are the same):%n", against, compared.same());
        table("cue", "rang", "held", "dropped", "longest wait");
        for (Comparison.Difference each : compared.differences()) {
            table(
                    each.name(),
                    each.rangBefore() + " > " + each.rangAfter(),
                    each.heldBefore() + " > " + each.heldAfter(),
                    each.droppedBefore() + " > " + each.droppedAfter(),
                    Spans.inWords(each.longestBeforeMs()) + " > " + Spans.inWords(each.longestAfterMs()));
        }
        compared.desks()
                .forEach(each ->
                        out.println(each.desk() + ", " + each.happens() + ": " + each.before() + " > " + each.after()));
    }
}
