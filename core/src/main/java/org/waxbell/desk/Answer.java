package org.waxbell.desk;

import java.util.List;
import java.util.Map;
import org.waxbell.directive.Directive;
import org.waxbell.event.Fact;

/**
 * What came of an ask, of an event or of time that moved on.
 *
 * @param next       how the desk stands from now on
 * @param told       what happened by that, for cues and other desks
 * @param directives what adapters are to do
 * @param points     points that move
 * @param refused    whether what was asked for was not done
 * @param outcome    what came of it, by name; empty text where nothing was asked
 * @param says       the same in words, for whoever asked
 * @param results    values for words that the act brings
 * @param asks       what it asks other desks for, in that order, once this step is over
 */
public record Answer<S>(
        S next,
        List<Fact> told,
        List<Directive> directives,
        List<PointsMove> points,
        boolean refused,
        String outcome,
        String says,
        Map<String, String> results,
        List<Errand> asks) {
    public Answer {
        asks = List.copyOf(asks);
        told = List.copyOf(told);
        directives = List.copyOf(directives);
        points = List.copyOf(points);
        results = Map.copyOf(results);
    }

    /** Nothing changes and nothing is said. */
    public static <S> Answer<S> nothing(S now) {
        return becomes(now);
    }

    /** The desk stands so from now on, and nothing else comes of it. */
    public static <S> Answer<S> becomes(S next) {
        return new Answer<>(next, List.of(), List.of(), List.of(), false, "", "", Map.of(), List.of());
    }

    /** It was done. */
    public static <S> Answer<S> done(S next, String outcome, String says, Map<String, String> results) {
        return new Answer<>(next, List.of(), List.of(), List.of(), false, outcome, says, results, List.of());
    }

    /** It was not done, and why. */
    public static <S> Answer<S> refused(S now, String outcome, String says) {
        return new Answer<>(now, List.of(), List.of(), List.of(), true, outcome, says, Map.of(), List.of());
    }

    /** The same, with facts that it tells. */
    public Answer<S> telling(List<Fact> facts) {
        return new Answer<>(next, facts, directives, points, refused, outcome, says, results, asks);
    }

    /** The same, with what adapters are to do. */
    public Answer<S> directing(List<Directive> wanted) {
        return new Answer<>(next, told, wanted, points, refused, outcome, says, results, asks);
    }

    /** The same, where the desk stands otherwise. */
    public Answer<S> becoming(S other) {
        return new Answer<>(other, told, directives, points, refused, outcome, says, results, asks);
    }

    /** The same, with points that move. */
    public Answer<S> moving(List<PointsMove> moves) {
        return new Answer<>(next, told, directives, moves, refused, outcome, says, results, asks);
    }

    /** The same, with what it asks other desks for. */
    public Answer<S> asking(List<Errand> others) {
        return new Answer<>(next, told, directives, points, refused, outcome, says, results, others);
    }
}
