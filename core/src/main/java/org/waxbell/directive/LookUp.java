package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;
import org.waxbell.directory.ClipChoice;

/**
 * Find out who somebody is, and report it.
 *
 * @param name    as it was written
 * @param choice  which clip of theirs is wanted
 * @param draw    for a choice by chance
 * @param limitMs when it is told without what has not come by then, in milliseconds
 */
public record LookUp(String partRun, long meantFor, String name, ClipChoice choice, long draw, long limitMs)
        implements Directive {
    private static final long STAND_IN_TAKES_MS = 200;

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public Optional<StandIn> standIn() {
        return Optional.of(new StandIn(STAND_IN_TAKES_MS, Map.of("name", name, "outcome", "known")));
    }
}
