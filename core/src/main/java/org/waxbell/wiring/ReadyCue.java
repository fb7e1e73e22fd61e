package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.waxbell.condition.Condition;
import org.waxbell.condition.Scope;
import org.waxbell.cue.Cue;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.Rack;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.gate.Check;
import org.waxbell.gate.Gate;
import org.waxbell.gate.GateAnswer;
import org.waxbell.gate.GateQuery;
import org.waxbell.gate.OnGate;
import org.waxbell.gate.ReadingGate;
import org.waxbell.gate.StandBackGate;
import org.waxbell.score.VoicePart;
import org.waxbell.voice.Reading;
import org.waxbell.words.Wording;

/**
 * A cue made ready for ringing: its gates, the one it has by itself among them, compiled and in the order of asking.
 *
 * @param on          both it and its rack, as the wiring has them
 * @param standing    those of the checks that ask only who is there and how the evening stands
 * @param lists       whether its words tell which chat words the viewer may use
 * @param patterns   all its words with values
 * @param remembersMs how long its rings must be remembered, in milliseconds
 * @param remembers   whether they must be remembered at all
 * @param who         whether it must be remembered who rang
 * @param standsBack  whether it gives way to a more exact cue, and so is asked after the others
 * @param price       what a ring costs, in points
 * @param firstLines  its pulls by a first line, whatever else sets it off
 */
public record ReadyCue(
        Cue cue,
        boolean on,
        List<Check> checks,
        List<Check> standing,
        boolean lists,
        List<String> patterns,
        Map<String, Condition> whens,
        long remembersMs,
        boolean remembers,
        boolean who,
        boolean standsBack,
        long price,
        List<FirstLinePull> firstLines) {
    static ReadyCue of(Cue cue, Rack rack, Scope scope, Reading reading) {
        List<Gate> gates = new ArrayList<>(cue.gates());
        gates.add(new OnGate(cue.on(), rack.id(), rack.on(), rack.name(), cue.waitsForTheHost()));
        reads(cue, reading).ifPresent(gates::add);
        gates.sort(Comparator.comparingInt(Gate::order));
        long memory = gates.stream().mapToLong(Gate::remembersMs).max().orElse(0);
        Map<String, Condition> whens = new HashMap<>();
        cue.takes().stream()
                .filter(take -> !take.when().isEmpty())
                .forEach(take -> whens.put(take.id(), Condition.of(take.when(), scope)));
        return new ReadyCue(
                cue,
                cue.on() && rack.on(),
                gates.stream().map(gate -> gate.ready(scope)).toList(),
                gates.stream()
                        .filter(Gate::standing)
                        .map(gate -> gate.ready(scope))
                        .toList(),
                lists(cue),
                patterns(cue).distinct().toList(),
                Map.copyOf(whens),
                memory,
                memory > 0 || gates.stream().anyMatch(Gate::counts),
                gates.stream().anyMatch(Gate::remembersWho),
                gates.stream().anyMatch(StandBackGate.class::isInstance),
                gates.stream().mapToLong(Gate::price).sum(),
                cue.pulls().stream()
                        .filter(FirstLinePull.class::isInstance)
                        .map(FirstLinePull.class::cast)
                        .toList());
    }

    /** What looks at the words of strangers that a cue says, first; empty where it says none. */
    public static Optional<Gate> reads(Cue cue, Reading reading) {
        List<VoicePart> says = cue.takes().stream()
                .flatMap(take -> take.score().parts().stream())
                .filter(VoicePart.class::isInstance)
                .map(VoicePart.class::cast)
                .filter(part -> !part.strange().isEmpty())
                .toList();
        return says.isEmpty()
                ? Optional.empty()
                : Optional.of(new ReadingGate(
                        reading,
                        says.stream()
                                .flatMap(part -> part.strange().stream())
                                .distinct()
                                .toList(),
                        says.stream().anyMatch(VoicePart::earFirst)));
    }

    private static Stream<String> patterns(Cue cue) {
        return Stream.concat(
                cue.whenHeld().stream().map(HeldAnswer::words),
                cue.takes().stream()
                        .flatMap(take -> take.score().parts().stream())
                        .flatMap(part -> part.patterns().stream()));
    }

    private static boolean lists(Cue cue) {
        return patterns(cue)
                .anyMatch(pattern -> pattern.contains(CommandList.VALUE)
                        && Wording.uses(pattern).stream()
                                .anyMatch(use -> use.name().equals(CommandList.VALUE)));
    }

    /** Whether who asks may use it as the evening stands, whatever rests or is too dear just now. */
    public boolean mayUse(GateQuery query) {
        return standing.stream().allMatch(check -> check.ask(query).passed());
    }

    /** The answers of the gates, up to and with the first that holds. */
    public List<GateAnswer> ask(GateQuery query) {
        List<GateAnswer> answers = new ArrayList<>(checks.size());
        for (Check check : checks) {
            GateAnswer answer = check.ask(query);
            answers.add(answer);
            if (!answer.passed()) {
                break;
            }
        }
        return answers;
    }

    /**
     * The take by the cue's rule; empty where the first that fits is wanted and none fits.
     *
     * @param roll   gives a number from 0 up to its argument, by the ring's own chance
     * @param before id of the take that was played before, empty text for none
     */
    public Optional<Take> take(GateQuery query, Roll roll, String before) {
        if (cue.takeRule() == TakeRule.FIRST) {
            return cue.takes().stream()
                    .filter(take -> take.when().isEmpty()
                            || Objects.requireNonNull(whens.get(take.id()))
                                    .test(query::values)
                                    .holds())
                    .findFirst();
        }
        if (cue.takeRule() == TakeRule.TURN) {
            int last = cue.take(before).map(cue.takes()::indexOf).orElse(-1);
            return Optional.of(cue.takes().get((last + 1) % cue.takes().size()));
        }
        int left = roll.below(cue.takes().stream().mapToInt(Take::weight).sum());
        for (Take take : cue.takes()) {
            left -= take.weight();
            if (left < 0) {
                return Optional.of(take);
            }
        }
        throw new IllegalStateException("a cue drawn by weight without weights: " + cue.id());
    }

    /** A number from 0 up to, not with, {@code bound}. */
    @FunctionalInterface
    public interface Roll {
        /** The number. */
        int below(int bound);
    }
}
