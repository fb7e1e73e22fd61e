package org.waxbell.checkup;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.Pull;
import org.waxbell.gate.StandBackGate;
import org.waxbell.kind.Kind;
import org.waxbell.score.Lane;
import org.waxbell.score.Part;
import org.waxbell.wiring.Wiring;

/** Two cues that greet or thank for the same, so that viewers see or hear it twice. */
final class SameGreeting implements Rule {
    @Override
    public String name() {
        return "same-greeting";
    }

    @Override
    public List<Remark> look(Wiring wiring) {
        return greeting(wiring).flatMap(cue -> about(wiring, cue).stream()).toList();
    }

    /** Those before it in the list that greet for the same; looked at alone while it is being written. */
    @Override
    public List<Remark> about(Wiring wiring, Cue cue) {
        return greets(cue)
                ? greeting(wiring)
                        .takeWhile(other -> !other.id().equals(cue.id()))
                        .flatMap(other -> both(other, cue).stream())
                        .toList()
                : List.of();
    }

    private static Stream<Cue> greeting(Wiring wiring) {
        return wiring.cues().stream().filter(SameGreeting::greets);
    }

    /** Whether it is on and may answer an event or a first line at all: few of many cues do. */
    private static boolean greets(Cue cue) {
        return cue.on()
                && cue.pulls().stream().anyMatch(pull -> pull instanceof EventPull || pull instanceof FirstLinePull);
    }

    private Optional<Remark> both(Cue one, Cue other) {
        boolean standsBack = Cues.gate(one, StandBackGate.class).isPresent()
                || Cues.gate(other, StandBackGate.class).isPresent();
        boolean same = one.pulls().stream()
                .anyMatch(mine -> other.pulls().stream().anyMatch(theirs -> together(mine, theirs)));
        if (standsBack || !same || !alike(one, other)) {
            return Optional.empty();
        }
        return Optional.of(new Remark(
                Remark.Severity.DOUBTFUL,
                name(),
                other.id(),
                "pulls",
                "“" + one.name() + "” answers the same, so both ring.",
                "Keep one of them, or let the wider one stand back where a more exact cue rang.",
                Optional.empty()));
    }

    private static boolean together(Pull one, Pull other) {
        if (one instanceof FirstLinePull mine && other instanceof FirstLinePull theirs) {
            return mine.whose() == theirs.whose() && mine.name().equalsIgnoreCase(theirs.name());
        }
        return one instanceof EventPull mine
                && other instanceof EventPull theirs
                && mine.event().equals(theirs.event())
                && agree(mine.exactly(), theirs.exactly());
    }

    private static boolean agree(Map<String, String> one, Map<String, String> other) {
        return one.entrySet().stream()
                .allMatch(each -> Objects.requireNonNullElse(other.get(each.getKey()), each.getValue())
                        .equalsIgnoreCase(each.getValue()));
    }

    /** Whether both say, show or play something of the same kind; one that only books does not get into the way. */
    private static boolean alike(Cue one, Cue other) {
        Set<String> mine = kinds(one);
        return kinds(other).stream().anyMatch(mine::contains);
    }

    private static Set<String> kinds(Cue cue) {
        return cue.takes().stream()
                .flatMap(take -> take.score().parts().stream())
                .filter(part -> part.lane() != Lane.BOOKS)
                .map((Function<Part, Kind<?>>) Part::kind)
                .map(Kind::name)
                .collect(Collectors.toSet());
    }
}
