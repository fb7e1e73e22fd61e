package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.port.Calendars;
import org.waxbell.voice.Reading;

/** Checks that an edit of racks, stages or the house breaks no cue, and whole wirings before they take the place of others. */
public final class WiringCheck {
    private WiringCheck() {}

    /** What would be wrong with cues of {@code after} that were right in {@code before} and are the same there; places are within the whole document. */
    public static List<Problem> broken(Wiring before, Wiring after, Calendars calendars) {
        Map<String, Cue> known = byId(before);
        boolean sameGround = before.house().equals(after.house())
                && before.racks().equals(after.racks())
                && before.stages().equals(after.stages())
                && before.desks().equals(after.desks());
        if (sameGround && byId(after).keySet().containsAll(known.keySet())) {
            return List.of();
        }
        List<Problem> all = new ArrayList<>();
        for (int i = 0; i < after.cues().size(); i++) {
            Cue cue = after.cues().get(i);
            if (cue.equals(known.get(cue.id()))
                    && CueCheck.check(before, cue, calendars).isEmpty()) {
                all.addAll(placed("cues[" + i + "]", CueCheck.check(after, cue, calendars)));
            }
        }
        return all;
    }

    /** Adds what is wrong with a desk that stands by itself; no two are asked by the same name, the voice's included. */
    public static void desk(DeskSheet desk, Problems problems) {
        desk.check(problems);
        if (desk.id().equals(Reading.DESK)) {
            problems.at("id").add(desk.id(), "That is the voice’s own name.", "Choose another.");
        }
    }

    /** What is wrong with everything in {@code after} that is not just so in {@code before}, and with cues that it would break. */
    public static List<Problem> whole(Wiring before, Wiring after, Calendars calendars) {
        Problems problems = new Problems();
        if (!after.house().equals(before.house())) {
            after.house().check(problems.at("house"));
        }
        for (int i = 0; i < after.racks().size(); i++) {
            if (!before.racks().contains(after.racks().get(i))) {
                after.racks().get(i).check(problems.at("racks", i));
            }
        }
        for (int i = 0; i < after.stages().size(); i++) {
            if (!before.stages().contains(after.stages().get(i))) {
                after.stages()
                        .get(i)
                        .check(problems.at("stages", i), after.inWords(), after.shelf(), after.desks(), after.looks());
            }
        }
        for (int i = 0; i < after.desks().size(); i++) {
            if (!before.desks().contains(after.desks().get(i))) {
                desk(after.desks().get(i), problems.at("desks", i));
            }
        }
        List<Problem> all = new ArrayList<>(problems.found());
        Map<String, Cue> known = byId(before);
        for (int i = 0; i < after.cues().size(); i++) {
            Cue cue = after.cues().get(i);
            if (!cue.equals(known.get(cue.id()))) {
                all.addAll(placed("cues[" + i + "]", CueCheck.check(after, cue, calendars)));
            }
        }
        all.addAll(broken(before, after, calendars));
        return all;
    }

    private static Map<String, Cue> byId(Wiring wiring) {
        Map<String, Cue> known = new HashMap<>();
        wiring.cues().forEach(cue -> known.put(cue.id(), cue));
        return known;
    }

    private static List<Problem> placed(String place, List<Problem> problems) {
        return problems.stream()
                .map(each -> new Problem(
                        each.path().isEmpty() ? place : place + "." + each.path(),
                        each.value(),
                        each.message(),
                        each.remedy()))
                .toList();
    }
}
