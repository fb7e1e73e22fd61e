package org.waxbell.wiring;

import java.util.List;
import java.util.Optional;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/** Everything the host has wired, as one immutable value: racks and cues in the order in which they are listed. */
public record Wiring(List<Rack> racks, List<Cue> cues, List<Stage> stages, Shelf shelf) {
    public Wiring {
        racks = List.copyOf(racks);
        cues = List.copyOf(cues);
        stages = List.copyOf(stages);
    }

    /** The rack of that id. */
    public Optional<Rack> rack(String id) {
        return racks.stream().filter(rack -> rack.id().equals(id)).findFirst();
    }

    /** The stage of that id. */
    public Optional<Stage> stage(String id) {
        return stages.stream().filter(stage -> stage.id().equals(id)).findFirst();
    }
}
