package org.waxbell.wiring;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Place;
import org.waxbell.check.Problems;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.Score;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.shelf.Media;
import org.waxbell.time.Spans;

/** Finds parts of one score that stand in one another's way: such a score could never start. */
final class OwnOverlap {
    private OwnOverlap() {}

    static void check(Score score, Wiring wiring, Problems problems) {
        List<PlannedPart> plan = ScoreCompiler.plan(score, wiring.shelf(), (purpose, choices) -> longest(choices));
        for (int i = 0; i < plan.size(); i++) {
            Optional<Place> place = plan.get(i).part().place();
            if (place.isPresent()
                    && plan.get(i).fromMs() != PlannedPart.OPEN
                    && together(plan, plan.get(i)) > rule(wiring, place.get()).together()) {
                problems.at("parts", i)
                        .at("start")
                        .add(
                                Spans.inWords(plan.get(i).fromMs()),
                                "Other parts of this score stand on the same place at that time.",
                                "Move it, shorten what is there, or choose another place.");
            }
        }
    }

    private static long together(List<PlannedPart> plan, PlannedPart one) {
        return plan.stream()
                .filter(each -> each.fromMs() != PlannedPart.OPEN
                        && each.part().place().equals(one.part().place())
                        && each.fromMs() <= one.fromMs()
                        && one.fromMs() < each.toMs())
                .count();
    }

    private static Media longest(List<Media> choices) {
        return choices.stream().max(Comparator.comparingLong(Media::lengthMs)).orElseThrow();
    }

    private static BusyRule rule(Wiring wiring, Place place) {
        return new Places(wiring).rule(place);
    }
}
