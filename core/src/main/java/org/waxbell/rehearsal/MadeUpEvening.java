package org.waxbell.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.waxbell.actor.Actor;
import org.waxbell.event.Facts;
import org.waxbell.wiring.Wiring;

/**
 * Makes an evening up, of what a {@link Crowd} does. The same seed gives the same evening.
 *
 * @param crowd    how many different viewers
 * @param lines    how many lines of chat and events
 * @param lengthMs how long the evening is, in milliseconds
 */
public record MadeUpEvening(long seed, int crowd, int lines, long lengthMs) {
    /** The script, for the words that {@code wiring} has. */
    public List<Step> script(Wiring wiring) {
        Crowd viewers = new Crowd(seed, crowd, wiring);
        SplittableRandom chance = new SplittableRandom(~seed);
        List<Step> steps = new ArrayList<>(lines + 3);
        steps.add(new Step.Happens(0, Facts.show(Actor.HOST, true)));
        steps.add(new Step.Happens(0, Facts.air(Actor.HOST, true)));
        for (int i = 0; i < lines; i++) {
            long at = 1_000 + (lengthMs - 1_000) * i / Math.max(1, lines) + chance.nextInt(50);
            steps.add(new Step.Happens(Math.max(at, steps.get(steps.size() - 1).at()), viewers.next()));
        }
        steps.add(new Step.Happens(
                Math.max(lengthMs, steps.get(steps.size() - 1).at()), Facts.show(Actor.HOST, false)));
        return List.copyOf(steps);
    }
}
