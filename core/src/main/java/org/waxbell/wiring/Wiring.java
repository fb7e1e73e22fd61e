package org.waxbell.wiring;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.waxbell.act.DeskDocument;
import org.waxbell.act.DeskSheet;
import org.waxbell.booking.Place;
import org.waxbell.condition.Scope;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.fixture.Fixture;
import org.waxbell.look.Look;
import org.waxbell.score.Ground;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/** Everything the host has wired, as one immutable value: racks and cues in the order in which they are listed. */
public record Wiring(
        House house, List<Rack> racks, List<Cue> cues, List<Stage> stages, List<DeskSheet> desks, Shelf shelf)
        implements Ground {
    public Wiring {
        racks = List.copyOf(racks);
        cues = List.copyOf(cues);
        stages = List.copyOf(stages);
        desks = List.copyOf(desks);
    }

    /** A wiring in which no desk stands by itself. */
    public Wiring(House house, List<Rack> racks, List<Cue> cues, List<Stage> stages, Shelf shelf) {
        this(house, racks, cues, stages, List.of(), shelf);
    }

    /** The same with other desks that stand by themselves. */
    public Wiring withDesks(List<DeskSheet> others) {
        return new Wiring(house, racks, cues, stages, others, shelf);
    }

    /** The desk of that id that stands by itself. */
    public Optional<DeskSheet> desk(String id) {
        return desks.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** The same where it is of that sort; empty where another stands there. */
    public <D extends DeskSheet> Optional<D> desk(String id, Class<D> sort) {
        return desk(id).filter(sort::isInstance).map(sort::cast);
    }

    /** All desks of that sort that stand by themselves. */
    public <D extends DeskSheet> List<D> desksOf(Class<D> sort) {
        return desks.stream().filter(sort::isInstance).map(sort::cast).toList();
    }

    /** The rack of that id. */
    public Optional<Rack> rack(String id) {
        return racks.stream().filter(rack -> rack.id().equals(id)).findFirst();
    }

    @Override
    public Optional<Stage> stage(String id) {
        return stages.stream().filter(stage -> stage.id().equals(id)).findFirst();
    }

    @Override
    public boolean hasRack(String id) {
        return rack(id).isPresent();
    }

    @Override
    public Map<String, Boolean> slate() {
        Map<String, Boolean> values = new TreeMap<>();
        house.values().forEach(each -> values.put(each.id(), each.number()));
        return values;
    }

    @Override
    public List<Look> looks() {
        return house.allLooks();
    }

    @Override
    public Optional<DeskDocument> deskDocument(String desk, String place) {
        return Optional.ofNullable(deskDocuments().get(place))
                .filter(each -> each.desk().equals(desk));
    }

    /** Everything that desks run, by its place. */
    public Map<String, DeskDocument> deskDocuments() {
        Map<String, DeskDocument> all = new LinkedHashMap<>();
        for (Stage stage : stages) {
            for (Fixture fixture : stage.fixtures()) {
                if (fixture instanceof DeskDocument document) {
                    all.put(new Place(stage.id(), fixture.id()).toString(), document);
                }
            }
        }
        desks.forEach(each -> all.put(each.id(), each));
        all.put(house.reading().id(), house.reading());
        return all;
    }

    /** The values that desks bring for words and conditions: their names in words, whether each is a number. */
    public Map<String, Boolean> deskValues() {
        Map<String, Boolean> all = new TreeMap<>();
        deskDocuments().values().forEach(each -> all.putAll(each.values()));
        return all;
    }

    /** The values that a stage may show by their names in words, whether each is a number: the channel's and those of desks. */
    public Map<String, Boolean> inWords() {
        Map<String, Boolean> all = new LinkedHashMap<>(house.inWords());
        all.putAll(deskValues());
        return all;
    }

    /** The names that conditions of {@code cue} may use. */
    public Scope scope(Cue cue) {
        Map<String, Boolean> desks = deskValues();
        Set<String> fields = new TreeSet<>(cue.fields());
        fields.addAll(desks.keySet());
        Set<String> numbers = new TreeSet<>(cue.numbers());
        desks.entrySet().stream().filter(Map.Entry::getValue).forEach(each -> numbers.add(each.getKey()));
        return Scope.of(fields, numbers, slate());
    }
}
