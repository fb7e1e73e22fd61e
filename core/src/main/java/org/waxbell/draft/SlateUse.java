package org.waxbell.draft;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.waxbell.cue.Cue;
import org.waxbell.cue.MarkPull;
import org.waxbell.gate.ConditionGate;
import org.waxbell.score.Part;
import org.waxbell.score.SlatePart;
import org.waxbell.slate.SlateValue;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.Wording;

/**
 * Which cues use a value of the slate.
 *
 * @param writers those with a part that writes it
 * @param readers those whose pulls wait for it, whose words name it, or whose conditions look at it
 */
public record SlateUse(List<Cue> writers, List<Cue> readers) {
    /** The use of {@code value} in a wiring. */
    public static SlateUse of(SlateValue value, Wiring wiring) {
        return new SlateUse(
                cues(wiring, cue -> parts(cue).anyMatch(part -> writes(part, value))),
                cues(wiring, cue -> reads(cue, value)));
    }

    private static List<Cue> cues(Wiring wiring, Predicate<Cue> which) {
        return wiring.cues().stream().filter(which).toList();
    }

    private static Stream<Part> parts(Cue cue) {
        return cue.takes().stream().flatMap(take -> take.score().parts().stream());
    }

    private static boolean writes(Part part, SlateValue value) {
        return part instanceof SlatePart slate && slate.value().equals(value.id());
    }

    private static boolean reads(Cue cue, SlateValue value) {
        boolean waited = cue.pulls().stream()
                .anyMatch(pull -> pull instanceof MarkPull mark && mark.value().equals(value.id()));
        Stream<String> words = Stream.concat(
                parts(cue).flatMap(part -> part.patterns().stream()),
                cue.whenHeld().stream().map(each -> each.words()));
        Stream<String> conditions = Stream.concat(
                cue.gates().stream()
                        .filter(ConditionGate.class::isInstance)
                        .map(each -> ((ConditionGate) each).condition()),
                cue.takes().stream().map(each -> each.when()));
        Pattern path = Pattern.compile("\\bslate\\." + Pattern.quote(value.id()) + "\\b");
        return waited
                || words.anyMatch(each -> names(each, value.inWords()))
                || conditions.anyMatch(each -> path.matcher(each).find());
    }

    private static boolean names(String pattern, String name) {
        return Wording.faultOf(pattern) == null
                && Wording.uses(pattern).stream().anyMatch(use -> use.name().equals(name));
    }
}
