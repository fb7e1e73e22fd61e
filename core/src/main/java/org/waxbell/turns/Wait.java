package org.waxbell.turns;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * How long somebody will wait, told from how long turns took so far: the middle one of them, and the range in which the middle half
 * of them lies (median and quartiles).
 *
 * @param known whether there were enough turns to tell
 * @param least in milliseconds
 * @param about likewise
 * @param most  likewise
 */
public record Wait(boolean known, long least, long about, long most) {
    /** From how many turns on anything is told. */
    static final int ENOUGH = 3;
    /** Nobody knows yet. */
    static final Wait UNKNOWN = new Wait(false, 0, 0, 0);

    private static final long MINUTE = 60_000;

    private static long quantile(List<Long> sorted, double share) {
        double place = share * (sorted.size() - 1);
        int below = (int) place;
        int above = Math.min(sorted.size() - 1, below + 1);
        return Math.round(sorted.get(below) + (sorted.get(above) - sorted.get(below)) * (place - below));
    }

    /** How long one turn takes. */
    static Wait ofOne(List<Long> lengths) {
        if (lengths.size() < ENOUGH) {
            return UNKNOWN;
        }
        List<Long> sorted = new ArrayList<>(lengths);
        Collections.sort(sorted);
        return new Wait(true, quantile(sorted, 0.25), quantile(sorted, 0.5), quantile(sorted, 0.75));
    }

    /** How long who stands at {@code place} waits. @param place from 1 @param running for how long somebody is up, -1 for nobody */
    static Wait at(List<Long> lengths, int place, long running) {
        Wait one = ofOne(lengths);
        if (!one.known || place < 1) {
            return UNKNOWN;
        }
        return new Wait(
                true, sum(one.least, place, running), sum(one.about, place, running), sum(one.most, place, running));
    }

    private static long sum(long one, int place, long running) {
        return (running < 0 ? 0 : Math.max(0, one - running)) + one * (place - 1);
    }

    /** In words: {@code about 25 min}, {@code under a minute}, {@code not known yet}. */
    String inWords() {
        if (!known) {
            return "not known yet";
        }
        return about < MINUTE ? "under a minute" : "about " + minutes(about) + " min";
    }

    /** The range in words: {@code 4–6 min}; empty text where it is not known. */
    String range() {
        if (!known) {
            return "";
        }
        long from = minutes(least);
        long to = minutes(most);
        return to == 0 ? "under a minute" : from == to ? to + " min" : from + "–" + to + " min";
    }

    private static long minutes(long ms) {
        return (ms + MINUTE / 2) / MINUTE;
    }
}
