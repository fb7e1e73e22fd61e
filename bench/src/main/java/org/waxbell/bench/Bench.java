package org.waxbell.bench;

import java.util.List;

/** Runs the measurement of a name and prints one {@code name=value unit} a line, with how loud the machine is at its head and foot. */
public final class Bench {
    private static final List<String> NAMES = List.of(
            "ring",
            "engine",
            "rehearse",
            "links",
            "cues",
            "stage",
            "voice",
            "clips",
            "desks",
            "room",
            "people",
            "live",
            "scripts",
            "load",
            "kills",
            "evening");

    /** Those that need no page and little time: with them every run of the tests sees that measuring works. */
    private static final List<String> QUICK = List.of("ring", "engine", "rehearse", "people", "scripts");

    private Bench() {}

    /** {@code bench NAME [--long|--small]}, {@code bench all --small} or {@code bench quick --small} for many, or {@code bench crowd}, {@code bench press} and {@code bench bare PORT} for processes of their own. */
    public static void main(String[] args) throws Exception {
        String name = args.length > 0 ? args[0] : "";
        switch (name) {
            case "crowd" -> Crowd.run();
            case "press" -> KeysBench.press();
            case "bare" -> BareApp.start(Integer.parseInt(args[1]));
            case "all", "quick" -> {
                for (String each : name.equals("all") ? NAMES : QUICK) {
                    measure(each, Scale.of(args));
                }
            }
            default -> measure(name, Scale.of(args));
        }
    }

    private static void measure(String name, Scale scale) throws Exception {
        if (!NAMES.contains(name)) {
            throw new IllegalArgumentException("no benchmark is called \"" + name + "\"; there are: " + NAMES);
        }
        System.setProperty("waxbell.jar", "app/target/waxbell-boot.jar");
        long began = System.nanoTime();
        Figures.print("noise_before_p99", Figures.noise(), "ms");
        switch (name) {
            case "ring" -> new RingBench(scale).run();
            case "engine" -> EngineBench.run(scale);
            case "rehearse" -> RehearseBench.run(scale);
            case "links" -> LinksBench.run(scale);
            case "cues" -> new CuesBench(scale).run();
            case "clips" -> new ClipsBench(scale).run();
            case "desks" -> {
                new DesksBench(scale).run();
                new ListsBench(scale).run();
            }
            case "room" -> new RoomBench(scale).run();
            case "people" -> new PeopleBench(scale).run();
            case "live" -> new LiveBench(scale).run();
            case "scripts" -> new ScriptsBench(scale).run();
            case "load" -> new LoadBench(scale).run();
            case "evening" -> new EveningBench(scale).run();
            case "kills" -> new KillsBench(scale).run();
            case "voice" -> new VoiceBench(scale).run();
            default -> new StageBench(scale).run();
        }
        Figures.print("noise_after_p99", Figures.noise(), "ms");
        Figures.print("took", (System.nanoTime() - began) / 1e9, "s");
    }
}
