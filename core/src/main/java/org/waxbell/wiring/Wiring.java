package org.waxbell.wiring;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.waxbell.condition.Scope;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.look.Look;
import org.waxbell.score.Ground;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/** Everything the host has wired, as one immutable value: racks and cues in the order in which they are listed. */
public record Wiring(House house, List<Rack> racks, List<Cue> cues, List<Stage> stages, Shelf shelf) implements Ground {
    public Wiring {
        racks = List.copyOf(racks);
        cues = List.copyOf(cues);
        stages = List.copyOf(stages);
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

    /** The names that conditions of {@code cue} may use. */
    public Scope scope(Cue cue) {
        return Scope.of(cue.fields(), cue.numbers(), slate());
    }
}
