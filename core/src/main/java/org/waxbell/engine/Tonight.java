package org.waxbell.engine;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.WordKey;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.ChatLine;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.Identity;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Facts;
import org.waxbell.gate.LetBook;
import org.waxbell.points.Ledger;
import org.waxbell.port.Calendars;
import org.waxbell.show.Evening;
import org.waxbell.show.FirstLines;
import org.waxbell.show.KnownPeople;
import org.waxbell.show.Schedules;
import org.waxbell.show.Spent;
import org.waxbell.slate.Slate;
import org.waxbell.slate.SlateValue;
import org.waxbell.tally.Tally;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;

/** What is known of the evening beside rings: gates ask it, events and parts change it. */
final class Tonight implements Facts {
    private final LetBook lets;
    private final FirstLines firstLines;
    private final KnownPeople people;
    private final Map<String, Set<String>> circles = new HashMap<>();
    private final Set<String> neighbours = new HashSet<>();
    final Ledger ledger;
    final Slate slate;
    final Switchboard switches;
    final Schedules schedules;
    private Evening evening;
    private House house;
    private boolean kept = true;

    Tonight(Books books, CueBook book, LetBook lets, Calendars calendars) {
        this.lets = lets;
        this.evening = books.evening();
        this.ledger = new Ledger(books.ledger());
        this.slate = new Slate(book.wiring().house().values(), books.slate());
        this.firstLines = new FirstLines(books.spent());
        this.switches = new Switchboard(books.targets());
        this.people = new KnownPeople(books.known());
        this.schedules = new Schedules(calendars, books.came());
        this.house = book.wiring().house();
        rewire(book, evening.openedAt());
    }

    void rewire(CueBook book, long now) {
        house = book.wiring().house();
        slate.define(house.values());
        schedules.define(book.wiring().cues(), evening, now);
        circles.clear();
        house.circles().forEach(circle -> circles.put(circle.id(), keys(circle.people())));
        neighbours.clear();
        neighbours.addAll(keys(house.neighbours()));
    }

    private static Set<String> keys(Iterable<String> names) {
        Set<String> keys = new HashSet<>();
        names.forEach(name -> keys.add(WordKey.of(name)));
        return keys;
    }

    void kept(boolean now) {
        kept = now;
    }

    Evening evening() {
        return evening;
    }

    House house() {
        return house;
    }

    boolean isNeighbour(ShowEvent event) {
        return !neighbours.isEmpty()
                && event.by()
                        .map(each -> neighbours.contains(WordKey.of(each.name())))
                        .orElse(false);
    }

    /** Notes what an event from outside says of the evening, before cues are asked; what else is to say of it. */
    String note(long at, ShowEvent event, Outcome.Builder out) {
        event.by().ifPresent(viewer -> people.see(viewer.name()));
        if (event instanceof ChatLine && evening.open() && schedules.countsLines()) {
            become(evening.line(), out);
            schedules.line(at, evening, came -> out.changed(keeper -> keeper.came(came)));
        }
        if (event instanceof ChannelEvent told) {
            tally(told, out);
        }
        if (event instanceof HouseEvent.AirChanged air) {
            become(evening.air(air.onAir()), out);
        }
        if (event instanceof HouseEvent.SlateWritten written) {
            SlateValue value = slate.value(written.value()).orElse(null);
            if (value == null || value.perViewer() == written.person().isEmpty()) {
                return "nothing of that name is on the slate";
            }
            write(value, written.person(), written.text(), 1, out);
        }
        return event instanceof HouseEvent.ShowMoved moved ? move(at, moved.open(), out) : "";
    }

    private void tally(ChannelEvent event, Outcome.Builder out) {
        Tally.latest(event).forEach((id, text) -> slate.value(id).ifPresent(value -> write(value, "", text, 1, out)));
        Tally.adds(event)
                .forEach((id, more) -> slate.value(id)
                        .ifPresent(value -> write(
                                value, "", Long.toString(SlateValue.toNumber(slate.read(value, "")) + more), 1, out)));
    }

