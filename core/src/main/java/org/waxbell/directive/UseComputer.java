package org.waxbell.directive;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.keys.Verb;

/** Do something on this computer, and report when it is done. @param words as {@link Verb} has them @param limitMs how long it is tried, in milliseconds */
public record UseComputer(String partRun, long meantFor, Verb verb, List<String> words, long limitMs)
        implements Directive {
    private static final long STAND_IN_TAKES_MS = 200;

    public UseComputer {
        words = List.copyOf(words);
    }

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "this computer is not linked";
    }

    @Override
    public Optional<StandIn> standIn() {
        return Optional.of(new StandIn(STAND_IN_TAKES_MS, Map.of()));
    }
}
