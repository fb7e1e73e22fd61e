package org.waxbell.gate;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;

/** Lets through who has at least one of these standings. */
public record WhoGate(Set<Standing> standings) implements Gate {
    public WhoGate {
        EnumSet<Standing> ordered = EnumSet.noneOf(Standing.class);
        ordered.addAll(standings);
        standings = Collections.unmodifiableSet(ordered);
    }

    @Override
    public int order() {
        return 10;
    }

    @Override
    public GateAnswer ask(GateQuery query) {
        boolean may = query.viewer().map(Viewer::standings).orElse(Set.of()).stream().anyMatch(standings::contains);
        if (may) {
            return GateAnswer.pass("who", "may");
        }
        return GateAnswer.held("who", "only for " + named(), Map.of());
    }

    private String named() {
        List<String> names = standings.stream().map(Standing::plural).toList();
        String last = names.isEmpty() ? "nobody" : names.get(names.size() - 1);
        return names.size() < 2 ? last : String.join(", ", names.subList(0, names.size() - 1)) + " or " + last;
    }

    @Override
    public void check(Problems problems) {
        if (standings.isEmpty()) {
            problems.at("standings").add("[]", "Nobody may ring this cue.", "Choose at least one standing, such as anyone.");
        }
    }
}
