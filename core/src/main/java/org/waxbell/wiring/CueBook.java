package org.waxbell.wiring;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.Rack;
import org.waxbell.event.ShowEvent;
import org.waxbell.shelf.Shelf;

/** An immutable snapshot of the wiring, made ready for looking up: which cues does an event concern? */
public final class CueBook {
    private final Wiring wiring;
    private final Places places;
    private final Matcher matcher;
    private final Map<String, ReadyCue> byId = new HashMap<>();

    /** Makes {@code wiring} ready; it was checked when it was saved. */
    public CueBook(Wiring wiring) {
        this.wiring = wiring;
        this.places = new Places(wiring);
        List<ReadyCue> ready = wiring.cues().stream().map(cue ->
                ReadyCue.of(cue, wiring.rack(cue.rack()).orElse(new Rack(1, cue.rack(), cue.rack(), false)))).toList();
        ready.forEach(each -> byId.put(each.cue().id(), each));
        this.matcher = new Matcher(ready);
    }

    /** The cues that {@code event} concerns, in the order of the list. */
    public List<ReadyCue> match(ShowEvent event) {
        return matcher.match(event);
    }

    /** The cue of that id. */
    public Optional<ReadyCue> cue(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The rule of a place named {@code stage/spot}. */
    public BusyRule rule(String place) {
        return places.rule(place);
    }

    /** How a sentence names a place. */
    public String placeName(String place) {
        return places.name(place);
    }

    /** The media there are. */
    public Shelf shelf() {
        return wiring.shelf();
    }

    /** The wiring that it was made of. */
    public Wiring wiring() {
        return wiring;
    }
}
