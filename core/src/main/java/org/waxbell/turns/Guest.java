package org.waxbell.turns;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a queue knows of somebody who was up before.
 *
 * @param person   identity
 * @param outcomes how often it ended how
 * @param lastAt   when their last turn ended, milliseconds since 1970 UTC
 */
public record Guest(String person, Map<String, Integer> outcomes, long lastAt) {
    public Guest {
        outcomes = Collections.unmodifiableMap(new TreeMap<>(outcomes));
    }

    Guest ended(String outcome, long at) {
        Map<String, Integer> more = new TreeMap<>(outcomes);
        more.merge(outcome, 1, Integer::sum);
        return new Guest(person, more, at);
    }

    /** How it went before in few words, such as {@code 3 of 4 poured}. @param best the outcome that is hoped for */
    String inWords(String best) {
        int all = outcomes.values().stream().mapToInt(Integer::intValue).sum();
        return outcomes.getOrDefault(best, 0) + " of " + all + " " + best;
    }
}
