package org.waxbell.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.Samples;
import org.waxbell.act.DeskSheet;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Books;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.event.Identity;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.show.Starters;
import org.waxbell.state.Book;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** An engine with one desk and its chat words, as viewers and the host use them. */
public class OnDesk<D extends DeskSheet, S> {
    /** What runs. */
    public Engine engine;
    /** Now. */
    public long at = 1_700_000_000_000L;

    protected final D document;
    private final Desk<D, S> desk;

    public OnDesk(Desk<D, S> desk, D document) {
        this.desk = desk;
        this.document = document;
        engine = Samples.engine(new CueBook(wiring(document)), EngineState.fresh(4));
    }

    public static Wiring wiring(DeskSheet document) {
        Wiring bare = Samples.wiring().withDesks(List.of(document));
        Starters starters = Starters.of(bare, document.desk(), document.id()).orElseThrow();
        List<Rack> racks = new ArrayList<>(bare.racks());
        racks.add(starters.rack());
        List<Cue> cues = starters.cues();
        return new Wiring(bare.house(), racks, cues, bare.stages(), bare.desks(), bare.shelf());
    }

    public static Viewer viewer(String name, int months) {
        return new Viewer(
                "practice:" + name,
                name,
                months > 0
                        ? Set.of(Standing.MEMBER, Standing.FOLLOWER, Standing.ANYONE)
                        : Set.of(Standing.FOLLOWER, Standing.ANYONE),
                months);
    }

    public static Viewer viewer(String name) {
        return viewer(name, 0);
    }

    public void pass(long seconds) {
        at += seconds * 1_000;
        engine.wake(at);
    }

    /** What somebody is answered in chat, empty text for nothing. */
    public String say(Viewer viewer, String line) {
        at += 6_000;
        return said(engine.accept(at, Samples.line(viewer, line)));
    }

    /** What is said in chat by an outcome. */
    public static String said(Outcome outcome) {
        return String.join(
                "\n",
                outcome.directives().stream()
                        .filter(SayInChat.class::isInstance)
                        .map(each -> ((SayInChat) each).text())
                        .toList());
    }

    /** What the host is answered who presses. */
    public String ask(String act, String... with) {
        return host(act, with).decisions().get(0).note();
    }

    /** The host presses. @param with keys and what is said for them, in turn */
    public Outcome host(String act, String... with) {
        Map<String, String> said = new TreeMap<>();
        for (int i = 0; i < with.length; i += 2) {
            said.put(with[i], with[i + 1]);
        }
        return engine.accept(at, Facts.ASKED.by(Actor.HOST, document.desk(), document.id(), act, said, act));
    }

    public void restart() {
        engine = Samples.engine(new CueBook(wiring(document)), engine.save());
    }

    /** Somebody owns so many points from now on. */
    public void owns(Viewer viewer, long points) {
        EngineState state = engine.save();
        long key = Identity.key(viewer.id());
        state.memory().put(Books.BALANCES, Book.key(key), points);
        engine = Samples.engine(new CueBook(wiring(document)), state);
    }

    /** What somebody owns, in points. */
    public long owned(Viewer viewer) {
        long key = Identity.key(viewer.id());
        return engine.save().memory().get(Books.BALANCES, Book.key(key)).orElse(0L);
    }

    public S state() {
        return desk.restored(document.id(), engine.save().memory());
    }
}
