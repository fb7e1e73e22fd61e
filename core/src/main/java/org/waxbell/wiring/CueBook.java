package org.waxbell.wiring;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Place;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.shelf.Shelf;

/** An immutable snapshot of the wiring, made ready for looking up: which cues does an event concern? */
public final class CueBook {
    private final Wiring wiring;
    private final Places places;
    private final Catalogue catalogue;
    private final Matcher matcher;
    private final CommandList commands;
    private final List<ReadyCue> ready;
    private final Map<String, ReadyCue> byId = new HashMap<>();

    /** Makes {@code wiring} ready; it was checked when it was saved. */
    public CueBook(Wiring wiring) {
        this(wiring, null);
    }

    private CueBook(Wiring wiring, @Nullable CueBook before) {
        this.wiring = wiring;
        this.places = new Places(wiring);
        this.catalogue = before != null && before.wiring.shelf().equals(wiring.shelf())
                ? before.catalogue
                : Catalogue.of(wiring.shelf());
        CueBook same = before != null
                        && before.wiring.house().slate().equals(wiring.house().slate())
                        && before.wiring.house().reading().equals(wiring.house().reading())
                        && before.wiring.deskValues().equals(wiring.deskValues())
                ? before
                : null;
        this.ready = wiring.cues().stream().map(cue -> ready(cue, same)).toList();
        ready.forEach(each -> byId.put(each.cue().id(), each));
        this.commands = new CommandList(ready, wiring.house().prefix());
        this.matcher = new Matcher(ready, wiring.house().prefix());
    }

    /** The book of a wiring after an edit; what did not change is not compiled again. */
    public CueBook next(Wiring edited) {
        return new CueBook(edited, this);
    }

    private ReadyCue ready(Cue cue, @Nullable CueBook before) {
        Rack rack = wiring.rack(cue.rack()).orElse(new Rack(1, cue.rack(), cue.rack(), false));
        ReadyCue was = before == null ? null : before.byId.get(cue.id());
        if (before != null
                && was != null
                && was.cue().equals(cue)
                && before.wiring.rack(rack.id()).equals(wiring.rack(rack.id()))) {
            return was;
        }
        return ReadyCue.of(cue, rack, wiring.scope(cue), wiring.house().reading());
    }

    /** The cues that {@code event} concerns, in the order of the list. */
    public List<Match> match(ShowEvent event, Matcher.FirstLines spent) {
        return matcher.match(event, spent);
    }

    /** Whether any cue waits for just this event, so that it need not be answered at all where none does. */
    public boolean waitsFor(ShowEvent event) {
        return matcher.waitsFor(event);
    }

    /** Whether a cue would take the line as a first line tonight, were it one. */
    public boolean hasFirstLine(ChatLine line) {
        return matcher.hasFirstLine(line);
    }

    /** The chat words that viewers are told of. */
    public CommandList commands() {
        return commands;
    }

    /** All cues in the order of the list. */
    public List<ReadyCue> cues() {
        return ready;
    }

    /** What other outlets do while this one sounds; empty where the place is no outlet. */
    public Optional<Outlet> outlet(Place place) {
        return places.outlet(place);
    }

    /** The cue of that id. */
    public Optional<ReadyCue> cue(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The rule of a place. */
    public BusyRule rule(Place place) {
        return places.rule(place);
    }

    /** How a sentence names a place. */
    public String placeName(Place place) {
        return places.name(place);
    }

    /** The media there are. */
    public Shelf shelf() {
        return wiring.shelf();
    }

    /** Every tune there is: what the shelf has, and the practice catalogue. */
    public Catalogue catalogue() {
        return catalogue;
    }

    /** The wiring that it was made of. */
    public Wiring wiring() {
        return wiring;
    }
}
