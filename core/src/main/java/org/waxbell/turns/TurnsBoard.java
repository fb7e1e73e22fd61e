package org.waxbell.turns;

import java.util.List;
import java.util.Map;

/**
 * A queue as its people see it at the desk.
 *
 * @param steps    counts what people did to it: who presses names it, so that two who press at once do it once
 * @param up       who is up
 * @param waiting  who waits, the first of them
 * @param more     how many wait beyond those
 * @param done     turns of this show that are over, the newest first
 * @param totals   how often turns of this show ended how
 * @param takes    how long a turn takes, in words
 * @param lengths  how many of the last turns took how many minutes, for a small drawing
 * @param banned   who is kept out, by name
 * @param canUndo  whether the last step of a person can be taken back
 */
public record TurnsBoard(
        boolean open,
        long steps,
        List<IsUp> up,
        List<Waits> waiting,
        int more,
        List<PastTurn> done,
        Map<String, Integer> totals,
        String takes,
        List<Took> lengths,
        List<String> banned,
        boolean canUndo) {
    /** Somebody who is up. @param since milliseconds since 1970 UTC @param record how it went before, in words; empty text for the first time */
    public record IsUp(String name, List<String> marks, String note, String record, long since) {}

    /**
     * Somebody who waits.
     *
     * @param since   when they joined, milliseconds since 1970 UTC
     * @param waits   how long they will wait, as a range in words; empty text where it is not known
     * @param odds    how likely a draw right now takes them, in percent
     * @param why     why they come before others, in words; empty text where they do not
     * @param present whether they wrote lately
     * @param seen    when they wrote last, milliseconds since 1970 UTC
     */
    public record Waits(
            String name,
            List<String> marks,
            String note,
            String record,
            long since,
            String waits,
            double odds,
            String why,
            boolean present,
            long seen) {}

    /** How many turns took that many minutes. */
    public record Took(long minutes, int turns) {}
}
