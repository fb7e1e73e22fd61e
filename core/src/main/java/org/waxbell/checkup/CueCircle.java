package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.waxbell.cue.Cue;
import org.waxbell.wiring.Wiring;

/** Cues that set one another off without end. */
final class CueCircle implements Rule {
    @Override
    public String name() {
        return "cue-circle";
    }

    @Override
    public List<Remark> look(Wiring wiring) {
        List<Remark> remarks = new ArrayList<>();
        for (Cue cue : wiring.cues()) {
            List<String> circle = circle(wiring, cue);
            if (!circle.isEmpty()) {
                remarks.add(new Remark(Remark.Severity.GRAVE, name(), cue.id(), "pulls", "It sets itself off by way of " + String.join(", ", circle) + ".",
                        "Let one of them wait for something else.", Optional.empty()));
            }
        }
        return remarks;
    }

    /** The others on the way from a cue back to itself; empty where there is no way. */
    private static List<String> circle(Wiring wiring, Cue from) {
        Set<String> seen = new LinkedHashSet<>();
        List<Cue> reached = new ArrayList<>(List.of(from));
        while (!reached.isEmpty()) {
            Cue at = reached.remove(0);
            for (Cue other : wiring.cues()) {
                if (other.on() && other.pulls().stream().anyMatch(pull -> pull.waitsFor().map(at.id()::equals).orElse(false))) {
                    if (other.id().equals(from.id())) {
                        return List.copyOf(seen);
                    }
                    if (seen.add(other.name())) {
                        reached.add(other);
                    }
                }
            }
        }
        return List.of();
    }
}
