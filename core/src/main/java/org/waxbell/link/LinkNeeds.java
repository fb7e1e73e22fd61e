package org.waxbell.link;

import java.util.Set;
import java.util.TreeSet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.ScenePull;
import org.waxbell.gate.AirGate;
import org.waxbell.gate.LinkGate;
import org.waxbell.score.CallPart;
import org.waxbell.score.Lane;
import org.waxbell.score.NoticePart;
import org.waxbell.score.OscPart;
import org.waxbell.score.Part;
import org.waxbell.score.SwitchPart;

/** Which links a cue needs, by name: {@code mixer}, {@code room}, {@code stage/main}, and those that its link gate names. */
public final class LinkNeeds {
    /** The mixer's link. */
    public static final String MIXER = "mixer";
    /** The room's link. */
    public static final String ROOM = "room";

    /** The link to this computer. */
    public static final String COMPUTER = "computer";

    /** The noticeboard's link. */
    public static final String NOTICE = "notice";

    private LinkNeeds() {}

    /** The name of the link to the pages of a stage. */
    public static String stage(String id) {
        return "stage/" + id;
    }

    /** The links that {@code cue} needs, in order. */
    public static Set<String> of(Cue cue) {
        Set<String> needs = new TreeSet<>();
        if (cue.pulls().stream().anyMatch(ScenePull.class::isInstance)) {
            needs.add(MIXER);
        }
        cue.gates().forEach(gate -> {
            if (gate instanceof AirGate air && !air.scenes().isEmpty()) {
                needs.add(MIXER);
            } else if (gate instanceof LinkGate link) {
                link.links().forEach(each -> needs.add(each.replaceAll("/.*", "")));
            }
        });
        cue.takes().stream().flatMap(take -> take.score().parts().stream()).forEach(part -> add(part, needs));
        return needs;
    }

    private static void add(Part part, Set<String> needs) {
        part.place().ifPresent(place -> needs.add(stage(place.stage())));
        if (part instanceof CallPart call && call.chosen()) {
            needs.add(call.link());
        }
        if (part instanceof OscPart osc && osc.chosen()) {
            needs.add(osc.link());
        }
        if (part instanceof NoticePart) {
            needs.add(NOTICE);
        }
        if (part.lane() == Lane.KEYS) {
            needs.add(COMPUTER);
        }
        if (part instanceof SwitchPart change) {
            if (change.target().kind().ofMixer()) {
                needs.add(MIXER);
            } else if (change.target().kind().ofRoom()) {
                needs.add(ROOM);
            }
        }
    }
}
