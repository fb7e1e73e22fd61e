package org.waxbell.engine;

import java.util.HashMap;
import java.util.Map;
import org.waxbell.booking.Place;
import org.waxbell.directive.SetFace;
import org.waxbell.fixture.Face;
import org.waxbell.fixture.FaceFacts;
import org.waxbell.fixture.Fixture;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.WordBook;

/** What every fixture shows; each that shows something else after a step is told to its stage. */
final class Faces {
    private final Handlers handlers;
    private final WordBook words;
    private final Map<Place, Face> shown = new HashMap<>();

    Faces(Handlers handlers, WordBook words) {
        this.handlers = handlers;
        this.words = words;
    }

    /** Looks at all again where anything that they read may have moved. */
    void tell(long at, Wiring wiring, Turn out) {
        Map<String, String> values = handlers.wordsOfAll();
        for (Stage stage : wiring.stages()) {
            for (Fixture fixture : stage.fixtures()) {
                Place place = new Place(stage.id(), fixture.id());
                Face ofDesk = handlers.desks().face(fixture.shows().orElseGet(place::toString));
                Face face = ofDesk != null ? ofDesk : fixture.face(new FaceFacts(values, words));
                if (!face.equals(shown.put(place, face))) {
                    out.directed(new SetFace(at, stage.id(), fixture.id(), face));
                }
            }
        }
    }
}
