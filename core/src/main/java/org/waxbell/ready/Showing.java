package org.waxbell.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.actor.Actor;
import org.waxbell.booking.Place;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.SetFace;
import org.waxbell.directive.StageDirective;
import org.waxbell.engine.EngineState;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.Face;
import org.waxbell.port.Calendars;
import org.waxbell.rehearsal.Rehearsal;
import org.waxbell.rehearsal.Step;
import org.waxbell.wiring.CueBook;

/**
 * What a wiring shows and says when this happens in it, played by the engine itself and sent nowhere.
 *
 * @param at    the moment that is looked at, in milliseconds from the start
 * @param parts what stage pages would be told and what is still seen then, in order
 * @param faces what fixtures show then
 * @param said  what was said in chat by then, in order
 */
public record Showing(long at, List<StageDirective> parts, Map<Place, Face> faces, List<String> said) {
    /** How far apart events happen, in milliseconds: far enough that nothing of one is left at the next, and soon enough for what lasts a minute. */
    private static final long APART = 8_000;

    /** There is a show, and it is on air. */
    private static final List<ShowEvent> BEFORE = List.of(Facts.show(Actor.HOST, true), Facts.air(Actor.HOST, true));

    private static final long SEED = 11;

    public Showing {
        parts = List.copyOf(parts);
        faces = Map.copyOf(faces);
        said = List.copyOf(said);
    }

    /** Lets the events happen one after another. @param afterMs how long after the last of them it is looked at */
    public static Showing of(CueBook book, List<ShowEvent> events, long afterMs, Calendars calendars) {
        List<Step> script = new ArrayList<>();
        BEFORE.forEach(event -> script.add(new Step.Happens(0, event)));
        for (ShowEvent event : events) {
            script.add(new Step.Happens((script.size() - BEFORE.size() + 1) * APART, event));
        }
        long at = events.size() * APART + afterMs;
        Noted noted = new Noted(at);
        Rehearsal.watched(book, EngineState.fresh(SEED), script, at, calendars, noted::note);
        return new Showing(at, noted.parts, noted.faces, noted.said);
    }

    /** What came by then. */
    private static final class Noted {
        private final long at;
        private final List<StageDirective> parts = new ArrayList<>();
        private final Map<Place, Face> faces = new TreeMap<>();
        private final List<String> said = new ArrayList<>();

        Noted(long at) {
            this.at = at;
        }

        void note(Directive directive) {
            if (directive.meantFor() > at) {
                return;
            }
            if (directive instanceof SetFace set) {
                faces.put(new Place(set.stage(), set.fixture()), set.face());
            } else if (directive instanceof SayInChat say) {
                said.add(say.text());
            } else if (directive instanceof StageDirective part && part.over() > at) {
                parts.add(part);
            }
        }
    }
}
