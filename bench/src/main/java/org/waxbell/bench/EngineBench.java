package org.waxbell.bench;

import java.io.IOException;
import java.util.Collection;
import java.util.Locale;
import java.util.TreeMap;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs the engine's JMH measurements in processes of their own and prints them beside their yardstick. */
final class EngineBench {
    private EngineBench() {}

    static void run(Scale scale) throws RunnerException, IOException, InterruptedException {
        Options options = new OptionsBuilder()
                .include(Lines.class.getName())
                .include(Rings.class.getName())
                .include(RuleYardsticks.class.getName())
                .forks(scale.of(0, 1, 3))
                .warmupIterations(scale.of(0, 3))
                .warmupTime(TimeValue.seconds(2))
                .measurementIterations(scale.of(1, 3, 8))
                .measurementTime(TimeValue.milliseconds(scale.of(50, 2_000)))
                .verbosity(VerboseMode.SILENT)
                .build();
        Collection<RunResult> results = new Runner(options).run();
        TreeMap<String, Double> scores = new TreeMap<>();
        for (RunResult result : results) {
            String name = result.getPrimaryResult().getLabel();
            String cues = result.getParams().getParam("cues");
            scores.put(
                    cues == null ? name : name + "_" + cues,
                    result.getPrimaryResult().getScore());
        }
        scores.forEach((name, score) -> System.out.printf(Locale.ROOT, "%s=%.0f per_s%n", name, score));
        for (String cues : new String[] {"10", "1000", "10000"}) {
            ratio(scores, "miss_" + cues, "lookUp_" + cues);
            ratio(scores, "match_" + cues, "lookUp_" + cues);
        }
        ratio(scores, "miss_10", "miss_10000");
        ratio(scores, "missWithPhrases_1000", "lookUp_1000");
        ratio(scores, "rules", "rulesEasy");
        ratio(scores, "rules", "rulesDrools");
        if (!scale.small()) {
            crowd();
        }
    }

    /** A million viewers, in a process with the heap that they must fit into. */
    private static void crowd() throws IOException, InterruptedException {
        new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-Xmx256m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Bench.class.getName(),
                        "crowd")
                .inheritIO()
                .start()
                .waitFor();
    }

    private static void ratio(TreeMap<String, Double> scores, String one, String other) {
        if (scores.containsKey(one) && scores.containsKey(other)) {
            System.out.printf(Locale.ROOT, "%s_to_%s=%.2f ratio%n", one, other, scores.get(one) / scores.get(other));
        }
    }
}
