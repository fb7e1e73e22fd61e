package org.waxbell.rehearsal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.waxbell.actor.Actor;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.wiring.Wiring;

/**
 * Makes an evening up, of what a {@link Crowd} does. The same seed gives the same evening.
 *
 * @param crowd    how many different viewers
 * @param lines    how many lines of chat and events
 * @param lengthMs how long the evening is, in milliseconds
 */
public record MadeUpEvening(long seed, int crowd, int lines, long lengthMs) {
    private static final int SLICES = 480;
    /** When another broadcaster's viewers come, as a share of the evening. */
    private static final double ARRIVES = 0.55;

    private static final double QUIET_FROM = 0.72;
    private static final double QUIET_TO = 0.82;

    /** The script, for the words that {@code wiring} has. */
    public List<Step> script(Wiring wiring) {
        Crowd viewers = new Crowd(seed, crowd, wiring);
        SplittableRandom chance = new SplittableRandom(~seed);
        List<Step> steps = new ArrayList<>(lines + 3);
        steps.add(new Step.Happens(0, Facts.show(Actor.HOST, true)));
        steps.add(new Step.Happens(0, Facts.air(Actor.HOST, true)));
        double[] shape = shape();
        int arrival = (int) (share(shape, ARRIVES) * lines);
        for (int i = 0; i < lines; i++) {
            double share = moment(shape, i / (double) Math.max(1, lines));
            long at = 1_000 + (long) ((lengthMs - 1_000) * share) + chance.nextInt(50);
            ShowEvent event = viewers.next();
            steps.add(new Step.Happens(
                    Math.max(at, steps.get(steps.size() - 1).at()), i == arrival ? viewers.arrival() : event));
        }
        steps.add(new Step.Happens(
                Math.max(lengthMs, steps.get(steps.size() - 1).at()), Facts.show(Actor.HOST, false)));
        return List.copyOf(steps);
    }

    /**
     * How much happens in each slice of an evening, as shares of all that add up from 0 to 1: it fills, swells twice, gets the viewers
     * of another channel after half of it, is quiet for a stretch after that, and ends loud.
     */
    private static double[] shape() {
        double[] until = new double[SLICES + 1];
        for (int slice = 0; slice < SLICES; slice++) {
            double at = (slice + 0.5) / SLICES;
            double fills = Math.min(1, 0.4 + at * 6);
            double swells = 1 + 0.8 * bump(at, 0.22, 0.05) + bump(at, 0.42, 0.04) + 0.9 * bump(at, 0.95, 0.04);
            double arrived = at < ARRIVES ? 0 : 2.5 * Math.exp(-(at - ARRIVES) / 0.05);
            boolean quiet = at > QUIET_FROM && at < QUIET_TO;
            until[slice + 1] = until[slice] + (quiet ? 0.12 : fills * swells + arrived);
        }
        double all = until[SLICES];
        for (int slice = 0; slice <= SLICES; slice++) {
            until[slice] /= all;
        }
        return until;
    }

    private static double bump(double at, double middle, double wide) {
        return Math.exp(-(at - middle) * (at - middle) / (2 * wide * wide));
    }

    /** How much of all has happened at a share of the time. */
    private static double share(double[] shape, double at) {
        return shape[(int) (at * SLICES)];
    }

    /** At which share of the time so much of all has happened. */
    private static double moment(double[] shape, double share) {
        int found = Arrays.binarySearch(shape, share);
        int slice = Math.min(SLICES - 1, found >= 0 ? found : -found - 2);
        double inside = (share - shape[slice]) / (shape[slice + 1] - shape[slice]);
        return (slice + inside) / SLICES;
    }
}
