package org.waxbell.rehearsal;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.score.Lane;

/**
 * What came of a rehearsal.
 *
 * @param from      the moment of the first step, milliseconds
 * @param to        the moment of the last
 * @param steps     how many steps were played
 * @param cues      what became of each cue, in the order of the list
 * @param places    how busy each spot and outlet was, the busiest first
 * @param rings     every ring, by number
 * @param together  pairs of cues that played at the same time, the most frequent first
 * @param pointsIn  points given
 * @param pointsOut points taken
 * @param desks     what happened at desks, and how often
 * @param decisions what was decided of every event that some cue looked at
 */
public record Report(
        long from,
        long to,
        int steps,
        List<CueTally> cues,
        List<PlaceTally> places,
        List<PlayedRing> rings,
        List<Pair> together,
        long pointsIn,
        long pointsOut,
        List<DeskTally> desks,
        List<Decision> decisions) {
    /** What came of it, in one sentence. */
    public String summary() {
        long dropped =
                rings.stream().filter(ring -> ring.end().equals("dropped")).count();
        long held = decisions.stream()
                .flatMap(each -> each.cues().stream())
                .filter(CueAnswer::held)
                .count();
        long silent = cues.stream().filter(CueTally::silent).count();
        String points = pointsIn + pointsOut > 0
                ? "; " + figure(pointsIn) + " points given, " + figure(pointsOut) + " taken"
                : "";
        return count(steps, "step") + ": " + count(rings.size() - dropped, "ring") + ", " + figure(held)
                + " held, " + figure(dropped) + " dropped" + points + ". " + count(silent, "cue")
                + " never rang.";
    }

    private static String count(long number, String noun) {
        return figure(number) + " " + noun + (number == 1 ? "" : "s");
    }

    private static String figure(long number) {
        return String.format(Locale.ENGLISH, "%,d", number);
    }

    /**
     * What became of one cue.
     *
     * @param held       how often each gate held it
     * @param longestMs  the longest wait for its places, in milliseconds
     */
    public record CueTally(String id, String name, int rang, Map<String, Integer> held, int dropped, long longestMs) {
        /** Whether it never rang at all. */
        public boolean silent() {
            return rang == 0;
        }
    }

    /** How often something happened at a desk. @param desk as people call it @param happens such as {@code someone joins a queue} */
    public record DeskTally(String desk, String happens, int count) {}

    /** How busy a place was. @param busyMs how long something stood there, in milliseconds @param parts how many parts did */
    public record PlaceTally(String place, String name, long busyMs, int parts) {}

    /**
     * A ring as it was played.
     *
     * @param decision number of the decision that let it through, 0 where that was before the rehearsal
     * @param waitedMs how long it waited for its places
     * @param end      as the engine names it
     */
    public record PlayedRing(
            long number,
            long decision,
            String cueId,
            String cueName,
            long arrived,
            long start,
            long over,
            long waitedMs,
            String end,
            String note,
            List<PlayedPart> parts) {}

    /** A part as it was played. @param place the spot or outlet, empty text for none @param from milliseconds, as all times here @param state as the engine names it */
    public record PlayedPart(String id, Lane lane, String place, long from, long to, String state) {}

    /** Two cues that played at the same time, and how often. */
    public record Pair(String one, String other, int times) {}
}
