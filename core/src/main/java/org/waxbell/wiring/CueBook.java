package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.cue.WordKey;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.shelf.Shelf;

/** An immutable snapshot of the wiring, made ready for looking up: which cues does an event concern? */
public final class CueBook {
    private final Wiring wiring;
    private final Places places;
    private final Map<String, List<ReadyCue>> byWord = new HashMap<>();
    private final Map<String, ReadyCue> byId = new HashMap<>();

    /** Makes {@code wiring} ready; it was checked when it was saved. */
    public CueBook(Wiring wiring) {
        this.wiring = wiring;
        this.places = new Places(wiring);
        for (Cue cue : wiring.cues()) {
            add(ReadyCue.of(cue, wiring.rack(cue.rack()).orElse(new Rack(1, cue.rack(), cue.rack(), false))));
        }
    }

    private void add(ReadyCue ready) {
        byId.put(ready.cue().id(), ready);
        ready.cue().pulls().stream().flatMap(pull -> pull.chatWords().stream()).map(WordKey::of).distinct()
                .forEach(word -> byWord.computeIfAbsent(word, key -> new ArrayList<>(1)).add(ready));
    }

    /** The cues that {@code event} concerns, in the order of the list. */
    public List<ReadyCue> match(ShowEvent event) {
        return event instanceof ChatLine line ? byWord.getOrDefault(WordKey.of(line.word()), List.of()) : List.of();
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
