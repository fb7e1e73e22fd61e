package org.waxbell.app.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeSet;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.json.Refused;
import org.waxbell.check.Problem;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.port.Calendars;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringCheck;

/**
 * A desk that is taken away, with the displays that show it.
 *
 * @param version  the one that the editor saw
 * @param withCues whether cues that ask it or say its values go with it; else they keep it there
 */
record GoneDesk(String id, long version, boolean withCues, Calendars calendars) {
    /** The edits that take it away; throws {@link Conflict} where it was changed meanwhile, {@link Refused} where cues keep it. */
    List<Edit.Aim> aims(DocumentSet current) {
        List<Edit.Aim> aims = new ArrayList<>(List.of(Edit.Aim.seen(current, DocumentKind.DESK, id, version, null)));
        Document there = current.find(DocumentKind.DESK, id).orElseThrow();
        Wiring wiring = current.wiring();
        List<Stage> stages = new ArrayList<>();
        for (Stage stage : wiring.stages()) {
            Stage without =
                    stage.without(fixture -> fixture.shows().filter(id::equals).isPresent());
            stages.add(without);
            if (!without.equals(stage)) {
                aims.add(new Edit.Aim(DocumentKind.STAGE, stage.id(), without, null));
            }
        }
        List<Cue> broken = broken(wiring, stages);
        if (!withCues && !broken.isEmpty()) {
            throw new Refused(
                    "cues",
                    id,
                    (broken.size() == 1
                                    ? "One cue asks it or says its values: "
                                    : broken.size() + " cues ask it or say its values: ")
                            + String.join(", ", broken.stream().map(Cue::name).toList()) + ".",
                    "Delete them with it, or change them first.");
        }
        broken.forEach(cue -> aims.add(new Edit.Aim(DocumentKind.CUE, cue.id(), null, null)));
        emptied(wiring, (DeskSheet) there.value(), broken)
                .forEach(rack -> aims.add(new Edit.Aim(DocumentKind.RACK, rack.id(), null, null)));
        return aims;
    }

    /** The rack that was made for its chat words, where nothing is left in it. */
    private static List<Rack> emptied(Wiring wiring, DeskSheet desk, List<Cue> gone) {
        return wiring.racks().stream()
                .filter(rack -> rack.name().equals(desk.name()))
                .filter(rack -> gone.stream().anyMatch(cue -> cue.rack().equals(rack.id())))
                .filter(rack ->
                        wiring.cues().stream().allMatch(cue -> !cue.rack().equals(rack.id()) || gone.contains(cue)))
                .toList();
    }

    private List<Cue> broken(Wiring wiring, List<Stage> stages) {
        Wiring after = new Wiring(
                wiring.house(),
                wiring.racks(),
                wiring.cues(),
                stages,
                wiring.desks().stream().filter(each -> !each.id().equals(id)).toList(),
                wiring.shelf());
        TreeSet<Integer> places = new TreeSet<>();
        for (Problem problem : WiringCheck.broken(wiring, after, calendars)) {
            String place = problem.path();
            places.add(Integer.valueOf(place.substring(place.indexOf('[') + 1, place.indexOf(']'))));
        }
        return places.stream()
                .map(at -> Objects.requireNonNull(after.cues().get(at)))
                .toList();
    }
}