    private String move(long at, boolean open, Outcome.Builder out) {
        if (open == evening.open()) {
            return open ? "a show is open already" : "no show is open";
        }
        Evening next = open ? evening.opened(at) : evening.closed(at);
        evening = next;
        lets.startCounting();
        schedules.restart(next);
        out.changed(new Change.EveningMoved(next, true));
        firstLines.clear();
        if (open) {
            var wiped = slate.wipe();
            if (!wiped.isEmpty()) {
                out.moved();
                out.changed(keeper -> keeper.wiped(wiped));
            }
        }
        return "";
    }

    /** Writes on the slate; a number of the channel that moved by that is told. @param depth how many facts led to one another */
    void write(SlateValue value, String person, String text, int depth, Outcome.Builder out) {
        out.moved();
        String before = slate.read(value, person);
        var entry = slate.write(value, person, text);
        out.changed(keeper -> keeper.slate(entry));
        if (value.number() && !value.perViewer() && !entry.text().equals(before)) {
            out.follows(
                    new HouseEvent.ValueMoved(
                            value.id(), SlateValue.toNumber(before), SlateValue.toNumber(entry.text())),
                    depth);
        }
    }

    private void become(Evening next, Outcome.Builder out) {
        evening = next;
        out.changed(new Change.EveningMoved(next, false));
    }

    boolean isSpent(String cueId, FirstLinePull pull, Viewer viewer) {
        return evening.open() && firstLines.isSpent(cueId, pull.spentBy(viewer));
    }

    void spend(String cueId, FirstLinePull pull, Viewer viewer, Outcome.Builder out) {
        if (evening.open() && pull.concerns(viewer) && firstLines.spend(cueId, pull.spentBy(viewer))) {
            var spent = new Spent(cueId, Identity.key(pull.spentBy(viewer)));
            out.changed(keeper -> keeper.spent(spent));
        }
    }

    /** Gives back what was promised for a ring, or forgets that it was promised once it is paid. */
    void refund(long ring, Outcome.Builder out) {
        if (ledger.release(ring).isPresent()) {
            out.changed(keeper -> keeper.released(ring));
        }
    }

    void pay(long ring, long at, Outcome.Builder out) {
        ledger.pay(ring, at).ifPresent(entry -> {
            out.changed(new Change.PointsMoved(entry));
            out.changed(keeper -> keeper.released(ring));
        });
    }

    @Override
    public boolean showOpen() {
        return evening.open();
    }

    @Override
    public boolean onAir() {
        return evening.onAir();
    }

    @Override
    public String scene() {
        return switches.shown(new Target(Target.Kind.SCENE, ""));
    }

    @Override
    public boolean rackOn(String rack, boolean wired) {
        String shown = switches.shown(new Target(Target.Kind.RACK, rack));
        return shown.isEmpty() ? wired : shown.equals("on");
    }

    @Override
    public boolean inCircle(String circle, Viewer viewer) {
        return circles.getOrDefault(circle, Set.of()).contains(WordKey.of(viewer.name()));
    }

    @Override
    public String circleName(String circle) {
        return house.circles().stream()
                .filter(each -> each.id().equals(circle))
                .map(Circle::name)
                .findFirst()
                .orElse(circle);
    }

    @Override
    public boolean knows(String name) {
        return people.knows(name);
    }

    @Override
    public long canSpend(String person) {
        return ledger.canSpend(person);
    }

    @Override
    public boolean kept() {
        return kept;
    }

    @Override
    public String points(long count) {
        return count + " " + (count == 1 ? house.pointsOne() : house.pointsMany());
    }

    @Override
    public Map<String, Object> slate(String person) {
        return slate.seenBy(person);
    }

    /** Everything that stands on the slate by its name in words, what is counted by the program included. */
    Map<String, String> wordsOfAll(String person) {
        Map<String, String> words = new HashMap<>();
        house.values().forEach(value -> words.put(value.inWords(), slate.read(value, person)));
        return words;
    }

    /** The values of the host's own slate by their names in words. */
    Map<String, String> words(String person) {
        if (house.slate().isEmpty()) {
            return Map.of();
        }
        Map<String, String> words = new HashMap<>();
        house.slate().forEach(value -> words.put(value.inWords(), slate.read(value, person)));
        return words;
    }

    Books save() {
        return new Books(
                evening,
                ledger.save(),
                slate.save(),
                firstLines.save(),
                switches.save(),
                schedules.save(),
                people.save());
    }
}
