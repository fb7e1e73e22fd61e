package org.waxbell.bench;

import java.util.List;
import java.util.Set;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.port.Calendars;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;

/** Rings that pass four gates and play a score of five parts to its end, in virtual time. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
public class Rings {
    private static final long APART = 8_000;
    private final Engine engine = Show.engine(
            new CueBook(Wires.wiring(List.of(Wires.cue(
                    "pour",
                    ChatWordPull.of("!pour"),
                    List.of(
                            new WhoGate(Set.of(Standing.MEMBER), 1, List.of(), List.of(), List.of()),
                            new ArgumentGate(ArgumentGate.Wants.NUMBER, 1, 10, List.of(), false, ""),
                            new CooldownGate(5_000, 5_000)))))),
            EngineState.fresh(1),
            40,
            Calendars.NONE);
    private final ChatLine line =
            new ChatLine("practice", new Viewer("practice:ines", "ines", Set.of(Standing.MEMBER), 3), "!pour 7");
    private long at;

    /** One ring, and the end of the one before it. */
    @Benchmark
    public Outcome ring() {
        at += APART;
        return engine.accept(at, line);
    }
}
