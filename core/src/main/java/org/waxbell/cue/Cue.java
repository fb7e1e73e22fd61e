package org.waxbell.cue;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.waxbell.gate.Gate;

/**
 * One wiring: what sets it off, what must hold, what is played.
 *
 * @param formatVersion version of the document, {@value #FORMAT} now
 * @param id            never changes: small letters, digits, hyphens
 * @param rack          id of the rack that it lies in
 * @param on            whether it may ring at all
 * @param gates         at most one of each kind; they are asked in their own fixed order
 * @param whenHeld      what it says when a gate holds it, at most one for a kind of gate
 * @param longestWaitMs how long a ring may wait for busy places, in milliseconds; the places may allow less
 */
public record Cue(int formatVersion, String id, String name, String rack, boolean on, List<Pull> pulls,
                  List<Gate> gates, List<HeldAnswer> whenHeld, List<Take> takes, Urgency urgency, long longestWaitMs) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;

    public Cue {
        pulls = List.copyOf(pulls);
        gates = List.copyOf(gates);
        whenHeld = List.copyOf(whenHeld);
        takes = List.copyOf(takes);
    }

    /** The names of values that every pull brings, which its words may therefore use. */
    public Set<String> fields() {
        Set<String> common = new TreeSet<>();
        for (int i = 0; i < pulls.size(); i++) {
            if (i == 0) {
                common.addAll(pulls.get(i).fields());
            } else {
                common.retainAll(pulls.get(i).fields());
            }
        }
        return common;
    }
}
