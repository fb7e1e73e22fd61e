package org.waxbell.engine;

import java.util.HashMap;
import java.util.Map;
import org.waxbell.directive.SetFace;
import org.waxbell.fixture.Face;
import org.waxbell.fixture.FaceFacts;
import org.waxbell.fixture.Fixture;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.WordBook;

/** What every fixture shows; each that shows something else after a step is told to its stage. */
final class Faces {
    private final Tonight tonight;
    private final Wheels wheels;
    private final WordBook words;
    private final Map<String, Face> shown = new HashMap<>();

    Faces(Tonight tonight, Wheels wheels, WordBook words) {
        this.tonight = tonight;
        this.wheels = wheels;
        this.words = words;
    }

    /** Looks at all again where anything that they read may have moved. */
    void tell(long at, Wiring wiring, Outcome.Builder out) {
        Map<String, String> values = tonight.wordsOfAll("");
        for (Stage stage : wiring.stages()) {
            for (Fixture fixture : stage.fixtures()) {
                String place = stage.id() + "/" + fixture.id();
                Face face = fixture.face(new FaceFacts(values, words, wheels.state(place)));
                if (!face.equals(shown.put(place, face))) {
                    out.directed(new SetFace(at, stage.id(), fixture.id(), face));
                }
            }
        }
    }
}
