package org.waxbell.bench;

/** Runs the measurement of a name and prints one {@code name=value unit} a line. */
public final class Bench {
    private Bench() {}

    /** {@code bench ring [--long]}, {@code bench engine [--long]}, {@code bench rehearse}, {@code bench links [--long]}, {@code bench cues}, {@code bench stage [--long]}, or {@code bench crowd} and {@code bench bare PORT} for processes of their own. */
    public static void main(String[] args) throws Exception {
        String name = args.length > 0 ? args[0] : "";
        switch (name) {
            case "ring" -> new RingBench(args.length > 1 && args[1].equals("--long")).run();
            case "engine" -> EngineBench.run(args.length > 1 && args[1].equals("--long"));
            case "rehearse" -> RehearseBench.run();
            case "links" -> LinksBench.run(args.length > 1 && args[1].equals("--long"));
            case "cues" -> new CuesBench().run();
            case "stage" -> new StageBench(args.length > 1 && args[1].equals("--long")).run();
            case "crowd" -> Crowd.run();
            case "bare" -> BareApp.start(Integer.parseInt(args[1]));
            default ->
                throw new IllegalArgumentException("no benchmark is called \"" + name
                        + "\"; there are: ring, engine, rehearse, links, cues, stage");
        }
    }
}
