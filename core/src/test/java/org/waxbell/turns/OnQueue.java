package org.waxbell.turns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.show.Starters;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** An engine with one queue and its chat words, as viewers and the host use them. */
final class OnQueue {
    static final Queue BENCH = Records.with(
            (Queue) Queue.KIND.fresh().apply(Fresh.NOTHING),
            Map.of(
                    "id",
                    "bench",
                    "name",
                    "At the bench",
                    "purpose",
                    "what you would like poured",
                    "sample",
                    "sage, tall",
                    "outcomes",
                    List.of("poured", "burnt", "put off")));
    Engine engine;
    long at = 1_700_000_000_000L;
    private Queue queue;

    OnQueue(Map<String, ?> rules) {
        queue = Records.with(BENCH, rules);
        engine = Samples.engine(new CueBook(wiring(queue)), EngineState.fresh(4));
    }

    static Wiring wiring(Queue queue) {
        Wiring bare = Samples.wiring().withDesks(List.of(queue));
        Starters starters = Starters.of(bare, Queue.DESK, queue.id()).orElseThrow();
        List<Rack> racks = new ArrayList<>(bare.racks());
        racks.add(starters.rack());
        List<Cue> cues = starters.cues();
        return new Wiring(bare.house(), racks, cues, bare.stages(), bare.desks(), bare.shelf());
    }

    static Viewer viewer(String name, int months) {
        return new Viewer(
                "practice:" + name,
                name,
                months > 0
                        ? Set.of(Standing.MEMBER, Standing.FOLLOWER, Standing.ANYONE)
                        : Set.of(Standing.FOLLOWER, Standing.ANYONE),
                months);
    }

    static Viewer viewer(String name) {
        return viewer(name, 0);
    }

    void pass(long seconds) {
        at += seconds * 1_000;
        engine.wake(at);
    }

    /** What somebody is answered in chat, empty text for nothing. */
    String say(Viewer viewer, String line) {
        at += 6_000;
        return said(engine.accept(at, Samples.line(viewer, line)));
    }

    static String said(Outcome outcome) {
        return String.join(
                "\n",
                outcome.directives().stream()
                        .filter(SayInChat.class::isInstance)
                        .map(each -> ((SayInChat) each).text())
                        .toList());
    }

    /** What the host is answered who presses. */
    String ask(String act, String... with) {
        return host(act, with).decisions().get(0).note();
    }

    Outcome host(String act, String... with) {
        Map<String, String> said = new TreeMap<>();
        for (int i = 0; i < with.length; i += 2) {
            said.put(with[i], with[i + 1]);
        }
        return engine.accept(at, Facts.ASKED.by(Actor.HOST, Queue.DESK, "bench", act, said, act));
    }

    void restart() {
        engine = Samples.engine(new CueBook(wiring(queue)), engine.save());
    }

    TurnsState state() {
        return new TurnsDesk().restored("bench", engine.save().memory());
    }

    TurnsBoard board() {
        return new TurnsDesk().board(queue, state(), at);
    }

    List<String> waiting() {
        return state().waiting().first(1_000).stream().map(Entry::name).toList();
    }

    List<String> up() {
        return state().head().up().stream().map(each -> each.entry().name()).toList();
    }
}
