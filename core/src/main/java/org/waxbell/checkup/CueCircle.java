package org.waxbell.checkup;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
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
        Map<String, List<Cue>> next = new HashMap<>();
        wiring.cues().stream()
                .filter(Cue::on)
                .forEach(cue -> cue.pulls().stream()
                        .flatMap(pull -> pull.waitsFor().stream())
                        .distinct()
                        .forEach(of -> next.computeIfAbsent(of, any -> new ArrayList<>())
                                .add(cue)));
        List<Remark> remarks = new ArrayList<>();
        for (Cue cue : wiring.cues()) {
            circle(next, cue)
                    .ifPresent(way -> remarks.add(new Remark(
                            Remark.Severity.GRAVE,
                            name(),
                            cue.id(),
                            "pulls",
                            way.isEmpty()
                                    ? "It sets itself off."
                                    : "It sets itself off by way of " + String.join(", ", way) + ".",
                            "Let one of them wait for something else.",
                            Optional.empty())));
        }
        return remarks;
    }

    /** The names of the others on the shortest way from a cue back to itself, in order; nothing where there is no way. */
    private static Optional<List<String>> circle(Map<String, List<Cue>> next, Cue from) {
        Map<Cue, Cue> before = new IdentityHashMap<>();
        Deque<Cue> reached = new ArrayDeque<>(List.of(from));
        while (!reached.isEmpty()) {
            Cue at = reached.remove();
            for (Cue other : next.getOrDefault(at.id(), List.of())) {
                if (other.id().equals(from.id())) {
                    List<String> way = new LinkedList<>();
                    for (Cue each = at; each != from; each = Objects.requireNonNull(before.get(each))) {
                        way.add(0, each.name());
                    }
                    return Optional.of(way);
                }
                if (before.putIfAbsent(other, at) == null) {
                    reached.add(other);
                }
            }
        }
        return Optional.empty();
    }
}
