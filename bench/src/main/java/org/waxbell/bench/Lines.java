package org.waxbell.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.Pull;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Viewer;
import org.waxbell.port.Calendars;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Match;
import org.waxbell.words.WordKey;

/** Lines of chat that no cue waits for, among so many cued words; the yardstick is a look-up of the same folded words. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
public class Lines {
    private static final int LINES = 1_024;
    /** How many cues there are. */
    @Param({"10", "1000", "10000"})
    public int cues;

    private final ChatLine[] lines = new ChatLine[LINES];
    private final Map<String, String> words = new HashMap<>();
    private Engine engine;
    private Engine withPhrases;
    private CueBook book;
    private int next;
    private long at;

    /** Makes the lines and the engines. */
    @Setup
    public void make() {
        List<Cue> all = new ArrayList<>();
        for (int i = 0; i < cues; i++) {
            all.add(Wires.cue("cue-" + i, ChatWordPull.of("!word" + i), List.of()));
            words.put(WordKey.of("!word" + i), "cue-" + i);
        }
        book = new CueBook(Wires.wiring(all));
        engine = Show.engine(book, EngineState.fresh(1), 40, Calendars.NONE);
        List<Cue> more = new ArrayList<>(all);
        for (int i = 0; i < 250; i++) {
            Pull pull = i < 200
                    ? new PhrasePull(List.of("phrase number " + i), true)
                    : new PatternPull("tap(er|s)? *no" + i, "no" + i);
            more.add(Wires.cue("more-" + i, pull, List.of()));
        }
        withPhrases = Show.engine(new CueBook(Wires.wiring(more)), EngineState.fresh(1), 40, Calendars.NONE);
        for (int i = 0; i < LINES; i++) {
            Viewer viewer = new Viewer("practice:viewer" + i % 97, "viewer" + i % 97, Set.of(), 0);
            lines[i] = new ChatLine(
                    "practice", viewer, "Lovely" + i % 211 + " flame tonight, and the wax is nearly clear " + i);
        }
    }

    private ChatLine line() {
        next = (next + 1) & (LINES - 1);
        return lines[next];
    }

    /** The yardstick. */
    @Benchmark
    public String lookUp() {
        return words.get(WordKey.of(line().word()));
    }

    /** Only finding that no cue is concerned. */
    @Benchmark
    public List<Match> match() {
        return book.match(line(), (match, line) -> true);
    }

    /** The whole answer of the engine, with its decision. */
    @Benchmark
    public Outcome miss() {
        return engine.accept(++at, line());
    }

    /** The same with 200 phrases and 50 patterns beside the words. */
    @Benchmark
    public Outcome missWithPhrases() {
        return withPhrases.accept(++at, line());
    }
}
