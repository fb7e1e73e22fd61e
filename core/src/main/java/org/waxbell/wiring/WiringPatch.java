package org.waxbell.wiring;

import java.util.List;
import java.util.Optional;
import org.waxbell.act.DeskSheet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.stage.Stage;

/**
 * What one edit changed of a wiring.
 *
 * @param house the house as it is now, empty where it did not change
 * @param racks racks that are new or other now; likewise stages, desks and cues
 * @param gone  what is no more, as {@code cue/pour-the-taper}
 */
public record WiringPatch(
        Optional<House> house,
        List<Rack> racks,
        List<Stage> stages,
        List<DeskSheet> desks,
        List<Cue> cues,
        List<String> gone) {
    public WiringPatch {
        racks = List.copyOf(racks);
        stages = List.copyOf(stages);
        desks = List.copyOf(desks);
        cues = List.copyOf(cues);
        gone = List.copyOf(gone);
    }

    /** A patch by which one cue is new or other now. */
    public static WiringPatch of(Cue cue) {
        return new WiringPatch(Optional.empty(), List.of(), List.of(), List.of(), List.of(cue), List.of());
    }

    /** {@code wiring} after the edit; what is new stands behind the others. */
    public Wiring applyTo(Wiring wiring) {
        WiringDocument there = WiringDocument.of(wiring);
        WiringDocument left = new WiringDocument(
                there.formatVersion(),
                there.house(),
                there.racks().stream()
                        .filter(each -> !gone.contains("rack/" + each.id()))
                        .toList(),
                there.stages().stream()
                        .filter(each -> !gone.contains("stage/" + each.id()))
                        .toList(),
                there.desks().stream()
                        .filter(each -> !gone.contains("desk/" + each.id()))
                        .toList(),
                there.cues().stream()
                        .filter(each -> !gone.contains("cue/" + each.id()))
                        .toList(),
                there.media());
        Wiring next = new WiringDocument(there.formatVersion(), there.house(), racks, stages, desks, cues, List.of())
                .mergedInto(left)
                .on(wiring.shelf());
        return new Wiring(
                house.orElse(next.house()), next.racks(), next.cues(), next.stages(), next.desks(), next.shelf());
    }
}
